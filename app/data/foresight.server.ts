import { resolve } from '#core/teardown/resolve.ts'
import { hitRate, inferredShareOf, outcomesOf, type HitRate, type Prediction } from '#core/teardown/prediction.ts'
import type { Owed } from '#core/teardown/owed.ts'
import { groupBy } from '#core/group-by.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { cachedQuery } from './query-cache.server.ts'
import { listReadingsBySpecimen } from './readings.server.ts'
import { addOnce, type Added } from './records.server.ts'

/** What is owed of a specimen, oldest first. */
export async function listOwed(specimenId: string): Promise<Owed[]> {
  const db = await database()
  return db('owed').where({ specimenId }).orderBy('owedAt').select('id', 'characteristic', 'owedAt', 'settledAt')
}

/** Promises to show something later. */
export const addOwed = (
  specimenId: string,
  { id, characteristic }: Pick<Owed, 'id' | 'characteristic'>,
): Promise<Added> =>
  addOnce({ id, content: { specimenId, characteristic } }, (trx) =>
    trx('owed').insert({ id, specimenId, characteristic, owedAt: now() }),
  )

/** It was shown. */
export async function settleOwed(specimenId: string, id: string): Promise<void> {
  const db = await writableDatabase()
  await db('owed').where({ id, specimenId, settledAt: null }).update({ settledAt: now() })
}

const columns = ['id', 'characteristic', 'rawInput', 'valueNumber', 'valueHalf', 'valueText', 'predictedAt']

/** What was predicted of a specimen, oldest first. */
export async function listPredictions(specimenId: string): Promise<Prediction[]> {
  const db = await database()
  return db('prediction').where({ specimenId }).orderBy('predictedAt').select(columns)
}

/** Keeps a prediction. */
export const addPrediction = (specimenId: string, prediction: Omit<Prediction, 'predictedAt'>): Promise<Added> =>
  addOnce({ id: prediction.id, content: { specimenId, ...prediction } }, (trx) =>
    trx('prediction').insert({ ...prediction, specimenId, predictedAt: now() }),
  )

/** How often the predictions of this library came true. */
export async function ownHitRate(demo: number): Promise<HitRate> {
  const db = await database()
  const rows: (Prediction & { specimenId: string })[] = await db('prediction')
    .join('specimen', 'specimen.id', 'prediction.specimenId')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .join('product', 'product.id', 'revision.productId')
    .join('application', 'application.id', 'product.applicationId')
    .where({ 'application.demo': demo })
    .select(...columns.map((column) => `prediction.${column}`), 'specimenId')
  const bySpecimen = groupBy(rows, ({ specimenId }) => specimenId)
  const readings = await listReadingsBySpecimen([...bySpecimen.keys()])
  return hitRate([...bySpecimen].flatMap(([id, own]) => outcomesOf(own, resolve(readings.get(id) ?? []))))
}

/**
 * Share of its weight that bears what is inferred, by the reviewer's own predictions; of the demo by those of the demo.
 */
export const ownInferredShare = (demo: number): Promise<number> =>
  cachedQuery(`inferred share ${demo}`, async () => inferredShareOf(await ownHitRate(demo)))
