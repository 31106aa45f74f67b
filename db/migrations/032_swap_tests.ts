import type { Knex } from 'knex'

/** Parts of one filter that were tried in another. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('swap_test', (table) => {
    table.text('id').primary()
    table.text('from_revision').notNullable().references('revision.id').onDelete('CASCADE').index()
    table.text('into_revision').notNullable().references('revision.id').onDelete('CASCADE').index()
    table.text('part').notNullable()
    table.text('outcome').notNullable().checkIn(['fits', 'play', 'not'])
    table.text('tried_by').notNullable().defaultTo('')
    table.text('note').notNullable().defaultTo('')
    table.text('created_at').notNullable()
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('swap_test')
