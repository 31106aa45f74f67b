import type { Knex } from 'knex'
import { catalogue, type IrreversibleStepKey } from '#core/catalogue/index.ts'
import type { OpeningGroup } from '#core/teardown/openings.ts'
import type { Reading } from '#core/teardown/reading.ts'
import { now } from './clock.ts'
import { database } from './database.server.ts'
import type { StationStart } from './station-starts.server.ts'

interface ReadingRow extends Omit<Reading, 'valueGroups' | 'voided'> {
  seq: number
  valueGroups: string | null
  voidedAt: string | null
  voidedReason: string | null
}

const toReading = ({ seq: _, valueGroups, voidedAt, voidedReason, ...reading }: ReadingRow): Reading => ({
  ...reading,
  valueGroups: valueGroups === null ? null : (JSON.parse(valueGroups) as OpeningGroup[]),
  voided: voidedAt === null ? null : { at: voidedAt, reason: voidedReason },
})

/** All readings of one specimen, oldest first, struck ones too. */
export async function listReadings(specimenId: string): Promise<Reading[]> {
  const db = await database()
  return (await db<ReadingRow>('reading').where({ specimenId }).orderBy('seq')).map(toReading)
}

/** All readings of several specimens, oldest first, by specimen. */
export async function listReadingsBySpecimen(specimens: string[]): Promise<Map<string, Reading[]>> {
  const db = await database()
  const all = new Map<string, Reading[]>(specimens.map((id) => [id, []]))
  const rows = await db<ReadingRow>('reading').whereIn('specimenId', specimens).orderBy('seq')
  for (const row of rows) all.get(row.specimenId)?.push(toReading(row))
  return all
}

/** What tells whether a specimen's readings have changed: count, latest, and latest strike. */
export async function readingVersions(specimens: string[]): Promise<Map<string, string>> {
  const db = await database()
  const rows: { id: string; version: string }[] = await db('reading')
    .whereIn('specimenId', specimens)
    .groupBy('specimenId')
    .select({
      id: 'specimenId',
      version: db.raw(
        [
          'count(*)',
          'max(seq)',
          'count(voided_at)',
          'total(case when voided_at is null then 0 else seq end)',
          "coalesce(max(voided_at), '')",
        ].join(" || ' ' || "),
      ),
    })
  return new Map(rows.map(({ id, version }) => [id, version]))
}

export type NewReading = Omit<Reading, 'recordedAt' | 'voided' | 'zeroOffset'> &
  Partial<Pick<Reading, 'recordedAt' | 'voided' | 'zeroOffset'>>

/** What a reading says of the work beside its value. */
export interface RecordingContext {
  /** Points of no return that lie behind it. */
  passedSteps?: IrreversibleStepKey[]
  /** When the user came to its station. */
  stationStart?: StationStart
}

/** Keeps a reading. The same id twice is the same act and is kept once. The work done by it is kept with it. */
export async function addReading(
  reading: NewReading,
  { passedSteps = [], stationStart }: RecordingContext = {},
): Promise<void> {
  const db = await database()
  const { specimenId } = reading
  await db.transaction(async (trx) => {
    await insert(trx, [reading])
    if (stationStart)
      await trx('stationStart')
        .insert({ specimenId, ...stationStart })
        .onConflict(['specimenId', 'station'])
        .ignore()
    if (passedSteps.length === 0) return
    const steps = passedSteps.map((step) => ({ specimenId, step, passedAt: now() }))
    await trx('irreversibleStep').insert(steps).onConflict(['specimenId', 'step']).ignore()
  })
}

export async function addReadings(readings: NewReading[]): Promise<void> {
  const db = await database()
  await db.transaction((trx) => insert(trx, readings))
}

/** A reading as a row of its table. */
export const toReadingRow = ({ valueGroups, recordedAt, voided = null, ...rest }: NewReading) => ({
  ...rest,
  valueGroups: valueGroups === null ? null : JSON.stringify(valueGroups),
  recordedAt: recordedAt ?? now(),
  voidedAt: voided?.at ?? null,
  voidedReason: voided?.reason ?? null,
})

const rowsAtOnce = 50

async function insert(db: Knex, readings: NewReading[]): Promise<void> {
  const rows = readings.map(toReadingRow)
  for (let start = 0; start < rows.length; start += rowsAtOnce) {
    await db('reading')
      .insert(rows.slice(start, start + rowsAtOnce))
      .onConflict('id')
      .ignore()
  }
}

/** Strikes a reading; struck already, it stays as it was. */
export async function voidReading(specimenId: string, id: string, reason: string | null): Promise<boolean> {
  const db = await database()
  const found = await db('reading').where({ id, specimenId }).first('id')
  if (!found) return false
  await db('reading').where({ id }).whereNull('voidedAt').update({ voidedAt: now(), voidedReason: reason })
  return true
}

/** Takes a strike back. */
export async function restoreReading(specimenId: string, id: string): Promise<boolean> {
  const db = await database()
  return (await db('reading').where({ id, specimenId }).update({ voidedAt: null, voidedReason: null })) > 0
}

/** Mean value of a characteristic, specimen by specimen, over the library; one specimen left out. */
export async function listLibraryValues(characteristic: string, without: string): Promise<number[]> {
  const db = await database()
  const rows: { value: number }[] = await db('reading')
    .where({ characteristic })
    .whereNull('voidedAt')
    .whereNotNull('valueNumber')
    .whereNot({ specimenId: without })
    .groupBy('specimenId')
    .avg({ value: 'valueNumber' })
  return rows.map(({ value }) => value)
}

/** Unit and instrument last used, by characteristic. */
export type LastUses = Record<string, { unit: string | null; instrument: string | null }>

/** The unit in which each characteristic was last read, and what with, in any specimen. */
export async function listLastUses(): Promise<LastUses> {
  const db = await database()
  const latest = catalogue.map(({ key }) => db('reading').where({ characteristic: key }).max('seq'))
  const rows: { characteristic: string; unit: string | null; instrument: string | null }[] = await db('reading')
    .whereIn('seq', (all) => void all.unionAll(latest))
    .select({ characteristic: 'characteristic', unit: 'unit', instrument: 'instrumentId' })
  return Object.fromEntries(rows.map(({ characteristic, ...use }) => [characteristic, use]))
}
