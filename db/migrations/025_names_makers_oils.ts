import type { Knex } from 'knex'

/**
 * Short names of products, makers of revisions, whether a pack holds the same, what an engine is known for, and the oil
 * that a driver uses in place of yes or no.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('product', (table) => {
    table.text('nickname').notNullable().defaultTo('')
    table.text('nickname_key').notNullable().defaultTo('')
  })
  await knex.raw(
    "CREATE UNIQUE INDEX product_nickname on product (application_id, nickname_key) where nickname_key <> ''",
  )
  await knex.schema.alterTable('revision', (table) => {
    table.text('maker').notNullable().defaultTo('')
    table.text('maker_evidence').notNullable().defaultTo('')
  })
  await knex.schema.alterTable('price', (table) => {
    table.text('pack_content').notNullable().defaultTo('')
  })
  await knex.schema.alterTable('application', (table) => {
    table.text('trouble').notNullable().defaultTo('')
  })
  await knex.schema.alterTable('driver', (table) => {
    table.text('oil').notNullable().defaultTo('full')
    table.float('habit_hours')
  })
  await knex('driver').where({ meets_oil: 0 }).update({ oil: 'mineral' })
}

export async function down(knex: Knex): Promise<void> {
  const dropColumns = (name: string, columns: string[]) =>
    knex.schema.alterTable(name, (table) => {
      table.dropColumns(...columns)
    })
  await dropColumns('driver', ['oil', 'habit_hours'])
  await dropColumns('application', ['trouble'])
  await dropColumns('price', ['pack_content'])
  await dropColumns('revision', ['maker', 'maker_evidence'])
  await knex.raw('DROP INDEX product_nickname')
  await dropColumns('product', ['nickname', 'nickname_key'])
}
