import type { Knex } from 'knex'

/** A reading of what there is one of at each end may say at which it was taken. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('reading', (table) => void table.text('at_end'))
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop view shown_reading')
  await knex.raw('alter table reading drop column at_end')
  await knex.raw(`create view shown_reading as select * from reading
    where import_id is null or import_id not in (select id from import where state <> 'done')`)
}
