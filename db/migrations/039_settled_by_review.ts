import type { Knex } from 'knex'

/** What was promised at the bench may be settled by a review that shows it. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('owed', (table) => {
    table.text('settled_by')
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('owed', (table) => {
    table.dropColumn('settled_by')
  })
}
