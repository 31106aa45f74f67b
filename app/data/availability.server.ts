import type { SeenAvailability } from '#core/money/availability.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { forEngine } from './fitments.server.ts'
import { addOnce, type Added } from './records.server.ts'

/** How a product could be had, as it is kept. */
export interface StoredAvailability extends SeenAvailability {
  id: string
  productId: string
  /** Who said so, or what was read. */
  source: string
}

const columns = ['id', 'productId', 'revisionId', 'status', 'place', 'seenOn', 'source'].map(
  (column) => `availability.${column}`,
)

/** What was seen of the products of an application, latest first. */
export async function listAvailability(applicationId: string): Promise<StoredAvailability[]> {
  const db = await database()
  return db('availability')
    .join('product', 'product.id', 'availability.productId')
    .modify(forEngine, applicationId)
    .orderBy([
      { column: 'seenOn', order: 'desc' },
      { column: 'availability.createdAt', order: 'desc' },
    ])
    .select(columns)
}

/** What was seen of one product, latest first. */
export async function listAvailabilityOf(productId: string): Promise<StoredAvailability[]> {
  const db = await database()
  return db('availability')
    .where({ productId })
    .orderBy([
      { column: 'seenOn', order: 'desc' },
      { column: 'createdAt', order: 'desc' },
    ])
    .select(columns)
}

/** Keeps what was seen. */
export const addAvailability = (seen: StoredAvailability): Promise<Added> =>
  addOnce({ id: seen.id, content: seen }, (trx) => trx('availability').insert({ ...seen, createdAt: now() }))

export async function removeAvailability(productId: string, id: string): Promise<void> {
  const db = await writableDatabase()
  await db('availability').where({ id, productId }).delete()
}
