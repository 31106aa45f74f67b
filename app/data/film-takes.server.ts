import { characteristicOf, stations } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Moment } from '#core/review/film.ts'
import { readingValue } from '#core/teardown/reading.ts'
import { listReadings } from './readings.server.ts'
import { listSpecimens, type Specimen } from './specimens.server.ts'
import { listStationStarts } from './station-starts.server.ts'

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
  const moments: Moment[] = [
    ...starts.map(({ station, startedAt }) => ({
      at: startedAt,
      text: `${name}: ${(stations.find(({ key }) => key === station)?.label ?? station).toLowerCase()}`,
      isChapter: true,
    })),
    ...readings
      .filter(({ voided }) => voided === null)
      .map((reading) => {
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
