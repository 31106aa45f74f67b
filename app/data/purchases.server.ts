import type { Knex } from 'knex'
import type { Purchase } from '#core/plan/purchase.ts'
import { freeLabels } from '#core/teardown/specimen-labels.ts'
import { now } from './clock.ts'
import type { NamedProduct } from '#core/named-product.ts'
import { database, writableDatabase } from './database.server.ts'
import { whatIsShown } from './demo.server.ts'
import type { RawInput } from './raw-input.ts'
import { addOnce, changeSeen, type Added, type Changed } from './records.server.ts'
import { insertSpecimens } from './specimens.server.ts'
import { newId } from './id.ts'

/** A purchase with what it is of. */
export interface StoredPurchase extends Purchase {
  version: number
  rawInput: RawInput
  brand: string
  partNumber: string
  applicationId: string
  applicationName: string
}

/** What a buyer says of a purchase. */
export type PurchaseFields = Omit<Purchase, 'productId' | 'arrivedOn'> & { rawInput: RawInput }

/** A filter that is to be bought. */
export type Wish = Pick<Purchase, 'id' | 'productId' | 'count' | 'reason'>

const columns = [
  ...['id', 'productId', 'count', 'reason', 'shop', 'priceMinor', 'currency', 'orderedOn', 'expectedOn'],
  ...['arrivedOn', 'rawInput', 'version'],
].map((column) => `purchase.${column}`)

async function select(where: (query: Knex.QueryBuilder) => void): Promise<StoredPurchase[]> {
  const db = await database()
  const rows: (Omit<StoredPurchase, 'rawInput'> & { rawInput: string })[] = await db('purchase')
    .join('product', 'product.id', 'purchase.productId')
    .join('brand', 'brand.id', 'product.brandId')
    .join('application', 'application.id', 'product.applicationId')
    .where(where)
    .orderBy('purchase.createdAt')
    .select(...columns, 'brand.name as brand', 'partNumber', 'applicationId', 'application.name as applicationName')
  return rows.map(({ rawInput, ...rest }) => ({ ...rest, rawInput: JSON.parse(rawInput) as RawInput }))
}

/** What is to be bought or on its way, the oldest first. */
export const listOpenPurchases = (): Promise<StoredPurchase[]> =>
  select((query) => void query.whereNull('arrivedOn').whereNull('droppedAt').where(whatIsShown('application')))

export const findPurchase = async (id: string): Promise<StoredPurchase | undefined> =>
  (await select((query) => void query.where('purchase.id', id)))[0]

/** Puts filters on the list, all of them or none. */
export const addPurchases = (id: string, wishes: readonly Wish[]): Promise<Added> =>
  addOnce({ id, content: wishes }, (trx) =>
    trx('purchase').insert(wishes.map((wish) => ({ ...wish, shop: '', createdAt: now() }))),
  )

/** Changes a purchase of which a version was seen. */
export const changePurchase = ({ rawInput, ...fields }: PurchaseFields, version: number): Promise<Changed> =>
  changeSeen('purchase', { id: fields.id, version }, { ...fields, rawInput: JSON.stringify(rawInput) })

/** Takes it off the list, or brings it back. */
export async function setDropped(id: string, isDropped: boolean): Promise<void> {
  const db = await writableDatabase()
  await db('purchase')
    .where({ id })
    .update({ droppedAt: isDropped ? now() : null })
}

/** All filters that may be bought, as people name them. */
export async function listNamedProducts(): Promise<NamedProduct[]> {
  const db = await database()
  return db('product')
    .join('brand', 'brand.id', 'product.brandId')
    .join('application', 'application.id', 'product.applicationId')
    .where(whatIsShown('application'))
    .select('product.id', 'brand.name as brand', 'partNumber', 'nickname')
}

/** How the arrival of a purchase went: the specimens that it became, or that it had arrived before or is not there. */
export type Arrived = { specimens: { id: string; label: string }[] } | 'gone'

/** A purchase has arrived: each of its filters becomes a specimen of the newest revision, as it was paid for. */
export async function arrive(id: string, day: string): Promise<Arrived> {
  const db = await writableDatabase()
  return db.transaction(async (trx): Promise<Arrived> => {
    const purchase: Purchase | undefined = await trx('purchase').where({ id, arrivedOn: null, droppedAt: null }).first()
    const revision: { id: string } | undefined =
      purchase &&
      (await trx('revision').where({ productId: purchase.productId }).orderBy('createdAt', 'desc').first('id'))
    if (!purchase || !revision) return 'gone'
    const { count, priceMinor, currency, shop } = purchase
    const taken: string[] = await trx('specimen').where({ revisionId: revision.id }).pluck('label')
    const specimens = freeLabels(taken, count).map((label) => ({
      ...{ id: newId(), revisionId: revision.id, label, acquisition: 'bought' as const, givenBy: '', shop },
      ...{ paidMinor: priceMinor, currency: priceMinor === null ? null : currency, rawInput: {} },
    }))
    await insertSpecimens(trx, specimens)
    await trx('purchase').where({ id }).update({ arrivedOn: day }).increment('version')
    return { specimens: specimens.map((specimen) => ({ id: specimen.id, label: specimen.label })) }
  })
}
