import type { KinPartKey } from '#core/kin/kin-parts.ts'
import type { SwapOutcome } from '#core/kin/swap-test.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { addOnce, type Added } from './records.server.ts'

/** A part of one revision that was tried in another. */
export interface StoredSwapTest {
  id: string
  fromRevision: string
  intoRevision: string
  part: KinPartKey
  outcome: SwapOutcome
  /** In general words; empty for the reviewer. */
  triedBy: string
  note: string
}

/** All trials of parts, oldest first. */
export async function listSwapTests(): Promise<StoredSwapTest[]> {
  const db = await database()
  return db('swapTest')
    .orderBy('createdAt')
    .select('id', 'fromRevision', 'intoRevision', 'part', 'outcome', 'triedBy', 'note')
}

export const addSwapTest = (test: StoredSwapTest): Promise<Added> =>
  addOnce({ id: test.id, content: test }, (trx) => trx('swapTest').insert({ ...test, createdAt: now() }))

export async function removeSwapTest(id: string): Promise<void> {
  const db = await writableDatabase()
  await db('swapTest').where({ id }).delete()
}
