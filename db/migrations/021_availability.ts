import type { Knex } from 'knex'

/** How a product or one of its revisions can be had, where and when that was seen. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('availability', (table) => {
    table.text('id').primary()
    table.text('product_id').notNullable().references('product.id').onDelete('CASCADE')
    table.text('revision_id').references('revision.id').onDelete('CASCADE')
    table.text('status').notNullable()
    table.text('place').notNullable()
    table.text('seen_on').notNullable()
    table.text('source').notNullable()
    table.text('created_at').notNullable()
    table.index(['product_id'])
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('availability')
}
