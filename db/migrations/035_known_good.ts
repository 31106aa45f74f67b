import type { Knex } from 'knex'

/** Specimens that are surely what their boxes say: others of the revision are set beside them. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('known_good', (table) => {
    table.text('specimen_id').primary().references('specimen.id').onDelete('CASCADE')
    table.text('created_at').notNullable()
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('known_good')
