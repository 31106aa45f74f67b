import { mean } from 'simple-statistics'
import { catalogue, type IrreversibleStepKey } from '#core/catalogue/index.ts'
import type { LibraryOccurrences } from '#core/compare/occurrence.ts'
import { groupBy } from '#core/group-by.ts'
import type { OpeningGroup } from '#core/teardown/opening-groups.ts'
import type { Reading } from '#core/teardown/reading.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { announceReadings } from './bench-events.server.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { newId } from './id.ts'
import type { StationStart } from './station-starts.server.ts'

/** A reading as it stands in its table. */
export interface ReadingRow extends Omit<Reading, 'valueGroups' | 'voided'> {
  seq: number
  valueGroups: string | null
  voidedAt: string | null
  voidedReason: string | null
  importId: string | null
}

/** Field by field: a line-up reads thousands of rows, and a spread of each takes ten times as long. */
export const toReading = (row: ReadingRow): Reading => ({
  id: row.id,
  specimenId: row.specimenId,
  characteristic: row.characteristic,
  rawInput: row.rawInput,
  unit: row.unit,
  valueNumber: row.valueNumber,
  valueHalf: row.valueHalf,
  valueText: row.valueText,
  valueGroups: row.valueGroups === null ? null : (JSON.parse(row.valueGroups) as OpeningGroup[]),
  atEnd: row.atEnd,
  evidence: row.evidence,
  instrumentId: row.instrumentId,
  zeroOffset: row.zeroOffset,
  source: row.source,
  note: row.note,
  recordedAt: row.recordedAt,
  voided: row.voidedAt === null ? null : { at: row.voidedAt, reason: row.voidedReason },
})

/** All readings of one specimen, oldest first, struck ones too. */
export async function listReadings(specimenId: string): Promise<Reading[]> {
  const db = await database()
  return (await db<ReadingRow>('shownReading').where({ specimenId }).orderBy('seq')).map(toReading)
}

/** All readings of several specimens, oldest first, by specimen. */
export async function listReadingsBySpecimen(specimens: string[]): Promise<Map<string, Reading[]>> {
  const db = await database()
  const all = new Map<string, Reading[]>(specimens.map((id) => [id, []]))
  if (specimens.length === 0) return all
  const rows = await db<ReadingRow>('shownReading').whereIn('specimenId', specimens).orderBy('seq')
  for (const row of rows) all.get(row.specimenId)?.push(toReading(row))
  return all
}

type Optional = 'recordedAt' | 'voided' | 'zeroOffset' | 'valueHalf' | 'atEnd'

export type NewReading = Omit<Reading, Optional> & Partial<Pick<Reading, Optional>>

/** A reading that was taken back in the breath in which it was said. */
export type StruckReading = Pick<
  Reading,
  'rawInput' | 'unit' | 'valueNumber' | 'valueHalf' | 'valueText' | 'valueGroups' | 'atEnd'
>

/** What a reading says of the work beside its value. */
export interface RecordingContext {
  /** What was said first and taken back. */
  struckBefore?: StruckReading[]
  /** Points of no return that lie behind it. */
  passedSteps?: IrreversibleStepKey[]
  /** When the user came to its station. */
  stationStart?: StationStart
}

/**
 * Keeps a reading, and with it the work done by it. The same act a second time is kept once; an id that belongs to
 * another reading is not taken over.
 */
export async function addReading(
  reading: NewReading,
  { struckBefore = [], passedSteps = [], stationStart }: RecordingContext = {},
): Promise<'added' | 'id-in-use'> {
  const db = await writableDatabase()
  const { specimenId } = reading
  const added = await db.transaction(async (trx) => {
    const known: ReadingRow | undefined = await trx('reading').where({ id: reading.id }).first()
    if (known) return isSameAct(known, reading) ? ('added' as const) : ('id-in-use' as const)
    await trx('reading').insert([...struckRows(reading, struckBefore), toReadingRow(reading)])
    if (stationStart)
      await trx('stationStart')
        .insert({ specimenId, ...stationStart })
        .onConflict(['specimenId', 'station'])
        .ignore()
    const steps = passedSteps.map((step) => ({ specimenId, step, passedAt: now() }))
    if (steps.length > 0) await trx('irreversibleStep').insert(steps).onConflict(['specimenId', 'step']).ignore()
    return 'added' as const
  })
  announceReadings(specimenId)
  return added
}

