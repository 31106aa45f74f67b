import { gaugeStudy, type GaugeStudy, type StudyReading } from '#core/quantity/gauge-study.ts'
import { groupBy } from '#core/group-by.ts'
import type { OwnRepeats } from '#core/teardown/instrument.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { addOnce, type Added } from './records.server.ts'

/** A reading of a study with what was typed; SI. */
export interface StoredStudyReading extends StudyReading {
  typed: string
}

/** A gauge study as it is kept. */
export interface StoredGaugeStudy {
  id: string
  instrumentId: string
  characteristic: string
  readings: StoredStudyReading[]
  /** Whole width, SI. */
  tolerance: number | null
  createdAt: string
  study: GaugeStudy
}

export type GaugeStudyFields = Omit<StoredGaugeStudy, 'createdAt' | 'study'>

/** All gauge studies, the latest first. */
export async function listGaugeStudies(): Promise<StoredGaugeStudy[]> {
  const db = await database()
  const rows: (Omit<StoredGaugeStudy, 'readings' | 'study'> & { readings: string })[] = await db('gaugeStudy')
    .orderBy('createdAt', 'desc')
    .select()
  return rows.flatMap(({ readings: text, ...row }) => {
    const readings = JSON.parse(text) as StoredStudyReading[]
    const study = gaugeStudy(readings)
    return study.ok ? [{ ...row, readings, study: study.value }] : []
  })
}

/** What is known of one's own hand, by instrument. */
export async function ownRepeatsByInstrument(): Promise<ReadonlyMap<string, OwnRepeats[]>> {
  const byInstrument = groupBy(await listGaugeStudies(), ({ instrumentId }) => instrumentId)
  return new Map(
    [...byInstrument].map(([instrument, studies]) => [
      instrument,
      studies.map(({ characteristic, study: { repeatability: deviation, degrees } }) => ({
        characteristic,
        deviation,
        degrees,
      })),
    ]),
  )
}

export const addGaugeStudy = (fields: GaugeStudyFields): Promise<Added> =>
  addOnce({ id: fields.id, content: fields }, (trx) =>
    trx('gaugeStudy').insert({ ...fields, readings: JSON.stringify(fields.readings), createdAt: now() }),
  )

export async function removeGaugeStudy(id: string): Promise<boolean> {
  const db = await writableDatabase()
  return (await db('gaugeStudy').where({ id }).delete()) > 0
}
