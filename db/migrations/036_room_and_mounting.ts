import type { Knex } from 'knex'

/** What an engine has room for across, and how its filter is mounted. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('application', (table) => {
    table.float('max_diameter')
    table.text('mounting').notNullable().defaultTo('')
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('application', (table) => {
    table.dropColumns('max_diameter', 'mounting')
  })
}
