import type { Freight, Price } from '#core/money/landed.ts'
import type { Rate } from '#core/money/rates.ts'
import { now } from './clock.ts'
import { database } from './database.server.ts'
import { newId } from './id.ts'
import type { RawInput } from './raw-input.ts'

interface PriceRow extends Omit<Price, 'freight'> {
  freight: string
}

const toPrice = ({ freight, ...rest }: PriceRow): Price => ({ ...rest, freight: JSON.parse(freight) as Freight })

const columns = [
  'price.id',
  'productId',
  'shop',
  'currency',
  'amountMinor',
  'packSize',
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
    .where({ applicationId })
    .orderBy('observedOn', 'desc')
    .select(columns)
  return rows.map(toPrice)
}

export async function listPricesOf(productId: string): Promise<Price[]> {
  const db = await database()
  const rows: PriceRow[] = await db('price').where({ productId }).orderBy('observedOn', 'desc').select(columns)
  return rows.map(toPrice)
}

/** Keeps a price; the same id twice is the same price and is kept once. */
export async function addPrice(price: Price, rawInput: RawInput = {}): Promise<void> {
  const db = await database()
  await db('price')
    .insert({
      ...price,
      freight: JSON.stringify(price.freight),
      rawInput: JSON.stringify(rawInput),
      createdAt: now(),
    })
    .onConflict('id')
    .ignore()
}

export async function removePrice(productId: string, id: string): Promise<void> {
  const db = await database()
  await db('price').where({ id, productId }).delete()
}

/** Rates of exchange that were given, latest first. */
export async function listRates(): Promise<Rate[]> {
  const db = await database()
  return db('rate').orderBy('quotedOn', 'desc').select('base', 'quote', 'rate', 'quotedOn')
}

export async function addRate(rate: Rate): Promise<void> {
  const db = await database()
  await db('rate').insert({ id: newId(), ...rate })
}
