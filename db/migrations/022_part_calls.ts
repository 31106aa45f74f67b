import type { Knex } from 'knex'

/** The reviewer's call on a part of two revisions that face each other; the one of the lesser id is the first. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('part_call', (table) => {
    table.text('first_id').notNullable().references('revision.id').onDelete('CASCADE')
    table.text('second_id').notNullable().references('revision.id').onDelete('CASCADE')
    table.text('part').notNullable()
    table.integer('call').notNullable()
    table.text('called_at').notNullable()
    table.primary(['first_id', 'second_id', 'part'])
    table.index(['second_id'])
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('part_call')
}
