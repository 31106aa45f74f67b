import type { AbsoluteWord } from '#core/verdict/absolute-word.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { forEngine } from './fitments.server.ts'

/** What the rules proposed on the day a word was published, and what was disclosed with it. */
export interface WordSnapshot {
  product: string
  /** As the rules proposed it, with its certainty; empty where nothing was known. */
  proposed: string
  grounds: string[]
  school: string
  driver: string
  method: number
  judgedOn: string
  disclosure: string
  interest: string
}

/** The reviewer's word on a revision, with what it holds under. */
export interface StoredWord {
  id: string
  revisionId: string
  word: AbsoluteWord
  /** As typed; empty for the manual's. */
  interval: string
  oil: string
  duty: string
  position: string
  reason: string
  publishedAt: string | null
  snapshot: WordSnapshot | null
  updatedAt: string
  version: number
}

/** What the reviewer writes. */
export type WordDraft = Omit<StoredWord, 'publishedAt' | 'snapshot' | 'updatedAt' | 'version'>

type WordRow = Omit<StoredWord, 'snapshot'> & { snapshot: string | null }

const columns = [
  'id',
  'revisionId',
  'word',
  'interval',
  'oil',
  'duty',
  'position',
  'reason',
  'publishedAt',
  'snapshot',
  'updatedAt',
  'version',
].map((column) => `absoluteWord.${column}`)

const toWord = ({ snapshot, ...rest }: WordRow): StoredWord => ({
  ...rest,
  snapshot: snapshot === null ? null : (JSON.parse(snapshot) as WordSnapshot),
})

/** The words on the revisions of an application, latest first. */
export async function listWords(applicationId: string): Promise<StoredWord[]> {
  const db = await database()
  const rows: WordRow[] = await db('absoluteWord')
    .join('revision', 'revision.id', 'absoluteWord.revisionId')
    .join('product', 'product.id', 'revision.productId')
    .modify(forEngine, applicationId)
    .orderBy('absoluteWord.updatedAt', 'desc')
    .select(columns)
  return rows.map(toWord)
}

/**
 * Keeps the reviewer's word, and publishes it with a snapshot when one is given, in one transaction.
 *
 * @param version of the draft that its writer has seen; 0 for none
 */
export async function saveWord(
  draft: WordDraft,
  version: number,
  snapshot: WordSnapshot | undefined,
): Promise<'saved' | 'stale' | 'id-in-use'> {
  const db = await writableDatabase()
  const { id, ...fields } = draft
  return db.transaction(async (trx) => {
    const own: WordRow | undefined = await trx('absoluteWord').where({ id }).first(columns)
    const isSame = own !== undefined && hasSameWords(own, draft)
    if (own && (own.publishedAt !== null || own.revisionId !== draft.revisionId)) return isSame ? 'saved' : 'id-in-use'
    const known: WordRow | undefined = await trx('absoluteWord')
      .where({ revisionId: draft.revisionId, publishedAt: null })
      .first(columns)
    const isAgain = known?.id === id && isSame
    if (isAgain && !snapshot) return 'saved'
    if ((known?.version ?? 0) !== version && !isAgain) return 'stale'
    const row = {
      ...fields,
      updatedAt: now(),
      version: (known?.version ?? 0) + 1,
      ...(snapshot && { publishedAt: now(), snapshot: JSON.stringify(snapshot) }),
    }
    if (known) await trx('absoluteWord').where({ id: known.id }).update(row)
    else await trx('absoluteWord').insert({ id, ...row })
    return 'saved'
  })
}

const hasSameWords = (known: WordRow, draft: WordDraft): boolean =>
  (['revisionId', 'word', 'interval', 'oil', 'duty', 'position', 'reason'] as const).every(
    (key) => known[key] === draft[key],
  )

/** Takes a word back, published or not. */
export async function removeWord(revisionId: string, id: string): Promise<void> {
  const db = await writableDatabase()
  await db('absoluteWord').where({ id, revisionId }).delete()
}
