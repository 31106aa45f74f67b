import type { Frozen } from '#core/verdict/freeze.ts'
import { database, now } from './database.server.ts'

export interface Verdict {
  id: string
  school: string
  driver: string | null
  words: string
  /** Column that the reviewer puts first all the same; empty for none. */
  overrule: string
  overruleReason: string
  publishedAt: string | null
  frozen: Frozen | null
  at: string
}

interface VerdictRow {
  id: string
  school_id: string
  driver_id: string | null
  words: string
  overrule: string
  overrule_reason: string
  published_at: string | null
  frozen: string | null
  at: string
}

const fromRow = ({ school_id, driver_id, overrule_reason, published_at, frozen, ...rest }: VerdictRow): Verdict => ({
  ...rest,
  school: school_id,
  driver: driver_id,
  overruleReason: overrule_reason,
  publishedAt: published_at,
  frozen: frozen === null ? null : (JSON.parse(frozen) as Frozen),
})

const columns = ['id', 'school_id', 'driver_id', 'words', 'overrule', 'overrule_reason', 'published_at', 'frozen', 'at']

/** Verdicts on an application: the draft, and those that were published, latest first. */
export async function listVerdicts(application: string): Promise<{ draft: Verdict | undefined; published: Verdict[] }> {
  const db = await database()
  const rows = (
    (await db('verdict').where({ application_id: application }).orderBy('at', 'desc').select(columns)) as VerdictRow[]
  ).map(fromRow)
  return {
    draft: rows.find(({ publishedAt }) => publishedAt === null),
    published: rows.filter(({ publishedAt }) => publishedAt !== null),
  }
}

/** Keeps the reviewer's words and overruling; the same id is the same draft. */
export async function saveDraft(
  application: string,
  { id, school, driver, words, overrule, overruleReason }: Omit<Verdict, 'publishedAt' | 'frozen' | 'at'>,
): Promise<void> {
  const db = await database()
  const row = { school_id: school, driver_id: driver, words, overrule, overrule_reason: overruleReason, at: now() }
  await db.transaction(async (trx) => {
    const draft: { id: string } | undefined = await trx('verdict')
      .where({ application_id: application, published_at: null })
      .first('id')
    if (draft) await trx('verdict').where({ id: draft.id }).update(row)
    else await trx('verdict').insert({ id, application_id: application, ...row })
  })
}

/** Publishes the draft: frozen as it is. */
export async function publish(application: string, frozen: Frozen): Promise<boolean> {
  const db = await database()
  return (
    (await db('verdict')
      .where({ application_id: application, published_at: null })
      .update({ published_at: now(), frozen: JSON.stringify(frozen) })) > 0
  )
}

/** Takes a published verdict back. */
export async function withdraw(application: string, id: string): Promise<void> {
  const db = await database()
  await db('verdict').where({ application_id: application, id }).whereNotNull('published_at').delete()
}
