import type { Knex } from 'knex'

/** What headings of the reviewer's own tables stand for, kept for the next table. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('sheet_heading', (table) => {
    table.text('heading').primary()
    table.text('characteristic').notNullable()
    table.text('unit').notNullable()
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('sheet_heading')
}
