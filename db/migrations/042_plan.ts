import type { Knex } from 'knex'

/** What is to be bought, and what falls on a day. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('purchase', (table) => {
    table.text('id').primary()
    table.text('product_id').notNullable().references('product.id').onDelete('CASCADE').index()
    table.integer('count').notNullable()
    table.text('reason').notNullable()
    table.text('shop').notNullable()
    table.integer('price_minor')
    table.text('currency')
    table.text('ordered_on')
    table.text('expected_on')
    table.text('arrived_on')
    table.text('dropped_at')
    table.text('raw_input').notNullable().defaultTo('{}')
    table.integer('version').notNullable().defaultTo(1)
    table.text('created_at').notNullable()
  })
  await knex.schema.createTable('planned_day', (table) => {
    table.text('id').primary()
    table.text('application_id').references('application.id').onDelete('CASCADE').index()
    table.text('day').notNullable()
    table.text('words').notNullable()
    table.text('done_at')
    table.text('dropped_at')
    table.text('created_at').notNullable()
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('planned_day')
  await knex.schema.dropTable('purchase')
}
