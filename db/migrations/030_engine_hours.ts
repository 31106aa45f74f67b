import type { Knex } from 'knex'

/** How many hours a year a driver's engine runs: what paces an interval in engine hours. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('driver', (table) => {
    table.integer('annual_hours')
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('driver', (table) => {
    table.dropColumns('annual_hours')
  })
}
