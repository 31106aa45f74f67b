import type { Knex } from 'knex'

/**
 * What is owed to be shown later, what was predicted before it was measured, and what was looked up or asked in vain.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('owed', (table) => {
    table.text('id').primary()
    table.text('specimen_id').notNullable().references('specimen.id').onDelete('CASCADE')
    table.text('characteristic').notNullable()
    table.text('owed_at').notNullable()
    table.text('settled_at')
    table.index(['specimen_id'])
  })
  await knex.schema.createTable('prediction', (table) => {
    table.text('id').primary()
    table.text('specimen_id').notNullable().references('specimen.id').onDelete('CASCADE')
    table.text('characteristic').notNullable()
    table.text('raw_input').notNullable()
    table.float('value_number')
    table.float('value_half')
    table.text('value_text')
    table.text('predicted_at').notNullable()
    table.index(['specimen_id'])
  })
  await knex.schema.createTable('inquiry', (table) => {
    table.text('id').primary()
    table.text('product_id').notNullable().references('product.id').onDelete('CASCADE')
    table.text('about').notNullable()
    table.text('state').notNullable()
    table.text('place').notNullable()
    table.text('made_on').notNullable()
    table.text('created_at').notNullable()
    table.index(['product_id'])
  })
}

export async function down(knex: Knex): Promise<void> {
  for (const table of ['inquiry', 'prediction', 'owed']) await knex.schema.dropTable(table)
}
