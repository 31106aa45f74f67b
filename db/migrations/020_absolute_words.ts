import type { Knex } from 'knex'

/** The reviewer's absolute word on a revision, and who the reviewer is. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('absolute_word', (table) => {
    table.text('id').primary()
    table.text('revision_id').notNullable().references('revision.id').onDelete('CASCADE')
    table.text('word').notNullable()
    table.text('interval').notNullable()
    table.text('oil').notNullable()
    table.text('duty').notNullable()
    table.text('position').notNullable()
    table.text('reason').notNullable()
    table.text('published_at')
    table.text('snapshot')
    table.text('updated_at').notNullable()
    table.integer('version').notNullable()
    table.index(['revision_id'])
  })
  await knex.schema.createTable('reviewer', (table) => {
    table.text('id').primary()
    table.text('interest').notNullable()
    table.text('interest_note').notNullable()
    table.text('top_end').notNullable()
    table.integer('version').notNullable()
  })
  await knex('reviewer').insert({ id: 'reviewer', interest: '', interest_note: '', top_end: '', version: 1 })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('reviewer')
  await knex.schema.dropTable('absolute_word')
}
