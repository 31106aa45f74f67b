import { checkState, type CheckState, type Instrument, type InstrumentCheck } from '#core/teardown/instrument.ts'
import { database, isDuplicate, now } from './database.server.ts'

/** An instrument of the user's. */
export interface OwnInstrument extends Instrument {
  /** What it shows at zero, SI; taken off what is read with it. */
  zero: number
  /** Days after which a check is overdue; null for never. */
  checkDays: number | null
  /** Taken for its kind when nothing else is said. */
  usual: boolean
  checks: (InstrumentCheck & { id: string; piece: string })[]
  check: CheckState
}

export type InstrumentFields = Pick<
  OwnInstrument,
  'id' | 'name' | 'kind' | 'resolution' | 'accuracy' | 'checkDays' | 'usual'
>

interface InstrumentRow extends Instrument {
  zero: number
  checkDays: number | null
  usual: number
}

interface CheckRow extends InstrumentCheck {
  id: string
  instrument: string
  piece: string
}

/** All instruments, the usual one of each kind first. */
export async function listInstruments(): Promise<OwnInstrument[]> {
  const db = await database()
  const rows: InstrumentRow[] = await db('instrument')
    .orderBy([{ column: 'kind' }, { column: 'usual', order: 'desc' }, { column: 'created_at' }])
    .select('id', 'name', 'kind', 'resolution', 'accuracy', 'zero', 'usual', { checkDays: 'check_days' })
  if (rows.length === 0) return []
  const checks: CheckRow[] = await db('instrument_check')
    .orderBy('at', 'desc')
    .select('id', 'at', 'reference', 'reading', 'piece', { instrument: 'instrument_id' })
  return rows.map(({ usual, ...instrument }) => {
    const own = checks.filter((check) => check.instrument === instrument.id)
    return {
      ...instrument,
      usual: usual === 1,
      checks: own,
      check: checkState(instrument, own, instrument.checkDays, now()),
    }
  })
}

/** What the doubt of a reading is worked out from, by instrument. */
export async function instrumentsById(): Promise<ReadonlyMap<string, Instrument>> {
  const db = await database()
  const rows: Instrument[] = await db('instrument').orderBy('id').select('id', 'name', 'kind', 'resolution', 'accuracy')
  return new Map(rows.map((instrument) => [instrument.id, instrument]))
}

/** Adds or changes an instrument; the first of its kind, or one that is said to be usual, becomes the usual one. */
export async function saveInstrument({
  id,
  name,
  kind,
  resolution,
  accuracy,
  checkDays,
  usual,
}: InstrumentFields): Promise<'saved' | 'name-taken'> {
  const db = await database()
  try {
    await db.transaction(async (trx) => {
      const other = await trx('instrument').where({ kind, usual: true }).whereNot({ id }).first()
      const first = usual || !other
      if (first) await trx('instrument').where({ kind }).update({ usual: false })
      const row = { name, kind, resolution, accuracy, check_days: checkDays, usual: first }
      await trx('instrument')
        .insert({ id, ...row, created_at: now() })
        .onConflict('id')
        .merge(Object.keys(row))
    })
    return 'saved'
  } catch (error) {
    if (isDuplicate(error)) return 'name-taken'
    throw error
  }
}

/** Sets what an instrument shows at zero. */
export async function saveZero(id: string, zero: number): Promise<boolean> {
  const db = await database()
  return (await db('instrument').where({ id }).update({ zero })) > 0
}

export async function addCheck(
  instrument: string,
  check: InstrumentCheck & { id: string; piece: string },
): Promise<void> {
  const db = await database()
  await db('instrument_check')
    .insert({ ...check, instrument_id: instrument })
    .onConflict('id')
    .ignore()
}

/** Removes an instrument that no reading names. */
export async function removeInstrument(id: string): Promise<'removed' | 'in-use'> {
  const db = await database()
  return db.transaction(async (trx) => {
    if (await trx('reading').where({ instrument_id: id }).first()) return 'in-use'
    await trx('instrument').where({ id }).delete()
    return 'removed'
  })
}
