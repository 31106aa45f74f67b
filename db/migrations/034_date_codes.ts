import type { Knex } from 'knex'

/** How the date codes of a brand read, with the codes by which that was taught. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('date_code_template', (table) => {
    table.text('brand_id').notNullable().references('brand.id').onDelete('CASCADE')
    table.text('template').notNullable()
    table.text('taught').notNullable()
    table.text('created_at').notNullable()
    table.primary(['brand_id', 'template'])
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('date_code_template')
