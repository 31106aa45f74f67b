import type { Knex } from 'knex'
import { formatList } from '#core/quantity/format-list.ts'
import { ok, problem, type Result } from '#core/result.ts'
import * as texts from '#app/texts/library.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { collectProducts, deleteProducts, digestOf, insertRows, type Rows } from './dependent-rows.server.ts'
import { newId } from './id.ts'
import { removePhotoFiles } from './photos.server.ts'

/** What was thrown away or merged, and can be brought back. */
export interface Thrown {
  id: string
  kind: 'products' | 'merge'
  name: string
  thrownAt: string
}

interface ThrownRow extends Thrown {
  content: string
  photos: string
  /** What a merge has left, to tell whether it is still so. */
  merged: string
}

/** So long it is kept. */
const daysKept = 30

const namesOf = async (trx: Knex.Transaction, ids: readonly string[]): Promise<string[]> => {
  const rows: { brand: string; partNumber: string }[] = await trx('product')
    .join('brand', 'brand.id', 'product.brandId')
    .whereIn('product.id', ids)
    .orderBy(['brand.name', 'product.partNumber'])
    .select('brand.name as brand', 'product.partNumber')
  return rows.map(({ brand, partNumber }) => `${brand} ${partNumber}`)
}

const photosIn = (rows: Rows): string => JSON.stringify((rows.photo ?? []).map(({ id }) => id))

/** Puts products into the trash, with all that belongs to them; undefined when none of them is there. */
export async function throwAway(ids: readonly string[]): Promise<Thrown | undefined> {
  const db = await writableDatabase()
  return db.transaction(async (trx) => {
    const names = await namesOf(trx, ids)
    if (names.length === 0) return undefined
    const rows = await collectProducts(trx, ids)
    const thrown: Thrown = { id: newId(), kind: 'products', name: formatList(names, 'conjunction'), thrownAt: now() }
    await keep(trx, thrown, rows, '')
    await deleteProducts(trx, rows)
    return thrown
  })
}

/** Keeps rows as they are, so that they can be brought back. */
export const keep = (trx: Knex.Transaction, thrown: Thrown, rows: Rows, merged: string) =>
  trx('trash').insert({ ...thrown, merged, content: JSON.stringify(rows), photos: photosIn(rows) })

/** What lies in the trash, latest first. */
export async function listTrash(): Promise<Thrown[]> {
  const db = await database()
  return db('trash').orderBy('thrownAt', 'desc').select('id', 'kind', 'name', 'thrownAt')
}

/** Brings back what was thrown away, or takes a merge apart again. */
export async function bringBack(id: string): Promise<Result<string>> {
  const db = await writableDatabase()
  try {
    return await db.transaction(async (trx): Promise<Result<string>> => {
      const thrown: ThrownRow | undefined = await trx('trash').where({ id }).first()
      if (!thrown) return problem('gone', texts.thisIsNotInTheTrash)
      const rows = JSON.parse(thrown.content) as Rows
      if (thrown.kind === 'merge') {
        const left = await collectProducts(
          trx,
          (rows.product ?? []).map((one) => String(one.id)),
        )
        if (digestOf(left) !== thrown.merged) return problem('changed', texts.somethingWasRecordedOrChangedIn)
        await deleteProducts(trx, left)
      }
      await insertRows(trx, rows)
      await trx('trash').where({ id }).delete()
      return ok(thrown.name)
    })
  } catch (error) {
    return refusalOf(error)
  }
}

function refusalOf(error: unknown): Result<never> {
  const code = error instanceof Error && 'code' in error ? String(error.code) : ''
  if (/UNIQUE|PRIMARYKEY/.test(code)) return problem('taken', texts.thereIsOneOfThisName)
  if (code.includes('FOREIGNKEY')) return problem('homeless', texts.itsEngineOrAFilterThat)
  throw error
}

/** Removes for good what has lain for thirty days, or one thing by its id. */
export async function emptyTrash(id?: string): Promise<void> {
  const db = await writableDatabase()
  const before = new Date(Date.now() - daysKept * 86_400_000).toISOString()
  const photos = await db.transaction(async (trx) => {
    const which = (query: Knex.QueryBuilder) =>
      void (id === undefined ? query.where('thrownAt', '<', before) : query.where({ id }))
    const gone: { photos: string }[] = await trx('trash').where(which).select('photos')
    await trx('trash').where(which).delete()
    const listed = gone.flatMap((one) => JSON.parse(one.photos) as string[])
    const still = new Set<string>(await trx('photo').whereIn('id', listed).pluck('id'))
    return listed.filter((photo) => !still.has(photo))
  })
  for (const photo of photos) await removePhotoFiles(photo)
}
