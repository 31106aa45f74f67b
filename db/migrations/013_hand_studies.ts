import type { Knex } from 'knex'

/** How steady hands and eyes are: gauge studies, and grades that were given a second time without seeing the first. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('gauge_study', (table) => {
    table.text('id').primary()
    table.text('instrument_id').notNullable().references('instrument.id').onDelete('CASCADE')
    table.text('characteristic').notNullable()
    table.text('readings').notNullable()
    table.float('tolerance')
    table.text('created_at').notNullable()
    table.index(['instrument_id'])
  })
  await knex.schema.createTable('grade_study', (table) => {
    table.text('id').primary()
    table.text('pairs').notNullable()
    table.text('created_at').notNullable()
  })
  const triggers = {
    gauge_study_added: ['insert', 'gauge_study', 'new'],
    gauge_study_removed: ['delete', 'gauge_study', 'old'],
    grade_study_added: ['insert', 'grade_study', ''],
    grade_study_removed: ['delete', 'grade_study', ''],
  } as const
  for (const [name, [event, table, row]] of Object.entries(triggers))
    await knex.raw(`create trigger ${name} after ${event} on ${table} begin
      update specimen_summary set version = version + 1
      ${row && `where specimen_id in (select specimen_id from reading where instrument_id = ${row}.instrument_id)`}; end`)
}

export async function down(knex: Knex): Promise<void> {
  for (const table of ['grade_study', 'gauge_study']) await knex.schema.dropTable(table)
}
