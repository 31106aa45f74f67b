import type { Knex } from 'knex'

/** Claims and prices of one revision of a product; those that say nothing of it are of all. */
export async function up(knex: Knex): Promise<void> {
  for (const name of ['claim', 'price'])
    await knex.schema.alterTable(name, (table) => {
      table.text('revision_id').references('revision.id').onDelete('SET NULL')
    })
}

export async function down(knex: Knex): Promise<void> {
  for (const name of ['claim', 'price'])
    await knex.schema.alterTable(name, (table) => {
      table.dropColumn('revision_id')
    })
}
