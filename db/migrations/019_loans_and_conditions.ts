import type { Knex } from 'knex'

/** Samples that go back to whoever lent them, and the conditions under which a verdict holds. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('specimen', (table) => {
    table.integer('on_loan').notNullable().defaultTo(0)
  })
  await knex.schema.alterTable('verdict', (table) => {
    table.text('conditions').notNullable().defaultTo('')
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('verdict', (table) => {
    table.dropColumn('conditions')
  })
  await knex.schema.alterTable('specimen', (table) => {
    table.dropColumn('on_loan')
  })
}
