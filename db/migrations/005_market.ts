import type { Knex } from 'knex'

/** Claims and the user's decisions on them, prices, rates, drivers, and what the engine's manual says. */
// eslint-disable-next-line max-lines-per-function -- history: a migration that has run is not rewritten
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('claim', (table) => {
    table.text('id').primary()
    table.text('product_id').notNullable().references('product.id').onDelete('CASCADE')
    table.text('kind').notNullable()
    table.text('words').notNullable()
    table.text('place').notNullable()
    table.text('read_on').notNullable()
    table.text('parts').notNullable()
    table.text('photo_id').references('photo.id').onDelete('SET NULL')
    table.text('created_at').notNullable()
    table.index(['product_id'])
  })

  await knex.schema.createTable('claim_decision', (table) => {
    table.text('product_id').notNullable().references('product.id').onDelete('CASCADE')
    table.text('kind').notNullable()
    table.text('claim_id').notNullable().references('claim.id').onDelete('CASCADE')
    table.text('reason').notNullable()
    table.text('at').notNullable()
    table.primary(['product_id', 'kind'])
  })

  await knex.schema.createTable('price', (table) => {
    table.text('id').primary()
    table.text('product_id').notNullable().references('product.id').onDelete('CASCADE')
    table.text('shop').notNullable()
    table.text('currency').notNullable()
    table.integer('minor').notNullable()
    table.integer('count').notNullable()
    table.float('subscription').notNullable().defaultTo(0)
    table.text('freight').notNullable()
    table.text('extras').notNullable().defaultTo('')
    table.integer('extras_minor').notNullable().defaultTo(0)
    table.text('on').notNullable()
    table.text('created_at').notNullable()
    table.index(['product_id'])
  })

  await knex.schema.createTable('rate', (table) => {
    table.text('id').primary()
    table.text('from').notNullable()
    table.text('to').notNullable()
    table.float('rate').notNullable()
    table.text('on').notNullable()
  })

  await knex.schema.createTable('driver', (table) => {
    table.text('id').primary()
    table.text('name').notNullable().unique()
    table.float('distance').notNullable()
    table.float('habit_distance')
    table.integer('habit_months')
    table.text('duty').notNullable()
    table.text('climate').notNullable()
    table.text('position').notNullable()
    table.float('oil_hot')
    table.boolean('meets_oil').notNullable().defaultTo(true)
    table.integer('vehicles').notNullable().defaultTo(1)
    table.text('created_at').notNullable()
  })

  await knex.schema.alterTable('application', (table) => {
    table.text('manual').notNullable().defaultTo('{}')
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('application', (table) => table.dropColumn('manual'))
  for (const table of ['driver', 'rate', 'price', 'claim_decision', 'claim']) await knex.schema.dropTable(table)
}
