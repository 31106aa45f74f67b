import type { Knex } from 'knex'
import { z } from 'zod'
import { foldName } from '#core/fold-name.ts'
import { database } from './database.server.ts'
import { enginesPutAway } from './demo.server.ts'
import { tagsOf } from './product-tags.server.ts'
import { listProductsById, type Product } from './products.server.ts'
import { countSpecimensByProduct } from './specimens.server.ts'

/** A product as the library lists it. */
export interface ListedProduct extends Product {
  applicationName: string
  specimens: number
  tags: string[]
}

export const productsAtOnce = 50

/** Words that stand for a tier or a form, as the page shows them. */
export interface LibraryWords {
  tiers: Record<string, string>
  forms: Record<string, string>
}

const specimensOfProduct = `(select count(*) from revision join specimen on specimen.revision_id = revision.id
  where revision.product_id = product.id)`

/** In what order products are listed. */
const orders = {
  name: 'brand.name, product.part_number, product.id',
  engine: 'application.name, brand.name, product.part_number, product.id',
  tier: `case product.tier when 'low' then 0 when 'middle' then 1 when 'top' then 2 else 3 end, brand.name,
    product.part_number, product.id`,
  specimens: `${specimensOfProduct} desc, brand.name, product.part_number, product.id`,
  newest: 'product.created_at desc, product.id',
} as const

/** What is listed, and in which order; empty where it is not asked. */
export const libraryFilterSchema = z.object({
  q: z
    .string()
    .transform((text) => text.slice(0, 200))
    .catch(''),
  sort: z.enum(Object.keys(orders) as [keyof typeof orders]).catch('name'),
  tier: z.enum(['', 'low', 'middle', 'top', 'engine']).catch(''),
  engine: z.string().max(40).catch(''),
  tag: z.string().max(60).catch(''),
})
type LibraryFilter = z.output<typeof libraryFilterSchema>

/** Everything, by name. */
export const wholeLibrary: LibraryFilter = libraryFilterSchema.parse({ q: '' })

/**
 * A page of the products whose brand, number, engine, tier or form has all of the words, and that are of the tier,
 * engine and tag that are asked for.
 *
 * @param page from 1
 */
export async function searchProducts(
  { q, sort, tier, engine, tag }: LibraryFilter,
  page: number,
  words: LibraryWords,
): Promise<{ products: ListedProduct[]; total: number }> {
  const db = await database()
  const sought = q.split(/\s+/).filter(Boolean)
  const matching = (query: Knex.QueryBuilder) => {
    void query.whereNotIn('product.applicationId', enginesPutAway(db))
    if (tier) void query.where('product.tier', tier)
    if (engine) void query.where('product.applicationId', engine)
    if (tag) void query.whereExists(db('product_tag').whereRaw('product_id = product.id').where({ tag }).select('tag'))
    for (const word of sought) void query.where((one) => anyHas(one, foldName(word), words))
    return query
  }
  const named = () => {
    // By name, brands are gone through as their names stand: no further than the page, and nothing is sorted.
    const query =
      sort === 'name' && !engine
        ? db('brand').crossJoin('product', 'product.brandId', 'brand.id')
        : db('brand').join('product', 'product.brandId', 'brand.id')
    return query.join('application', 'application.id', 'product.applicationId')
  }
  const counted: { total: number } = await matching(sought.length > 0 ? named() : db('product'))
    .count({ total: 'product.id' })
    .first()
  const rows: { id: string; applicationName: string }[] = await matching(named())
    .orderByRaw(orders[sort])
    .offset((page - 1) * productsAtOnce)
    .limit(productsAtOnce)
    .select('product.id', 'application.name as applicationName')
  const ids = rows.map(({ id }) => id)
  const [products, specimens, tags] = await Promise.all([
    listProductsById(ids),
    countSpecimensByProduct(ids),
    tagsOf(ids),
  ])
  const byId = new Map(products.map((product) => [product.id, product]))
  return {
    total: counted.total,
    products: rows.flatMap(({ id, applicationName }) => {
      const product = byId.get(id)
      return product
        ? [{ ...product, applicationName, specimens: specimens.get(id) ?? 0, tags: tags.get(id) ?? [] }]
        : []
    }),
  }
}

function anyHas(query: Knex.QueryBuilder, word: string, { tiers, forms }: LibraryWords): void {
  const keysWith = (labels: Record<string, string>) =>
    Object.keys(labels).filter((key) => foldName(labels[key] ?? '').includes(word))
  for (const column of ['brand.nameKey', 'product.nameKey', 'application.nameKey'])
    void query.orWhereRaw('instr(??, ?) > 0', [column, word])
  void query.orWhereIn('product.tier', keysWith(tiers)).orWhereIn('product.form', keysWith(forms))
}
