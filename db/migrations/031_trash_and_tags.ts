import type { Knex } from 'knex'

/** What was thrown away, whole, so that it can be brought back; and words by which products are found again. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('trash', (table) => {
    table.text('id').primary()
    table.text('kind').notNullable().checkIn(['products', 'merge'])
    table.text('name').notNullable()
    table.text('content').notNullable()
    table.text('photos').notNullable().defaultTo('[]')
    table.text('merged').notNullable().defaultTo('')
    table.text('thrown_at').notNullable().index()
  })
  await knex.schema.createTable('product_tag', (table) => {
    table.text('product_id').notNullable().references('product.id').onDelete('CASCADE')
    table.text('tag').notNullable()
    table.primary(['product_id', 'tag'])
    table.index('tag')
  })
}

export async function down(knex: Knex): Promise<void> {
  for (const table of ['product_tag', 'trash']) await knex.schema.dropTable(table)
}
