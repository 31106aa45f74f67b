import type { Knex } from 'knex'

/** The camera may stop and run again while a specimen is filmed. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('camera_pause', (table) => {
    table.text('id').primary()
    table.text('specimen_id').notNullable().references('specimen.id').onDelete('CASCADE').index()
    table.text('stopped_at').notNullable()
    table.text('resumed_at')
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('camera_pause')
