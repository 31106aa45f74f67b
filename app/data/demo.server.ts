import type { Knex } from 'knex'
import { database, writableDatabase } from './database.server.ts'

/** Whether the demo is in the database, and whether it is shown. */
export type DemoState = 'absent' | 'hidden' | 'shown'

const setting = 'demo'

export async function demoState(): Promise<DemoState> {
  const db = await database()
  if (!(await db('application').where({ demo: 1 }).first('id'))) return 'absent'
  const row: { value: string } | undefined = await db('setting').where({ key: setting }).first('value')
  return row?.value === 'hidden' ? 'hidden' : 'shown'
}

/** Puts the demo away, or brings it back; nothing of it is lost. */
export async function showDemo(isShown: boolean): Promise<void> {
  const db = await writableDatabase()
  const value = isShown ? 'shown' : 'hidden'
  await db('setting').insert({ key: setting, value }).onConflict('key').merge()
}

/** Leaves away what is of the demo while that is put away. */
export const whatIsShown = (table: string) => (query: Knex.QueryBuilder) =>
  void query.whereRaw(
    `(${table}.demo = 0 or not exists (select 1 from setting where key = '${setting}' and value = 'hidden'))`,
  )

/** The ids of engines that are put away: few, looked up once a statement. */
export const enginesPutAway = (db: Knex): Knex.QueryBuilder =>
  db('application')
    .where({ demo: 1 })
    .whereExists(db('setting').where({ key: setting, value: 'hidden' }).select('key'))
    .select('id')

/** Marks a row as one of the demo. */
export async function markAsDemo(table: 'application' | 'instrument' | 'driver' | 'rate', id: string): Promise<void> {
  const db = await writableDatabase()
  await db(table).where({ id }).update({ demo: 1 })
}

/** Takes the demo out of the database, with all that was put into its line-ups, in one transaction. */
export async function removeDemo(): Promise<void> {
  const db = await writableDatabase()
  await db.transaction(async (trx) => {
    const applications = trx('application').where({ demo: 1 }).select('id')
    const products = trx('product').whereIn('applicationId', applications.clone())
    const brands: { brandId: string }[] = await products.clone().distinct('brandId')
    const revisions = trx('revision').whereIn('productId', products.clone().select('id')).select('id')
    const specimens = trx('specimen').whereIn('revisionId', revisions.clone()).select('id')
    await trx('reading').whereIn('specimenId', specimens.clone()).delete()
    await trx('specimen').whereIn('revisionId', revisions.clone()).delete()
    await products.clone().delete()
    await trx('application').where({ demo: 1 }).delete()
    await trx('brand')
      .whereIn(
        'id',
        brands.map(({ brandId }) => brandId),
      )
      .whereNotIn('id', trx('product').select('brandId'))
      .delete()
    await trx('instrument')
      .where({ demo: 1 })
      .whereNotIn('id', trx('reading').whereNotNull('instrumentId').select('instrumentId'))
      .delete()
    for (const table of ['driver', 'rate']) await trx(table).where({ demo: 1 }).delete()
  })
}
