import type { VerdictSnapshot } from '#core/verdict/snapshot.ts'
import { now } from './clock.ts'
import { database } from './database.server.ts'

export interface Verdict {
  id: string
  schoolId: string
  driverId: string | null
  words: string
  /** Column that the reviewer puts first all the same; empty for none. */
  overruleColumn: string
  overruleReason: string
  publishedAt: string | null
  snapshot: VerdictSnapshot | null
  updatedAt: string
}

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
  'overruleColumn',
  'overruleReason',
  'publishedAt',
  'snapshot',
  'updatedAt',
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

/** Keeps the reviewer's words and overruling; the same id is the same draft. */
export async function saveVerdictDraft(
  applicationId: string,
  { id, ...fields }: Omit<Verdict, 'publishedAt' | 'snapshot' | 'updatedAt'>,
): Promise<void> {
  const db = await database()
  const row = { ...fields, updatedAt: now() }
  await db.transaction(async (trx) => {
    const draft: { id: string } | undefined = await trx('verdict')
      .where({ applicationId, publishedAt: null })
      .first('id')
    if (draft) await trx('verdict').where({ id: draft.id }).update(row)
    else await trx('verdict').insert({ id, applicationId, ...row })
  })
}

/** Publishes the draft as it stands. */
export async function publishVerdict(applicationId: string, snapshot: VerdictSnapshot): Promise<boolean> {
  const db = await database()
  const changed = await db('verdict')
    .where({ applicationId, publishedAt: null })
    .update({ publishedAt: now(), snapshot: JSON.stringify(snapshot) })
  return changed > 0
}

/** Takes a published verdict back. */
export async function withdrawVerdict(applicationId: string, id: string): Promise<void> {
  const db = await database()
  await db('verdict').where({ applicationId, id }).whereNotNull('publishedAt').delete()
}
