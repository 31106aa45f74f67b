import type { Knex } from 'knex'
import { foldName } from '#core/fold-name.ts'
import { database } from './database.server.ts'
import { whatIsShown } from './demo.server.ts'
import { listProductsById, type Product } from './products.server.ts'
import { countSpecimensByProduct } from './specimens.server.ts'

/** A product as the library lists it. */
export interface ListedProduct extends Product {
  applicationName: string
  specimens: number
}

export const productsAtOnce = 50

/** Words that stand for a tier or a form, as the page shows them. */
export interface LibraryWords {
  tiers: Record<string, string>
  forms: Record<string, string>
}

/**
 * A page of the products whose brand, number, engine, tier or form has all of the words.
 *
 * @param page from 1
 */
export async function searchProducts(
  sought: string,
  page: number,
  words: LibraryWords,
): Promise<{ products: ListedProduct[]; total: number }> {
  const db = await database()
  const matching = () => {
    const query = db('product')
      .join('brand', 'brand.id', 'product.brandId')
      .join('application', 'application.id', 'product.applicationId')
      .where(whatIsShown('application'))
    for (const word of sought.split(/\s+/).filter(Boolean))
      void query.where((one) => anyHas(one, foldName(word), words))
    return query
  }
  const counted = await matching().count({ total: 'product.id' }).first()
  const rows: { id: string; applicationName: string }[] = await matching()
    .orderBy(['brand.name', 'product.partNumber', 'product.id'])
    .offset((page - 1) * productsAtOnce)
    .limit(productsAtOnce)
    .select('product.id', 'application.name as applicationName')
  const ids = rows.map(({ id }) => id)
  const [products, specimens] = await Promise.all([listProductsById(ids), countSpecimensByProduct(ids)])
  const byId = new Map(products.map((product) => [product.id, product]))
  return {
    total: Number(counted?.total ?? 0),
    products: rows.flatMap(({ id, applicationName }) => {
      const product = byId.get(id)
      return product ? [{ ...product, applicationName, specimens: specimens.get(id) ?? 0 }] : []
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
