import { characteristicOf, irreversibleStep, partLabel, stations } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import { readingValue, type Reading } from '#core/teardown/reading.ts'
import type { IrreversibleStepRecord } from '#app/data/irreversible-steps.server.ts'
import type { Note } from '#app/data/notes.server.ts'
import type { Photo } from '#app/data/photos.server.ts'
import type { StationStart } from '#app/data/station-starts.server.ts'
import * as texts from '#app/texts/specimen.ts'

/** One line of a log. */
export interface LogEntry {
  at: string
  kind: 'Station' | 'Reading' | 'No return' | 'Note' | 'Photo'
  text: string
  isVoided: boolean
  /** Where a reading is taken. */
  station?: string
}

interface Log {
  readings: Reading[]
  starts: StationStart[]
  steps: IrreversibleStepRecord[]
  notes: Note[]
  photos: Photo[]
}

/** Everything that happened to a specimen, in the order it happened. */
export function logEntries({ readings, starts, steps, notes, photos }: Log, system: UnitHabit): LogEntry[] {
  const stationLabels = new Map<string, string>(stations.map(({ key, label }) => [key, label]))
  const entry = (at: string, kind: LogEntry['kind'], text: string, isVoided = false): LogEntry => ({
    at,
    kind,
    text,
    isVoided,
  })
  return [
    ...starts.map(({ station, startedAt }) =>
      entry(startedAt, 'Station', texts.begins(stationLabels.get(station) ?? station)),
    ),
    ...readings.map((reading) => {
      const characteristic = characteristicOf(reading.characteristic)
      const text = `${characteristic.label} ${formatValue(characteristic, readingValue(reading), system)}`
      const station = stationLabels.get(characteristic.station)
      return { ...entry(reading.recordedAt, 'Reading', text, reading.voided !== null), ...(station && { station }) }
    }),
    ...steps.map(({ passedAt, step, reason }) =>
      entry(passedAt, 'No return', [irreversibleStep(step).done, reason].filter(Boolean).join(': ')),
    ),
    ...notes.map(({ recordedAt, part, text }) => entry(recordedAt, 'Note', `${partLabel(part)}: ${text}`)),
    ...photos.map(({ recordedAt, part, name }) => entry(recordedAt, 'Photo', `${partLabel(part)}: ${name}`)),
  ].sort((a, b) => a.at.localeCompare(b.at) || Number(b.kind === 'Station') - Number(a.kind === 'Station'))
}
