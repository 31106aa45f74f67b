import type { Knex } from 'knex'

/** Reviews, and what they said when they were published: that is never changed. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('review', (table) => {
    table.text('id').primary()
    table.text('application_id').notNullable().references('application.id').onDelete('CASCADE').index()
    table.text('subject').notNullable().checkIn(['engine', 'pair', 'revisions'])
    table.text('a').notNullable().defaultTo('')
    table.text('b').notNullable().defaultTo('')
    table.text('title').notNullable()
    table.text('blocks').notNullable()
    table.text('created_at').notNullable()
    table.text('updated_at').notNullable()
    table.integer('version').notNullable().defaultTo(1)
  })
  await knex.schema.createTable('review_version', (table) => {
    table.text('id').primary()
    table.text('review_id').notNullable().references('review.id').onDelete('CASCADE')
    table.integer('number').notNullable()
    table.text('published_at').notNullable()
    table.text('content').notNullable()
    table.text('hash').notNullable()
    table.integer('method').notNullable()
    table.text('correction').notNullable().defaultTo('')
    table.unique(['review_id', 'number'])
  })
}

export async function down(knex: Knex): Promise<void> {
  for (const table of ['review_version', 'review']) await knex.schema.dropTable(table)
}
