import { characteristicOf } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import { reservationOf } from '#core/review/inserted-values.ts'
import { followTheBench, type AirBench, type AirControl } from '#core/review/on-air.ts'
import { readingValue } from '#core/teardown/reading.ts'
import { announceControl } from './bench-events.server.ts'
import { database } from './database.server.ts'
import { listReadings } from './readings.server.ts'
import { findSpecimen } from './specimens.server.ts'

/** How the pictures of each engine are driven, as long as the server runs. */
const controls = new Map<string, AirControl>()

type AirChange = { [Name in keyof AirControl]?: AirControl[Name] | undefined }

export const airControl = (applicationId: string): AirControl => controls.get(applicationId) ?? followTheBench

/** Drives the pictures of an engine otherwise; what is not said stays as it is. */
export function driveAir(applicationId: string, { isHidden, held, compares, delay }: AirChange): void {
  const before = airControl(applicationId)
  controls.set(applicationId, {
    isHidden: isHidden ?? before.isHidden,
    held: held ?? before.held,
    compares: compares ?? before.compares,
    delay: delay ?? before.delay,
  })
  announceControl(applicationId)
}

/** So many of the latest readings go along: whoever comes back finds what was missed. */
const latest = 60

/** What lies on the bench of an engine: the specimen that was read last. */
export async function airBench(applicationId: string, units: UnitHabit): Promise<AirBench | undefined> {
  const db = await database()
  const last: { specimenId: string } | undefined = await db('shownReading')
    .join('specimen', 'specimen.id', 'shownReading.specimenId')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .join('product', 'product.id', 'revision.productId')
    .where({ 'product.applicationId': applicationId })
    .orderBy('shownReading.seq', 'desc')
    .first('shownReading.specimenId')
  const specimen = last && (await findSpecimen(last.specimenId))
  if (!specimen) return undefined
  const readings = await listReadings(specimen.id)
  return {
    specimenId: specimen.id,
    product: `${specimen.brand} ${specimen.partNumber}`,
    readings: readings
      .filter(({ voided }) => voided === null)
      .slice(-latest)
      .map((reading) => {
        const characteristic = characteristicOf(reading.characteristic)
        return {
          id: reading.id,
          key: characteristic.key,
          label: characteristic.label,
          text: formatValue(characteristic, readingValue(reading), units),
          reservation: reservationOf(reading.evidence),
        }
      }),
  }
}
