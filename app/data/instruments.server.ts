import { checkState, type CheckState, type Instrument, type InstrumentCheck } from '#core/teardown/instrument.ts'
import { now } from './clock.ts'
import { database, savedUnlessTaken, upsert } from './database.server.ts'
import type { RawInput } from './raw-input.ts'

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
}

export type InstrumentFields = Omit<StoredInstrument, 'zeroOffset' | 'checks' | 'check'>

type InstrumentRow = Omit<StoredInstrument, 'isDefault' | 'rawInput' | 'checks' | 'check'> & {
  isDefault: number
  rawInput: string
}

type CheckRow = Omit<StoredCheck, 'rawInput'> & { instrumentId: string; rawInput: string }

/** All instruments, the default one of each kind first. */
export async function listInstruments(): Promise<StoredInstrument[]> {
  const db = await database()
  const rows: InstrumentRow[] = await db('instrument')
    .orderBy([{ column: 'kind' }, { column: 'isDefault', order: 'desc' }, { column: 'createdAt' }])
    .select('id', 'name', 'kind', 'resolution', 'accuracy', 'zeroOffset', 'isDefault', 'checkIntervalDays', 'rawInput')
  if (rows.length === 0) return []
  const checks: CheckRow[] = await db('instrumentCheck').orderBy('checkedAt', 'desc')
  return rows.map(({ isDefault, rawInput, ...instrument }) => {
    const own = checks
      .filter(({ instrumentId }) => instrumentId === instrument.id)
      .map(({ instrumentId: _, rawInput: typed, ...check }) => ({ ...check, rawInput: JSON.parse(typed) as RawInput }))
    return {
      ...instrument,
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
  return new Map(rows.map((instrument) => [instrument.id, instrument]))
}

/** Adds or changes an instrument; the first of its kind, or one that is said to be, becomes the default of its kind. */
export async function saveInstrument({ isDefault, rawInput, ...fields }: InstrumentFields): Promise<'saved' | 'taken'> {
  const db = await database()
  const { id, kind } = fields
  return savedUnlessTaken(() =>
    db.transaction(async (trx) => {
      const other = await trx('instrument').where({ kind, isDefault: true }).whereNot({ id }).first()
      const becomesDefault = isDefault || !other
      if (becomesDefault) await trx('instrument').where({ kind }).update({ isDefault: false })
      await upsert(trx, 'instrument', { ...fields, isDefault: becomesDefault, rawInput: JSON.stringify(rawInput) })
    }),
  )
}

/** Sets what an instrument shows at zero. */
export async function saveZeroOffset(id: string, zeroOffset: number): Promise<boolean> {
  const db = await database()
  return (await db('instrument').where({ id }).update({ zeroOffset })) > 0
}

export async function addCheck(instrumentId: string, check: StoredCheck): Promise<void> {
  const db = await database()
  await db('instrumentCheck')
    .insert({ ...check, instrumentId, rawInput: JSON.stringify(check.rawInput) })
    .onConflict('id')
    .ignore()
}

/** Removes an instrument that no reading names. */
export async function removeInstrument(id: string): Promise<'removed' | 'in-use'> {
  const db = await database()
  return db.transaction(async (trx) => {
    if (await trx('reading').where({ instrumentId: id }).first()) return 'in-use'
    await trx('instrument').where({ id }).delete()
    return 'removed'
  })
}
