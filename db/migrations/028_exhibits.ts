import type { Knex } from 'knex'

/** Parts of other engines' filters that are laid beside a face-off, and not scored. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('exhibit', (table) => {
    table.text('id').primary()
    table.text('application_id').notNullable().references('application.id').onDelete('CASCADE')
    table.text('specimen_id').notNullable().references('specimen.id').onDelete('CASCADE')
    table.text('part').notNullable()
    table.text('note').notNullable()
    table.text('created_at').notNullable()
    table.unique(['application_id', 'specimen_id', 'part'])
    table.index(['specimen_id'])
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('exhibit')
}
