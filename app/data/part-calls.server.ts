import type { CriterionGroup } from '#core/score/criterion.ts'
import type { PartCall } from '#core/verdict/part-calls.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { forEngine } from './fitments.server.ts'

/** The reviewer's call on a part of two revisions. */
export interface StoredPartCall {
  a: string
  b: string
  part: CriterionGroup
  call: PartCall
}

/** The revision of the lesser id is the first; a call that turns round with it. */
const inOrder = ({ a, b, part, call }: StoredPartCall) =>
  a < b ? { firstId: a, secondId: b, part, call } : { firstId: b, secondId: a, part, call: 0 - call }

/** The calls on two of an application's revisions each. */
export async function listPartCalls(applicationId: string): Promise<StoredPartCall[]> {
  const db = await database()
  const rows: { firstId: string; secondId: string; part: CriterionGroup; call: PartCall }[] = await db('partCall')
    .join('revision', 'revision.id', 'partCall.firstId')
    .join('product', 'product.id', 'revision.productId')
    .modify(forEngine, applicationId)
    .select('firstId', 'secondId', 'part', 'call')
  return rows.map(({ firstId: a, secondId: b, ...rest }) => ({ a, b, ...rest }))
}

/** Keeps a call on a part of two revisions, in place of the one before; none takes it back. */
export async function keepPartCall(call: Omit<StoredPartCall, 'call'> & { call: PartCall | undefined }): Promise<void> {
  const db = await writableDatabase()
  const { call: value, ...row } = inOrder({ ...call, call: call.call ?? 0 })
  if (call.call === undefined) await db('partCall').where(row).delete()
  else
    await db('partCall')
      .insert({ ...row, call: value, calledAt: now() })
      .onConflict(['firstId', 'secondId', 'part'])
      .merge()
}
