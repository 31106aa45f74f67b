import type { Knex } from 'knex'
import type { FilterForm } from '#core/catalogue/index.ts'
import { now } from './clock.ts'
import { groupBy } from '#core/group-by.ts'
import { foldName } from '#core/fold-name.ts'
import { database, writableDatabase } from './database.server.ts'
import { enginesPutAway, whatIsShown } from './demo.server.ts'
import { newId } from './id.ts'
import { addOnce, changeSeen, type Added, type Changed } from './records.server.ts'

export type Tier = 'low' | 'middle' | 'top' | 'engine'

/** How the maker of a revision is known. It plays no part in any score or odds. */
export type MakerEvidence = 'printed' | 'told' | 'guessed' | ''

export interface Revision {
  id: string
  label: string
  /** Who made it, where that is known or guessed. */
  maker: string
  makerEvidence: MakerEvidence
}

export interface Product {
  id: string
  applicationId: string
  brand: string
  partNumber: string
  form: FilterForm
  tier: Tier
  /** What it is called for short, alone in its line-up; empty for nothing. */
  nickname: string
  version: number
  revisions: Revision[]
}

export interface ProductFields extends Omit<Product, 'revisions' | 'version'> {
  /** Label of the first revision, for a new product. */
  revision: string
}

type Choice = (query: Knex.QueryBuilder) => void

async function select(choose: Choice, engine: 'product' | 'fitment' = 'product'): Promise<Product[]> {
  const db = await database()
  const query = db('product').join('brand', 'brand.id', 'product.brandId')
  choose(query)
  const rows: Omit<Product, 'revisions'>[] = await query
    .select('product.id', `${engine}.applicationId`, 'brand.name as brand', 'partNumber', 'form', 'tier', 'nickname')
    .select('product.version')
    .orderBy(['brand.name', 'partNumber'])
  const ids = rows.map(({ id }) => id)
  const revisions: (Revision & { productId: string })[] = await db('revision')
    .whereIn('productId', ids)
    .orderBy(['createdAt', 'label'])
  const byProduct = groupBy(revisions, ({ productId }) => productId)
  return rows.map((product) => ({
    ...product,
    revisions: (byProduct.get(product.id) ?? []).map(({ id, label, maker, makerEvidence }) => ({
      ...{ id, label, maker, makerEvidence },
    })),
  }))
}

/** A revision of a product by its id; null when it has none of that id, and what is said is of all. */
export const knownRevision = ({ revisions }: Product, id: string | null | undefined): string | null =>
  revisions.find((one) => one.id === id)?.id ?? null

/** The products for some engines; one that is for two of them is there twice, each time as one of its engine. */
export const listProducts = (...applicationIds: string[]): Promise<Product[]> =>
  select(
    (query) =>
      void query.join('fitment', 'fitment.productId', 'product.id').whereIn('fitment.applicationId', applicationIds),
    'fitment',
  )

export const listProductsById = (ids: readonly string[]): Promise<Product[]> =>
  select((query) => void query.whereIn('product.id', ids))

export const findProduct = async (id: string): Promise<Product | undefined> =>
  (await select((query) => void query.where({ 'product.id': id })))[0]

/** The brands that are shown, or have no products yet, with how many they have. */
export async function listBrands(): Promise<{ id: string; name: string; products: number }[]> {
  const db = await database()
  const ofBrand = db('product').whereRaw('product.brand_id = brand.id')
  const ofBrandShown = ofBrand.clone().whereNotIn('applicationId', enginesPutAway(db))
  return db('brand')
    .whereExists(ofBrandShown.clone().select('id'))
    .orWhereNotExists(ofBrand.clone().select('id'))
    .orderBy('name')
    .select('id', 'name', ofBrandShown.clone().count('*').as('products'))
}

