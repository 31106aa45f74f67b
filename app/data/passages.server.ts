import type { NoReturnKey } from '#core/catalogue/index.ts'
import { database, now } from './database.server.ts'

export interface Passage {
  point: NoReturnKey
  at: string
  /** Why the user went on with readings missing. */
  reason: string
  /** Keys of what was lost by it. */
  missing: string[]
}

export async function listPassages(specimen: string): Promise<Passage[]> {
  const db = await database()
  const rows: (Omit<Passage, 'missing'> & { missing: string })[] = await db('passage')
    .where({ specimen_id: specimen })
    .orderBy('at')
    .select('point', 'at', 'reason', 'missing')
  return rows.map(({ missing, ...rest }) => ({ ...rest, missing: JSON.parse(missing) as string[] }))
}

/** Keeps that a point of no return was passed; the first time counts. */
export async function addPassage(specimen: string, { point, reason, missing }: Omit<Passage, 'at'>): Promise<void> {
  const db = await database()
  await db('passage')
    .insert({ specimen_id: specimen, point, reason, missing: JSON.stringify(missing), at: now() })
    .onConflict(['specimen_id', 'point'])
    .ignore()
}
