import type { Knex } from 'knex'
import type { FilterForm } from '#core/catalogue/index.ts'
import { now } from './clock.ts'
import { database, savedUnlessTaken } from './database.server.ts'
import { newId } from './id.ts'

export type Tier = 'low' | 'middle' | 'top' | 'engine'

export interface Revision {
  id: string
  label: string
}

export interface Product {
  id: string
  applicationId: string
  brand: string
  partNumber: string
  form: FilterForm
  tier: Tier
  revisions: Revision[]
}

export interface ProductFields extends Omit<Product, 'revisions'> {
  /** Label of the first revision, for a new product. */
  revision: string
}

async function select(where: Record<string, string>): Promise<Product[]> {
  const db = await database()
  const rows: Omit<Product, 'revisions'>[] = await db('product')
    .join('brand', 'brand.id', 'product.brandId')
    .where(where)
    .select('product.id', 'applicationId', 'brand.name as brand', 'partNumber', 'form', 'tier')
    .orderBy(['brand.name', 'partNumber'])
  const ids = rows.map(({ id }) => id)
  const revisions: (Revision & { productId: string })[] = await db('revision')
    .whereIn('productId', ids)
    .orderBy(['createdAt', 'label'])
  return rows.map((product) => ({
    ...product,
    revisions: revisions.filter(({ productId }) => productId === product.id).map(({ id, label }) => ({ id, label })),
  }))
}

export const listProducts = (applicationId: string): Promise<Product[]> => select({ applicationId })

export const listAllProducts = (): Promise<Product[]> => select({})

export const findProduct = async (id: string): Promise<Product | undefined> => (await select({ 'product.id': id }))[0]

export async function listBrands(): Promise<{ id: string; name: string; products: number }[]> {
  const db = await database()
  return db('brand')
    .leftJoin('product', 'product.brandId', 'brand.id')
    .groupBy('brand.id')
    .orderBy('brand.name')
    .select('brand.id', 'brand.name')
    .count({ products: 'product.id' }) as unknown as Promise<{ id: string; name: string; products: number }[]>
}

/** Adds a brand, or finds the one that has the name in any case. */
export async function addBrand(name: string): Promise<string> {
  const db = await database()
  return db.transaction((trx) => brandId(trx, name))
}

async function brandId(trx: Knex.Transaction, name: string): Promise<string> {
  const found: { id: string } | undefined = await trx('brand').whereRaw('lower(name) = lower(?)', [name]).first('id')
  if (found) return found.id
  const id = newId()
  await trx('brand').insert({ id, name, createdAt: now() })
  return id
}

/** Adds a product with its first revision, or changes one; its brand is made when it is new. */
export async function saveProduct({ brand, revision, ...fields }: ProductFields): Promise<'saved' | 'taken'> {
  const db = await database()
  const { id } = fields
  return savedUnlessTaken(() =>
    db.transaction(async (trx) => {
      const row = { ...fields, brandId: await brandId(trx, brand) }
      const changed = await trx('product').where({ id }).update(row)
      if (changed > 0) return
      await trx('product').insert({ ...row, createdAt: now() })
      await trx('revision').insert({ id: newId(), productId: id, label: revision, createdAt: now() })
    }),
  )
}

export async function saveRevision({
  id,
  productId,
  label,
}: {
  id: string
  productId: string
  label: string
}): Promise<'saved' | 'taken'> {
  const db = await database()
  return savedUnlessTaken(() =>
    db('revision').insert({ id, productId, label, createdAt: now() }).onConflict('id').merge(['label']),
  )
}

/** Removes a product none of whose revisions has a specimen. */
export async function removeProduct(id: string): Promise<'removed' | 'in-use'> {
  const db = await database()
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
