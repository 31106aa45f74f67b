import type { Knex } from 'knex'
import { foldName } from '#core/fold-name.ts'
import { ok, problem, type Result } from '#core/result.ts'
import * as texts from '#app/texts/products.ts'
import { now } from './clock.ts'
import { writableDatabase } from './database.server.ts'
import { collectProducts, digestOf } from './dependent-rows.server.ts'
import { newId } from './id.ts'
import { moveReplacements } from './replacements.server.ts'
import { keep, type Thrown } from './trash.server.ts'

interface Merged {
  id: string
  applicationId: string
  form: string
  brand: string
  partNumber: string
}

const nameOf = ({ brand, partNumber }: Merged): string => `${brand} ${partNumber}`

/** What belongs to a product itself, and not to a revision of it. */
const ownTables = ['claim', 'claim_decision', 'price', 'availability', 'inquiry', 'product_tag', 'fitment', 'purchase']

/**
 * Makes several products one: revisions with all their specimens, claims and prices go to the one that stays. Nothing
 * is lost, and it can be taken apart again as long as nothing else is changed in it.
 */
export async function mergeProducts(into: string, ids: readonly string[]): Promise<Result<Thrown>> {
  const db = await writableDatabase()
  return db.transaction(async (trx): Promise<Result<Thrown>> => {
    const products: Merged[] = await trx('product')
      .join('brand', 'brand.id', 'product.brandId')
      .whereIn('product.id', [into, ...ids])
      .select('product.id', 'applicationId', 'form', 'brand.name as brand', 'partNumber')
    const kept = products.find(({ id }) => id === into)
    const others = products.filter(({ id }) => id !== into)
    if (!kept || others.length === 0) return problem('few', texts.chooseTwoProductsOrMoreOf)
    if (others.some(({ applicationId }) => applicationId !== kept.applicationId))
      return problem('engines', texts.theyAreForDifferentEnginesOnly)
    if (others.some(({ form }) => form !== kept.form))
      return problem('forms', 'A spin-on and a cartridge are not one product.')
    const before = await collectProducts(
      trx,
      products.map(({ id }) => id),
    )
    for (const other of others) await moveAll(trx, other, into)
    const after = await collectProducts(
      trx,
      products.map(({ id }) => id),
    )
    const name = texts.into(others.map(nameOf).join(', '), nameOf(kept))
    const thrown: Thrown = { id: newId(), kind: 'merge', name, thrownAt: now() }
    await keep(trx, thrown, before, digestOf(after))
    return ok(thrown)
  })
}

async function moveAll(trx: Knex.Transaction, other: Merged, into: string): Promise<void> {
  const known: { nameKey: string }[] = await trx('revision').where({ productId: into }).select('nameKey')
  const labels = known.map(({ nameKey }) => nameKey)
  const revisions: { id: string; label: string }[] = await trx('revision')
    .where({ productId: other.id })
    .select('id', 'label')
  for (const { id, label } of revisions) {
    const free = freeLabel(label, nameOf(other), labels)
    labels.push(foldName(free))
    await trx('revision')
      .where({ id })
      .update({ productId: into, label: free, nameKey: foldName(free) })
  }
  // What both have, such as a decision on the same claims, stays as the one that is kept has it.
  for (const table of ownTables)
    await trx.raw('update or ignore ?? set product_id = ? where product_id = ?', [table, into, other.id])
  await moveReplacements(trx, other.id, into)
  await trx('product').where({ id: other.id }).delete()
}

/** A revision keeps its label; where that is taken, or there was none, it says which product it was of. */
function freeLabel(label: string, product: string, taken: readonly string[]): string {
  const wanted = label || product
  if (!taken.includes(foldName(wanted))) return wanted
  const named = label ? `${label}, ${product}` : product
  for (let number = 1; ; number++) {
    const one = number === 1 ? named : `${named} ${number}`
    if (!taken.includes(foldName(one))) return one
  }
}
