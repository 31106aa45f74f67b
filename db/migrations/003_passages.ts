import type { Knex } from 'knex'

/** When a specimen passed a point of no return, and why with readings missing. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('passage', (table) => {
    table.text('specimen_id').notNullable().references('specimen.id').onDelete('CASCADE')
    table.text('point').notNullable().checkIn(['cut', 'apart', 'unfold', 'wrap'])
    table.text('at').notNullable()
    table.text('reason').notNullable().defaultTo('')
    table.text('missing').notNullable().defaultTo('[]')
    table.primary(['specimen_id', 'point'])
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('passage')
}
