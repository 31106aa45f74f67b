import type { Knex } from 'knex'
import type { VerdictSnapshot } from '#core/verdict/snapshot.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'

export interface Verdict {
  id: string
  schoolId: string
  driverId: string | null
  words: string
  /** Under which it holds, in the reviewer's words. */
  conditions: string
  /** Column that the reviewer puts first all the same; empty for none. */
  overruleColumn: string
  overruleReason: string
  publishedAt: string | null
  snapshot: VerdictSnapshot | null
  updatedAt: string
  version: number
}

/** What the reviewer writes. */
export type VerdictDraft = Omit<Verdict, 'publishedAt' | 'snapshot' | 'updatedAt' | 'version'>

type VerdictRow = Omit<Verdict, 'snapshot'> & { snapshot: string | null }

const toVerdict = ({ snapshot, ...rest }: VerdictRow): Verdict => ({
  ...rest,
  snapshot: snapshot === null ? null : (JSON.parse(snapshot) as VerdictSnapshot),
})

const columns = [
  'id',
  'schoolId',
  'driverId',
  'words',
  'conditions',
  'overruleColumn',
  'overruleReason',
  'publishedAt',
  'snapshot',
  'updatedAt',
  'version',
]

/** Verdicts on an application: the draft, and those that were published, latest first. */
export async function listVerdicts(
  applicationId: string,
): Promise<{ draft: Verdict | undefined; published: Verdict[] }> {
  const db = await database()
  const rows: VerdictRow[] = await db('verdict').where({ applicationId }).orderBy('updatedAt', 'desc').select(columns)
  const verdicts = rows.map(toVerdict)
  return {
    draft: verdicts.find(({ publishedAt }) => publishedAt === null),
    published: verdicts.filter(({ publishedAt }) => publishedAt !== null),
  }
}

/** The draft on an application, when there is one. */
const findDraft = async (db: Knex, applicationId: string): Promise<VerdictRow | undefined> =>
  db('verdict').where({ applicationId, publishedAt: null }).first(columns)

/**
 * Keeps the reviewer's words and overruling, and publishes them with a snapshot when one is given, in one transaction.
 *
 * @param version of the draft that its writer has seen; 0 for none
 * @returns stale when another has kept a draft meanwhile; id-in-use when this very draft was published with other words
 */
export async function saveVerdict(
  applicationId: string,
  draft: VerdictDraft,
  version: number,
  snapshot: VerdictSnapshot | undefined,
): Promise<'saved' | 'stale' | 'id-in-use'> {
  const db = await writableDatabase()
  return db.transaction(async (trx) => {
    const published: VerdictRow | undefined = await trx('verdict')
      .where({ id: draft.id })
      .whereNotNull('publishedAt')
      .first(columns)
    if (published) return hasSameWords(published, draft) ? 'saved' : 'id-in-use'
    const known = await findDraft(trx, applicationId)
    const isAgain = known?.id === draft.id && hasSameWords(known, draft)
    if ((known?.version ?? 0) !== version && !isAgain) return 'stale'
    const { id, ...fields } = draft
    const row = {
      ...fields,
      updatedAt: now(),
      version: (known?.version ?? 0) + 1,
      ...(snapshot && { publishedAt: now(), snapshot: JSON.stringify(snapshot) }),
    }
    if (known) await trx('verdict').where({ id: known.id }).update(row)
    else await trx('verdict').insert({ id, applicationId, ...row })
    return 'saved'
  })
}

const hasSameWords = (known: VerdictRow, draft: VerdictDraft): boolean =>
  known.words === draft.words &&
  known.conditions === draft.conditions &&
  known.overruleColumn === draft.overruleColumn &&
  known.overruleReason === draft.overruleReason &&
  known.schoolId === draft.schoolId &&
  known.driverId === draft.driverId

/** Takes a published verdict back. */
export async function withdrawVerdict(applicationId: string, id: string): Promise<void> {
  const db = await writableDatabase()
  await db('verdict').where({ applicationId, id }).whereNotNull('publishedAt').delete()
}
