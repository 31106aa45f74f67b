import type { Knex } from 'knex'
import { circleOf, type Replacement } from '#core/kin/replacement.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { ok, problem, type Result } from '#core/result.ts'
import * as texts from '#app/texts/products.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'

/** A number that takes the place of another, or whose place is taken. */
export interface ReplacedProduct {
  id: string
  name: string
}

/** What stands before a product and after it. */
export interface Replacements {
  replaces: ReplacedProduct[]
  replacedBy: ReplacedProduct[]
}

const named = (query: Knex.QueryBuilder): Promise<ReplacedProduct[]> =>
  query
    .join('brand', 'brand.id', 'product.brandId')
    .orderBy(['brand.name', 'product.partNumber'])
    .select('product.id', { brand: 'brand.name', partNumber: 'product.partNumber' })
    .then((rows: { id: string; brand: string; partNumber: string }[]) =>
      rows.map(({ id, brand, partNumber }) => ({ id, name: `${brand} ${partNumber}` })),
    )

/** What a product takes the place of, and what takes its place. */
export async function replacementsOf(productId: string): Promise<Replacements> {
  const db = await database()
  const [replaces, replacedBy] = await Promise.all([
    named(db('replacement').where({ productId }).join('product', 'product.id', 'replacement.replacesId')),
    named(db('replacement').where({ replacesId: productId }).join('product', 'product.id', 'replacement.productId')),
  ])
  return { replaces, replacedBy }
}

/** Says that a product takes the place of another; refused with the chain where that would go round in a circle. */
export async function addReplacement(added: Replacement): Promise<Result<Replacement>> {
  const db = await writableDatabase()
  return db.transaction(async (trx): Promise<Result<Replacement>> => {
    const known: Replacement[] = await trx('replacement').select('productId', 'replacesId')
    const circle = circleOf(known, added)
    if (circle) return problem('circle', await circleMessage(trx, circle))
    await trx('replacement')
      .insert({ ...added, createdAt: now() })
      .onConflict(['productId', 'replacesId'])
      .ignore()
    return ok(added)
  })
}

async function circleMessage(trx: Knex.Transaction, circle: readonly string[]): Promise<string> {
  if (circle.length === 2) return texts.nothingTakesItsOwnPlaceChoose
  const products = await named(trx('product').whereIn('product.id', circle))
  const nameOf = (id: string | undefined) => products.find((one) => one.id === id)?.name ?? ''
  const chain = circle.slice(1, -1).map((id, at) => texts.replacesOfName(nameOf(id), nameOf(circle[at + 2])))
  return texts.itWouldGoRoundInA(formatList(chain, 'conjunction'))
}

/** Takes it back that a product takes the place of another. */
export async function removeReplacement({ productId, replacesId }: Replacement): Promise<void> {
  const db = await writableDatabase()
  await db('replacement').where({ productId, replacesId }).delete()
}

/** Gives replacements of a product that is merged to the one that stays, as far as they make no circle there. */
export async function moveReplacements(trx: Knex.Transaction, from: string, into: string): Promise<void> {
  const all: Replacement[] = await trx('replacement').select('productId', 'replacesId')
  const isOf = ({ productId, replacesId }: Replacement) => productId === from || replacesId === from
  const known = all.filter((one) => !isOf(one))
  for (const { productId, replacesId } of all.filter(isOf)) {
    const moved = {
      productId: productId === from ? into : productId,
      replacesId: replacesId === from ? into : replacesId,
    }
    if (circleOf(known, moved)) continue
    known.push(moved)
    await trx('replacement')
      .insert({ ...moved, createdAt: now() })
      .onConflict(['productId', 'replacesId'])
      .ignore()
  }
}
