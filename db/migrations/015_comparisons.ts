import type { Knex } from 'knex'

/** What was said of two specimens beside each other: of one characteristic or figure, with the words as typed. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('comparison', (table) => {
    table.text('id').primary()
    table.text('specimen_id').notNullable().references('specimen.id').onDelete('CASCADE')
    table.text('other_id').notNullable().references('specimen.id').onDelete('CASCADE')
    table.text('characteristic').notNullable()
    table.text('relation').notNullable()
    table.text('evidence').notNullable()
    table.text('said').notNullable()
    table.text('created_at').notNullable()
    table.index(['specimen_id'])
    table.index(['other_id'])
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('comparison')
}
