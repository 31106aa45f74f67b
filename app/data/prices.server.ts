import type { Freight, Price } from '#core/money/landed.ts'
import type { Rate } from '#core/money/rates.ts'
import { database, now } from './database.server.ts'
import { newId } from './id.ts'

interface PriceRow extends Omit<Price, 'product' | 'freight' | 'extrasMinor'> {
  product_id: string
  freight: string
  extras_minor: number
}

const fromRow = ({ product_id, freight, extras_minor, ...rest }: PriceRow): Price => ({
  ...rest,
  product: product_id,
  freight: JSON.parse(freight) as Freight,
  extrasMinor: extras_minor,
})

const columns = [
  'price.id',
  'product_id',
  'shop',
  'currency',
  'minor',
  'count',
  'subscription',
  'freight',
  'extras',
  'extras_minor',
  'on',
]

/** All prices read for the products of an application, latest first. */
export async function listPrices(application: string): Promise<Price[]> {
  const db = await database()
  const rows: PriceRow[] = await db('price')
    .join('product', 'product.id', 'price.product_id')
    .where({ application_id: application })
    .orderBy('on', 'desc')
    .select(columns)
  return rows.map(fromRow)
}

export async function listPricesOf(product: string): Promise<Price[]> {
  const db = await database()
  const rows: PriceRow[] = await db('price').where({ product_id: product }).orderBy('on', 'desc').select(columns)
  return rows.map(fromRow)
}

/** Keeps a price; the same id twice is the same price and is kept once. */
export async function addPrice({ product, freight, extrasMinor, ...rest }: Price): Promise<void> {
  const db = await database()
  await db('price')
    .insert({
      ...rest,
      product_id: product,
      freight: JSON.stringify(freight),
      extras_minor: extrasMinor,
      created_at: now(),
    })
    .onConflict('id')
    .ignore()
}

export async function removePrice(product: string, id: string): Promise<void> {
  const db = await database()
  await db('price').where({ id, product_id: product }).delete()
}

/** Rates of exchange that were given, latest first. */
export async function listRates(): Promise<Rate[]> {
  const db = await database()
  return db('rate').orderBy('on', 'desc').select('from', 'to', 'rate', 'on')
}

export async function addRate(rate: Rate): Promise<void> {
  const db = await database()
  await db('rate').insert({ id: newId(), ...rate })
}
