import type { Freight, Price } from '#core/money/landed.ts'
import type { Rate } from '#core/money/rates.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { forEngine } from './fitments.server.ts'
import type { RawInput } from './raw-input.ts'
import { addOnce, type Added } from './records.server.ts'

interface PriceRow extends Omit<Price, 'freight'> {
  freight: string
}

const toPrice = ({ freight, ...rest }: PriceRow): Price => ({ ...rest, freight: JSON.parse(freight) as Freight })

const columns = [
  'price.id',
  'productId',
  'price.revisionId',
  'shop',
  'isShopPrivate',
  'currency',
  'amountMinor',
  'packSize',
  'packContent',
  'subscription',
  'freight',
  'extras',
  'extrasMinor',
  'observedOn',
]

/** All prices read for the products of an application, latest first. */
export async function listPrices(applicationId: string): Promise<Price[]> {
  const db = await database()
  const rows: PriceRow[] = await db('price')
    .join('product', 'product.id', 'price.productId')
    .modify(forEngine, applicationId)
    .orderBy('observedOn', 'desc')
    .select(columns)
  return rows.map(toPrice)
}

export async function listPricesOf(productId: string): Promise<Price[]> {
  const db = await database()
  const rows: PriceRow[] = await db('price').where({ productId }).orderBy('observedOn', 'desc').select(columns)
  return rows.map(toPrice)
}

const toRow = (price: Price, rawInput: RawInput) => ({
  ...price,
  freight: JSON.stringify(price.freight),
  rawInput: JSON.stringify(rawInput),
  createdAt: now(),
})

/** Keeps a price. */
export const addPrice = (price: Price, rawInput: RawInput = {}): Promise<Added> =>
  addOnce({ id: price.id, content: { price, rawInput } }, (trx) => trx('price').insert(toRow(price, rawInput)))

/** Keeps the prices of a list: all of them, or none. */
export const addPrices = (id: string, prices: readonly { price: Price; words: string }[]): Promise<Added> => {
  const content = prices.map(({ price: { id: _, ...price }, words }) => ({ price, words }))
  return addOnce({ id, content }, async (trx) => {
    for (const { price, words } of prices) await trx('price').insert(toRow(price, { line: words }))
  })
}

export async function removePrice(productId: string, id: string): Promise<void> {
  const db = await writableDatabase()
  await db('price').where({ id, productId }).delete()
}

/** Rates of exchange that were given, latest first; those of the demo count for the demo alone. */
export async function listRates(applicationId: string): Promise<Rate[]> {
  const db = await database()
  return db('rate')
    .where('demo', '<=', db('application').where({ id: applicationId }).select('demo'))
    .orderBy('quotedOn', 'desc')
    .select('base', 'quote', 'rate', 'quotedOn')
}

/** Keeps a rate of exchange. */
export const addRate = (id: string, rate: Rate): Promise<Added> =>
  addOnce({ id, content: rate }, (trx) => trx('rate').insert({ id, ...rate }))
