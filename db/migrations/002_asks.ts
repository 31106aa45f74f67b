import type { Knex } from 'knex'

/** What an application asks of its filters, in SI. */
const columns = ['bypass_opening', 'oil_cold', 'oil_hot']

export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('application', (table) => {
    for (const column of columns) table.float(column)
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('application', (table) => {
    for (const column of columns) table.dropColumn(column)
  })
}
