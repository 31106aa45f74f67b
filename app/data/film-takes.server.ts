import { characteristicOf, stations, type StationKey } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import { momentsByRun, type Moment } from '#core/review/film.ts'
import { cameraRuns, type CameraRun } from '#core/teardown/camera-runs.ts'
import { readingValue, type Reading } from '#core/teardown/reading.ts'
import * as texts from '#app/texts/bench.ts'
import { listCameraPauses } from './camera.server.ts'
import { listReadings } from './readings.server.ts'
import { listSpecimens, type Specimen } from './specimens.server.ts'
import { listStationStarts, type StationStart } from './station-starts.server.ts'

/** A take of a specimen: what happened while the camera ran. */
export interface FilmedTake extends CameraRun {
  /** Of the specimen, and which of its takes. */
  id: string
  name: string
  moments: Moment[]
}

/** The takes of specimens of products that were filmed, in their order. Notes are private: they stay. */
export async function listFilmed(
  applicationId: string,
  productIds: readonly string[],
  units: UnitHabit,
): Promise<FilmedTake[]> {
  const specimens = (await listSpecimens(applicationId)).filter(
    ({ filmingAt, productId }) => filmingAt !== null && productIds.includes(productId),
  )
  const filmed = await Promise.all(specimens.map((specimen) => takesOfSpecimen(specimen, units)))
  return filmed.flat().sort((a, b) => a.startsAt.localeCompare(b.startsAt))
}

async function takesOfSpecimen({ id, brand, partNumber, label, filmingAt }: Specimen, units: UnitHabit) {
  const [readings, starts, pauses] = await Promise.all([listReadings(id), listStationStarts(id), listCameraPauses(id)])
  const runs = cameraRuns(filmingAt, pauses)
  const name = `${brand} ${partNumber}`
  const standing = readings.filter(({ voided }) => voided === null)
  const moments: Moment[] = [
    ...[...stationBeginnings(starts, standing)].map(([station, at]) => ({
      at,
      text: `${name}: ${(stations.find(({ key }) => key === station)?.label ?? station).toLowerCase()}`,
      isChapter: true,
    })),
    ...standing.map((reading) => {
      const characteristic = characteristicOf(reading.characteristic)
      const value = formatValue(characteristic, readingValue(reading), units)
      return {
        at: reading.recordedAt,
        text: `${name}: ${characteristic.label.toLowerCase()} ${value}`,
        isChapter: false,
      }
    }),
  ]
  return momentsByRun(runs, moments).flatMap((own, index): FilmedTake[] => {
    const run = runs[index]
    const take = runs.length > 1 ? texts.take(index + 1) : ''
    return run
      ? [{ ...run, id: index === 0 ? id : `${id} ${index + 1}`, name: `${name} ${label}${take}`, moments: own }]
      : []
  })
}

/** When each station began: when that was noted, else with its first reading. */
function stationBeginnings(starts: readonly StationStart[], readings: readonly Reading[]): Map<StationKey, string> {
  const beginnings = new Map<StationKey, string>()
  const note = (station: StationKey, at: string) => {
    const known = beginnings.get(station)
    if (known === undefined || at < known) beginnings.set(station, at)
  }
  for (const { characteristic, recordedAt } of readings) note(characteristicOf(characteristic).station, recordedAt)
  for (const { station, startedAt } of starts) beginnings.set(station, startedAt)
  return beginnings
}
