import type { Form } from '#core/catalogue/index.ts'
import { database, isDuplicate, now } from './database.server.ts'
import { newId } from './id.ts'

export type Tier = 'low' | 'middle' | 'top' | 'engine'

export interface Revision {
  id: string
  label: string
}

export interface Product {
  id: string
  application: string
  brand: string
  partNumber: string
  form: Form
  tier: Tier
  revisions: Revision[]
}

export interface ProductFields {
  id: string
  application: string
  brand: string
  partNumber: string
  form: Form
  tier: Tier
  /** Label of the first revision, for a new product. */
  revision: string
}

interface ProductRow {
  id: string
  application_id: string
  brand: string
  part_number: string
  form: Form
  tier: Tier
}

async function select(where: Record<string, string>): Promise<Product[]> {
  const db = await database()
  const rows: ProductRow[] = await db('product')
    .join('brand', 'brand.id', 'product.brand_id')
    .where(where)
    .select('product.id', 'application_id', 'brand.name as brand', 'part_number', 'form', 'tier')
    .orderBy(['brand.name', 'part_number'])
  const revisions: (Revision & { product_id: string })[] = await db('revision')
    .whereIn(
      'product_id',
      rows.map(({ id }) => id),
    )
    .orderBy('created_at')
    .orderBy('label')
  return rows.map(({ application_id, part_number, ...rest }) => ({
    ...rest,
    application: application_id,
    partNumber: part_number,
    revisions: revisions.filter(({ product_id }) => product_id === rest.id).map(({ id, label }) => ({ id, label })),
  }))
}

export const listProducts = (application: string): Promise<Product[]> => select({ application_id: application })

export const listAllProducts = (): Promise<Product[]> => select({})

export const findProduct = async (id: string): Promise<Product | undefined> => (await select({ 'product.id': id }))[0]

export async function listBrands(): Promise<{ id: string; name: string; products: number }[]> {
  const db = await database()
  return db('brand')
    .leftJoin('product', 'product.brand_id', 'brand.id')
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

async function brandId(trx: import('knex').Knex.Transaction, name: string): Promise<string> {
  const found: { id: string } | undefined = await trx('brand').whereRaw('lower(name) = lower(?)', [name]).first('id')
  if (found) return found.id
  const id = newId()
  await trx('brand').insert({ id, name, created_at: now() })
  return id
}

export async function renameBrand(id: string, name: string): Promise<'saved' | 'name-taken'> {
  const db = await database()
  try {
    await db('brand').where({ id }).update({ name })
    return 'saved'
  } catch (error) {
    if (isDuplicate(error)) return 'name-taken'
    throw error
  }
}

/** Adds a product with its first revision, or changes one; its brand is made when it is new. */
export async function saveProduct(fields: ProductFields): Promise<'saved' | 'exists'> {
  const db = await database()
  const { id, application, brand, partNumber, form, tier, revision } = fields
  try {
    await db.transaction(async (trx) => {
      const row = {
        application_id: application,
        brand_id: await brandId(trx, brand),
        part_number: partNumber,
        form,
        tier,
      }
      const changed = await trx('product').where({ id }).update(row)
      if (changed > 0) return
      await trx('product').insert({ id, ...row, created_at: now() })
      await trx('revision').insert({ id: newId(), product_id: id, label: revision, created_at: now() })
    })
    return 'saved'
  } catch (error) {
    if (isDuplicate(error)) return 'exists'
    throw error
  }
}

export async function saveRevision(fields: {
  id: string
  product: string
  label: string
}): Promise<'saved' | 'exists'> {
  const db = await database()
  const { id, product, label } = fields
  try {
    await db('revision').insert({ id, product_id: product, label, created_at: now() }).onConflict('id').merge(['label'])
    return 'saved'
  } catch (error) {
    if (isDuplicate(error)) return 'exists'
    throw error
  }
}

/** Removes a product none of whose revisions has a specimen. */
export async function removeProduct(id: string): Promise<'removed' | 'in-use'> {
  const db = await database()
  return db.transaction(async (trx) => {
    const used = await trx('specimen')
      .join('revision', 'revision.id', 'specimen.revision_id')
      .where('revision.product_id', id)
      .first()
    if (used) return 'in-use'
    await trx('product').where({ id }).delete()
    return 'removed'
  })
}
