import type { Knex } from 'knex'
import { groupBy } from '#core/group-by.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { whatIsShown } from './demo.server.ts'
import type { FitmentSource } from './fitment-sources.ts'

/** An engine that a product is for. */
export interface Fitment {
  productId: string
  applicationId: string
  source: FitmentSource
  remarks: string
}

/** Leaves only products that are for an engine. */
export const forEngine = (query: Knex.QueryBuilder, applicationId: string): void =>
  void query.whereIn('product.id', (of) => void of.from('fitment').where({ applicationId }).select('productId'))

/** The engines that a product is for, as far as they are shown; the one that it was entered for first. */
export async function listFitments(productId: string): Promise<(Fitment & { engine: string; isHome: boolean })[]> {
  const db = await database()
  const rows: (Fitment & { engine: string; home: string })[] = await db('fitment')
    .join('application', 'application.id', 'fitment.applicationId')
    .join('product', 'product.id', 'fitment.productId')
    .where({ productId })
    .andWhere(whatIsShown('application'))
    .orderBy('application.name')
    .select(
      ...['fitment.productId', 'fitment.applicationId', 'fitment.source', 'fitment.remarks'],
      'application.name as engine',
      'product.applicationId as home',
    )
  return rows
    .map(({ home, ...one }) => ({ ...one, isHome: one.applicationId === home }))
    .sort((a, b) => Number(b.isHome) - Number(a.isHome))
}

/** The engines of each product. */
export async function enginesByProduct(): Promise<ReadonlyMap<string, string[]>> {
  const db = await database()
  const rows: Pick<Fitment, 'productId' | 'applicationId'>[] = await db('fitment').select('productId', 'applicationId')
  return new Map(
    [...groupBy(rows, ({ productId }) => productId)].map(([product, own]) => [
      product,
      own.map(({ applicationId }) => applicationId),
    ]),
  )
}

/** Says that a product fits an engine, or says it anew. */
export async function keepFitment(fitment: Fitment): Promise<void> {
  const db = await writableDatabase()
  await db('fitment').insert({ ...fitment, createdAt: now() })
}

/** Takes a product out of an engine's line-up; not out of that of the engine that it was entered for. */
export async function removeFitment(productId: string, applicationId: string): Promise<'removed' | 'home'> {
  const db = await writableDatabase()
  return db.transaction(async (trx) => {
    if (await trx('product').where({ id: productId, applicationId }).first('id')) return 'home'
    await trx('fitment').where({ productId, applicationId }).delete()
    return 'removed'
  })
}
