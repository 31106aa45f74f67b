import { catalogue, type NoReturnKey } from '#core/catalogue/index.ts'
import type { OpeningGroup } from '#core/teardown/openings.ts'
import type { Reading } from '#core/teardown/reading.ts'
import { database, now } from './database.server.ts'
import type { Start } from './starts.server.ts'

interface ReadingRow {
  seq: number
  id: string
  specimen_id: string
  characteristic: string
  typed: string
  unit: string | null
  number: number | null
  text: string | null
  groups: string | null
  evidence: Reading['evidence']
  instrument_id: string | null
  zero: number | null
  source: string | null
  note: string | null
  at: string
  struck_at: string | null
  struck_why: string | null
}

const fromRow = (row: ReadingRow): Reading => ({
  id: row.id,
  specimen: row.specimen_id,
  characteristic: row.characteristic,
  typed: row.typed,
  unit: row.unit,
  number: row.number,
  text: row.text,
  groups: row.groups === null ? null : (JSON.parse(row.groups) as OpeningGroup[]),
  evidence: row.evidence,
  instrument: row.instrument_id,
  zero: row.zero,
  source: row.source,
  note: row.note,
  at: row.at,
  struck: row.struck_at === null ? null : { at: row.struck_at, why: row.struck_why },
})

/** All readings of one specimen, oldest first, struck ones too. */
export async function listReadings(specimen: string): Promise<Reading[]> {
  const db = await database()
  return (await db<ReadingRow>('reading').where({ specimen_id: specimen }).orderBy('seq')).map(fromRow)
}

/** All readings of several specimens, oldest first, by specimen. */
export async function listReadingsBySpecimen(specimens: string[]): Promise<Map<string, Reading[]>> {
  const db = await database()
  const all = new Map<string, Reading[]>(specimens.map((id) => [id, []]))
  const rows = await db<ReadingRow>('reading').whereIn('specimen_id', specimens).orderBy('seq')
  for (const row of rows) all.get(row.specimen_id)!.push(fromRow(row))
  return all
}

/** What tells whether a specimen's readings have changed: count, latest, and latest strike. */
export async function readingMarks(specimens: string[]): Promise<Map<string, string>> {
  const db = await database()
  const rows: { id: string; mark: string }[] = await db('reading')
    .whereIn('specimen_id', specimens)
    .groupBy('specimen_id')
    .select({
      id: 'specimen_id',
      mark: db.raw(
        "count(*) || ' ' || max(seq) || ' ' || count(struck_at) || ' ' || total(case when struck_at is null then 0 else seq end) || ' ' || coalesce(max(struck_at), '')",
      ),
    })
  return new Map(rows.map(({ id, mark }) => [id, mark]))
}

export type NewReading = Omit<Reading, 'at' | 'struck' | 'zero'> & { at?: string; zero?: number | null }

/** What a reading says of the work beside its value. */
export interface WorkDone {
  /** Points of no return that lie behind it. */
  passed?: NoReturnKey[]
  /** When the user came to its station. */
  began?: Start
}

/** Keeps a reading. The same id twice is the same act and is kept once. The work done by it is kept with it. */
export async function addReading(reading: NewReading, { passed = [], began }: WorkDone = {}): Promise<void> {
  const db = await database()
  const { specimen } = reading
  await db.transaction(async (trx) => {
    await insert(trx, [reading])
    if (began)
      await trx('station_start')
        .insert({ specimen_id: specimen, ...began })
        .onConflict(['specimen_id', 'station'])
        .ignore()
    if (passed.length === 0) return
    const passages = passed.map((point) => ({ specimen_id: specimen, point, at: now() }))
    await trx('passage').insert(passages).onConflict(['specimen_id', 'point']).ignore()
  })
}

export async function addReadings(readings: NewReading[]): Promise<void> {
  const db = await database()
  await db.transaction((trx) => insert(trx, readings))
}

async function insert(db: import('knex').Knex, readings: NewReading[]): Promise<void> {
  const rows = readings.map(({ specimen, instrument, groups, at, ...rest }) => ({
    ...rest,
    specimen_id: specimen,
    instrument_id: instrument,
    groups: groups === null ? null : JSON.stringify(groups),
    at: at ?? now(),
  }))
  for (let start = 0; start < rows.length; start += 50) {
    await db('reading')
      .insert(rows.slice(start, start + 50))
      .onConflict('id')
      .ignore()
  }
}

/** Strikes a reading; struck already, it stays as it was. */
export async function strikeReading(specimen: string, id: string, why: string | null): Promise<boolean> {
  const db = await database()
  const found = await db('reading').where({ id, specimen_id: specimen }).first('id')
  if (!found) return false
  await db('reading').where({ id }).whereNull('struck_at').update({ struck_at: now(), struck_why: why })
  return true
}

/** Takes a strike back. */
export async function restoreReading(specimen: string, id: string): Promise<boolean> {
  const db = await database()
  return (await db('reading').where({ id, specimen_id: specimen }).update({ struck_at: null, struck_why: null })) > 0
}

/** Mean value of a characteristic, specimen by specimen, over the library; one specimen left out. */
export async function listValues(characteristic: string, without: string): Promise<number[]> {
  const db = await database()
  const rows: { value: number }[] = await db('reading')
    .where({ characteristic })
    .whereNull('struck_at')
    .whereNotNull('number')
    .whereNot({ specimen_id: without })
    .groupBy('specimen_id')
    .avg({ value: 'number' })
  return rows.map(({ value }) => value)
}

/** The unit in which each characteristic was last read, and what with, in any specimen. */
export async function lastUses(): Promise<Record<string, { unit: string | null; instrument: string | null }>> {
  const db = await database()
  const latest = catalogue.map(({ key }) => db('reading').where({ characteristic: key }).max('seq'))
  const rows: { characteristic: string; unit: string | null; instrument: string | null }[] = await db('reading')
    .whereIn('seq', (all) => void all.unionAll(latest))
    .select({ characteristic: 'characteristic', unit: 'unit', instrument: 'instrument_id' })
  return Object.fromEntries(rows.map(({ characteristic, ...use }) => [characteristic, use]))
}
