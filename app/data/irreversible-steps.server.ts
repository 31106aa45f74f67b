import type { IrreversibleStepKey } from '#core/catalogue/index.ts'
import { groupBy } from '#core/group-by.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'

export interface IrreversibleStepRecord {
  step: IrreversibleStepKey
  passedAt: string
  /** Why the user went on with readings missing. */
  reason: string
  /** Keys of what was lost by it. */
  missing: string[]
}

export async function listIrreversibleSteps(specimenId: string): Promise<IrreversibleStepRecord[]> {
  const db = await database()
  const rows: (Omit<IrreversibleStepRecord, 'missing'> & { missing: string })[] = await db('irreversibleStep')
    .where({ specimenId })
    .orderBy('passedAt')
    .select('step', 'passedAt', 'reason', 'missing')
  return rows.map(({ missing, ...rest }) => ({ ...rest, missing: JSON.parse(missing) as string[] }))
}

/** Points of no return that were noted, by specimen. */
export async function listStepsBySpecimen(specimens: string[]): Promise<Map<string, IrreversibleStepKey[]>> {
  const db = await database()
  const rows = await db<{ specimenId: string; step: IrreversibleStepKey }>('irreversibleStep')
    .whereIn('specimenId', specimens)
    .select('specimenId', 'step')
  const bySpecimen = groupBy(rows, ({ specimenId }) => specimenId)
  return new Map([...bySpecimen].map(([id, own]) => [id, own.map(({ step }) => step)]))
}

/** Keeps that an irreversible step was passed; the first time counts. */
export async function addIrreversibleStep(
  specimenId: string,
  { step, reason, missing }: Omit<IrreversibleStepRecord, 'passedAt'>,
): Promise<void> {
  const db = await writableDatabase()
  await db('irreversibleStep')
    .insert({ specimenId, step, reason, missing: JSON.stringify(missing), passedAt: now() })
    .onConflict(['specimenId', 'step'])
    .ignore()
}
