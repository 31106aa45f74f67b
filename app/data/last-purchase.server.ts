import { database } from './database.server.ts'

/** Where the last unit was bought and in which money: the next one is likely got alike. */
export async function lastPurchase(demo: number): Promise<{ shop: string; currency: string } | undefined> {
  const db = await database()
  return db('specimen')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .join('product', 'product.id', 'revision.productId')
    .join('application', 'application.id', 'product.applicationId')
    .where({ 'application.demo': demo, 'specimen.acquisition': 'bought' })
    .whereNotNull('specimen.currency')
    .orderBy('specimen.createdAt', 'desc')
    .first('specimen.shop', 'specimen.currency')
}
