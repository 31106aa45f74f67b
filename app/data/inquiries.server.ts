import type { Inquiry } from '#core/claims/inquiry.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { forEngine } from './fitments.server.ts'
import { addOnce, type Added } from './records.server.ts'

export interface StoredInquiry extends Inquiry {
  id: string
  productId: string
}

/** What was looked up or asked about the products of an application. */
export async function listInquiries(applicationId: string): Promise<StoredInquiry[]> {
  const db = await database()
  return db('inquiry')
    .join('product', 'product.id', 'inquiry.productId')
    .modify(forEngine, applicationId)
    .orderBy('inquiry.createdAt')
    .select('inquiry.id', 'productId', 'about', 'state', 'place', 'madeOn')
}

/** Keeps that something was looked up or asked. */
export const addInquiry = (inquiry: StoredInquiry): Promise<Added> =>
  addOnce({ id: inquiry.id, content: inquiry }, (trx) => trx('inquiry').insert({ ...inquiry, createdAt: now() }))

export async function removeInquiry(productId: string, id: string): Promise<void> {
  const db = await writableDatabase()
  await db('inquiry').where({ id, productId }).delete()
}