/** The names of the brands that are shown, or have no products yet. */
export async function listBrandNames(): Promise<string[]> {
  const db = await database()
  const ofBrand = db('product').whereRaw('product.brand_id = brand.id').select('product.id')
  return db('brand')
    .whereNotExists(ofBrand)
    .orWhereExists(
      ofBrand.clone().join('application', 'application.id', 'product.applicationId').where(whatIsShown('application')),
    )
    .orderBy('name')
    .pluck('name')
}

/** A brand by its id. */
export async function findBrand(id: string): Promise<{ id: string; name: string } | undefined> {
  const db = await database()
  return db('brand').where({ id }).first('id', 'name')
}

/** The products of a brand for all engines that are shown, with the name of each engine. */
export async function listProductsOfBrand(brandId: string) {
  const db = await database()
  const rows: {
    id: string
    partNumber: string
    tier: Tier
    applicationId: string
    applicationName: string
  }[] = await db('product')
    .join('application', 'application.id', 'product.applicationId')
    .where({ brandId })
    .andWhere(whatIsShown('application'))
    .orderBy(['application.name', 'partNumber'])
    .select('product.id', 'partNumber', 'tier', 'applicationId', 'application.name as applicationName')
  return rows
}

/** Adds a brand. */
export const addBrand = (id: string, name: string): Promise<Added> =>
  addOnce({ id, content: name }, (trx) => insertBrand(trx, id, name))

const insertBrand = (trx: Knex.Transaction, id: string, name: string) =>
  trx('brand').insert({ id, name, nameKey: foldName(name), createdAt: now() })

/** The brand of a name, however it is written; made when it is new. */
async function brandId(trx: Knex.Transaction, name: string): Promise<string> {
  const found: { id: string } | undefined = await trx('brand')
    .where({ nameKey: foldName(name) })
    .first('id')
  if (found) return found.id
  const id = newId()
  await insertBrand(trx, id, name)
  return id
}

const toRow = async (trx: Knex.Transaction, { brand, revision: _, ...fields }: ProductFields) => ({
  ...fields,
  nameKey: foldName(fields.partNumber),
  nicknameKey: foldName(fields.nickname),
  brandId: await brandId(trx, brand),
})

/** Adds a product with its first revision; its brand is made when it is new. */
export const addProduct = (fields: ProductFields): Promise<Added> =>
  addOnce({ id: fields.id, content: fields }, async (trx) => {
    const label = fields.revision
    await trx('product').insert({ ...(await toRow(trx, fields)), createdAt: now() })
    await trx('revision').insert({
      id: newId(),
      productId: fields.id,
      label,
      nameKey: foldName(label),
      createdAt: now(),
    })
  })

/** Changes a product of which a version was seen; its brand is made when it is new. */
export const changeProduct = (fields: ProductFields, version: number): Promise<Changed> =>
  changeSeen('product', { id: fields.id, version }, (trx) => toRow(trx, fields))

/** Adds a revision to a product. */
export const addRevision = (revision: { id: string; productId: string; label: string }): Promise<Added> =>
  addOnce({ id: revision.id, content: revision }, (trx) =>
    trx('revision').insert({ ...revision, nameKey: foldName(revision.label), createdAt: now() }),
  )

/** Says who made a revision, and how that is known. */
export async function saveMaker(
  productId: string,
  { id, maker, makerEvidence }: Pick<Revision, 'id' | 'maker' | 'makerEvidence'>,
): Promise<boolean> {
  const db = await writableDatabase()
  return (await db('revision').where({ id, productId }).update({ maker, makerEvidence })) > 0
}

/** Removes a product none of whose revisions has a specimen. */
export async function removeProduct(id: string): Promise<'removed' | 'in-use'> {
  const db = await writableDatabase()
  return db.transaction(async (trx) => {
    const used = await trx('specimen')
      .join('revision', 'revision.id', 'specimen.revisionId')
      .where('revision.productId', id)
      .first()
    if (used) return 'in-use'
    await trx('product').where({ id }).delete()
    return 'removed'
  })
}
