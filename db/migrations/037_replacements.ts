import type { Knex } from 'knex'

/** Numbers that take the place of other numbers. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('replacement', (table) => {
    table.text('product_id').notNullable().references('product.id').onDelete('CASCADE')
    table.text('replaces_id').notNullable().references('product.id').onDelete('CASCADE').index()
    table.text('created_at').notNullable()
    table.primary(['product_id', 'replaces_id'])
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('replacement')
