import { database, writableDatabase } from './database.server.ts'

/** All tags that are used, in their order. */
export async function listTags(): Promise<string[]> {
  const db = await database()
  return db('product_tag').distinct('tag').orderBy('tag').pluck('tag')
}

/** Tags by product. */
export async function tagsOf(products: readonly string[]): Promise<Map<string, string[]>> {
  const db = await database()
  const rows: { productId: string; tag: string }[] = await db('product_tag')
    .whereIn('productId', products)
    .orderBy('tag')
    .select('productId', 'tag')
  const tags = new Map<string, string[]>()
  for (const { productId, tag } of rows) tags.set(productId, [...(tags.get(productId) ?? []), tag])
  return tags
}

/** Gives products a tag, or takes it away from them. */
export async function tagProducts(products: readonly string[], tag: string, isTaken: boolean): Promise<void> {
  const db = await writableDatabase()
  await db.transaction(async (trx) => {
    const there: string[] = await trx('product').whereIn('id', products).pluck('id')
    if (isTaken) await trx('product_tag').whereIn('productId', there).where({ tag }).delete()
    else if (there.length > 0)
      await trx('product_tag')
        .insert(there.map((productId) => ({ productId, tag })))
        .onConflict(['productId', 'tag'])
        .ignore()
  })
}