/** Rows of what was taken back before a reading was said, each struck for that reason. */
export const struckRows = (reading: NewReading, struck: readonly StruckReading[]) =>
  struck.map((one) =>
    toReadingRow({ ...reading, ...one, id: newId(), voided: { at: now(), reason: texts.takenBackAsItWasSaid } }),
  )

const isSameAct = (known: ReadingRow, { specimenId, characteristic, rawInput, evidence, unit }: NewReading): boolean =>
  known.specimenId === specimenId &&
  known.characteristic === characteristic &&
  known.rawInput === rawInput &&
  known.evidence === evidence &&
  known.unit === unit

export async function addReadings(readings: NewReading[]): Promise<void> {
  const db = await writableDatabase()
  const rows = readings.map(toReadingRow)
  await db.transaction(async (trx) => {
    for (let start = 0; start < rows.length; start += rowsAtOnce)
      await trx('reading').insert(rows.slice(start, start + rowsAtOnce))
  })
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

/** Strikes a reading; struck already, it stays as it was. */
export async function voidReading(specimenId: string, id: string, reason: string | null): Promise<boolean> {
  const db = await writableDatabase()
  const found = await db('reading').where({ id, specimenId }).first('id')
  if (!found) return false
  await db('reading').where({ id }).whereNull('voidedAt').update({ voidedAt: now(), voidedReason: reason })
  announceReadings(specimenId)
  return true
}

/** Takes a strike back. */
export async function restoreReading(specimenId: string, id: string): Promise<boolean> {
  const db = await writableDatabase()
  const restored = await db('reading').where({ id, specimenId }).update({ voidedAt: null, voidedReason: null })
  announceReadings(specimenId)
  return restored > 0
}

/** So many of the latest readings of a characteristic tell what is usual in the library. */
const latestReadings = 200

/**
 * What the latest readings of the library hold of a characteristic, a value a product; one specimen left out, and all
 * that are of another size class than it.
 */
export async function listLibraryOccurrences(
  characteristic: string,
  { id: without, demo }: { id: string; demo: number },
): Promise<LibraryOccurrences> {
  const db = await database()
  const latest = db('shownReading')
    .where({ characteristic })
    .whereNull('voidedAt')
    .whereNot({ specimenId: without })
    .orderBy('seq', 'desc')
    .limit(latestReadings)
    .select('specimenId', 'valueNumber', 'valueText', 'seq')
    .as('latest')
  const rows: { revisionId: string; valueNumber: number | null; valueText: string | null; sizeClass: string }[] =
    await db
      .from(latest)
      .join('specimen', 'specimen.id', 'latest.specimenId')
      .join('specimenSummary', 'specimenSummary.specimenId', 'specimen.id')
      .join('revision', 'revision.id', 'specimen.revisionId')
      .join('product', 'product.id', 'revision.productId')
      .join('application', 'application.id', 'product.applicationId')
      .where({ 'application.demo': demo })
      .orderBy('latest.seq', 'desc')
      .select('specimen.revisionId', 'latest.valueNumber', 'latest.valueText', 'specimenSummary.sizeClass')
  const own: { sizeClass: string } | undefined = await db('specimenSummary')
    .where({ specimenId: without })
    .first('sizeClass')
  const isAsLarge = (one: { sizeClass: string }) =>
    !own?.sizeClass || one.sizeClass === '' || one.sizeClass === own.sizeClass
  const products = [...groupBy(rows.filter(isAsLarge), ({ revisionId }) => revisionId).values()]
  const numbers = products.flatMap((own) => {
    const values = own.flatMap(({ valueNumber }) => valueNumber ?? [])
    return values.length > 0 ? [mean(values)] : []
  })
  return { numbers, answers: products.flatMap(([first]) => first?.valueText ?? []) }
}

/** Unit and instrument last used, by characteristic. */
export type LastUses = Record<string, { unit: string | null; instrument: string | null }>

/** One question for all characteristics: each is answered by one step into an index. */
const lastUsesSql = `select characteristic, unit, instrument_id from reading where seq in (${catalogue
  .map(
    ({ key }) =>
      `select * from (select seq from shown_reading where characteristic = '${key}' order by seq desc limit 1)`,
  )
  .join(' union all ')})`

/** The unit in which each characteristic was last read, and what with, in any specimen. */
export async function listLastUses(): Promise<LastUses> {
  const db = await database()
  const rows = (await db.raw(lastUsesSql)) as {
    characteristic: string
    unit: string | null
    instrumentId: string | null
  }[]
  return Object.fromEntries(
    rows.map(({ characteristic, unit, instrumentId }) => [characteristic, { unit, instrument: instrumentId }]),
  )
}
