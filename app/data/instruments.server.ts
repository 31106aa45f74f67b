import type { Knex } from 'knex'
import { checkState, type CheckState, type Instrument, type InstrumentCheck } from '#core/teardown/instrument.ts'
import { now } from './clock.ts'
import { foldName } from '#core/fold-name.ts'
import { whatIsShown } from './demo.server.ts'
import { database, writableDatabase } from './database.server.ts'
import { ownRepeatsByInstrument } from './gauge-studies.server.ts'
import type { RawInput } from './raw-input.ts'
import { addOnce, changeSeen, type Added, type Changed } from './records.server.ts'

/** A check as it is kept: its reference named, and what was typed. */
export interface StoredCheck extends InstrumentCheck {
  id: string
  /** Name of the known piece. */
  reference: string
  rawInput: RawInput
}

/** An instrument of the user's. */
export interface StoredInstrument extends Instrument {
  /** What it shows at zero, SI; taken off what is read with it. */
  zeroOffset: number
  /** Days after which a check is overdue; null for never. */
  checkIntervalDays: number | null
  /** Taken for its kind when nothing else is said. */
  isDefault: boolean
  rawInput: RawInput
  checks: StoredCheck[]
  check: CheckState
  version: number
}

export type InstrumentFields = Omit<StoredInstrument, 'ownRepeats' | 'zeroOffset' | 'checks' | 'check' | 'version'>

type InstrumentRow = Omit<StoredInstrument, 'ownRepeats' | 'isDefault' | 'rawInput' | 'checks' | 'check'> & {
  isDefault: number
  rawInput: string
}

type CheckRow = Omit<StoredCheck, 'rawInput'> & { instrumentId: string; rawInput: string }

/** All instruments that are shown, the default one of each kind first. */
export const listInstruments = (): Promise<StoredInstrument[]> => select(whatIsShown('instrument'))

/** Those that a specimen can be measured with: instruments of the demo only for the demo. */
export const instrumentsOf = ({ demo }: { demo: number }): Promise<StoredInstrument[]> =>
  select((query) => void query.where('demo', '<=', demo))

async function select(choose: (query: Knex.QueryBuilder) => void): Promise<StoredInstrument[]> {
  const db = await database()
  const rows: InstrumentRow[] = await db('instrument')
    .where(choose)
    .orderBy([{ column: 'kind' }, { column: 'isDefault', order: 'desc' }, { column: 'createdAt' }])
    .select(
      ...['id', 'name', 'kind', 'resolution', 'accuracy', 'zeroOffset', 'isDefault', 'checkIntervalDays', 'rawInput'],
      'version',
    )
  if (rows.length === 0) return []
  const checks: CheckRow[] = await db('instrumentCheck').orderBy('checkedAt', 'desc')
  const ownRepeats = await ownRepeatsByInstrument()
  return rows.map(({ isDefault, rawInput, ...instrument }) => {
    const own = checks
      .filter(({ instrumentId }) => instrumentId === instrument.id)
      .map(({ instrumentId: _, rawInput: typed, ...check }) => ({ ...check, rawInput: JSON.parse(typed) as RawInput }))
    return {
      ...instrument,
      ownRepeats: ownRepeats.get(instrument.id) ?? [],
      isDefault: isDefault === 1,
      rawInput: JSON.parse(rawInput) as RawInput,
      checks: own,
      check: checkState(instrument, own, instrument.checkIntervalDays, now()),
    }
  })
}

/** What the uncertainty of a reading is worked out from, by instrument. */
export async function instrumentsById(): Promise<ReadonlyMap<string, Instrument>> {
  const db = await database()
  const rows: Instrument[] = await db('instrument').orderBy('id').select('id', 'name', 'kind', 'resolution', 'accuracy')
  const ownRepeats = await ownRepeatsByInstrument()
  return new Map(
    rows.map((instrument) => [instrument.id, { ...instrument, ownRepeats: ownRepeats.get(instrument.id) }]),
  )
}

/** An instrument as a row; the first of its kind, or one that is said to be, becomes the default of its kind. */
async function toRow(trx: Knex.Transaction, { isDefault, rawInput, ...fields }: InstrumentFields) {
  const { id, kind } = fields
  const other = await trx('instrument').where({ kind, isDefault: true }).whereNot({ id }).first()
  const becomesDefault = isDefault || !other
  if (becomesDefault) await trx('instrument').where({ kind }).whereNot({ id }).update({ isDefault: false })
  const nameKey = foldName(fields.name)
  return { ...fields, nameKey, isDefault: becomesDefault, rawInput: JSON.stringify(rawInput) }
}

/** Adds an instrument. */
export const addInstrument = (fields: InstrumentFields): Promise<Added> =>
  addOnce({ id: fields.id, content: fields }, async (trx) =>
    trx('instrument').insert({ ...(await toRow(trx, fields)), createdAt: now() }),
  )

/** Changes an instrument of which a version was seen. */
export const changeInstrument = (fields: InstrumentFields, version: number): Promise<Changed> =>
  changeSeen('instrument', { id: fields.id, version }, (trx) => toRow(trx, fields))

/** Sets what an instrument shows at zero. */
export async function saveZeroOffset(id: string, zeroOffset: number): Promise<boolean> {
  const db = await writableDatabase()
  return (await db('instrument').where({ id }).update({ zeroOffset })) > 0
}

export const addCheck = (instrumentId: string, check: StoredCheck): Promise<Added> => {
  const { checkedAt: _, ...content } = check
  const row = { ...check, instrumentId, rawInput: JSON.stringify(check.rawInput) }
  return addOnce({ id: check.id, content: { instrumentId, ...content } }, (trx) => trx('instrumentCheck').insert(row))
}

/** Removes an instrument that no reading names. */
export async function removeInstrument(id: string): Promise<'removed' | 'in-use'> {
  const db = await writableDatabase()
  return db.transaction(async (trx) => {
    if (await trx('reading').where({ instrumentId: id }).first()) return 'in-use'
    await trx('instrument').where({ id }).delete()
    return 'removed'
  })
}
