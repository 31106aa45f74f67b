import { characteristicOf, stations, type StationKey } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Moment } from '#core/review/film.ts'
import { readingValue, type Reading } from '#core/teardown/reading.ts'
import { listReadings } from './readings.server.ts'
import { listSpecimens, type Specimen } from './specimens.server.ts'
import { listStationStarts, type StationStart } from './station-starts.server.ts'

/** A specimen that was filmed: what happened, from when the camera began to run. */
export interface FilmedSpecimen {
  id: string
  name: string
  startsAt: string
  moments: Moment[]
}

/** The specimens of products that were filmed, in the order in which they were. Notes are private: they stay. */
export async function listFilmed(
  applicationId: string,
  productIds: readonly string[],
  units: UnitHabit,
): Promise<FilmedSpecimen[]> {
  const specimens = (await listSpecimens(applicationId)).filter(
    ({ filmingAt, productId }) => filmingAt !== null && productIds.includes(productId),
  )
  const filmed = await Promise.all(specimens.map((specimen) => filmedSpecimen(specimen, units)))
  return filmed.sort((a, b) => a.startsAt.localeCompare(b.startsAt))
}

async function filmedSpecimen({ id, brand, partNumber, label, filmingAt }: Specimen, units: UnitHabit) {
  const [readings, starts] = await Promise.all([listReadings(id), listStationStarts(id)])
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
  return { id, name: `${name} ${label}`, startsAt: filmingAt ?? '', moments }
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
