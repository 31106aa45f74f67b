import type { Knex } from 'knex'

/** Where a price was seen may stay with the reviewer: it is not named in what leaves. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('price', (table) => {
    table.integer('is_shop_private').notNullable().defaultTo(0)
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('price', (table) => {
    table.dropColumn('is_shop_private')
  })
}
