import type { Knex } from 'knex'

/** A reading as people say it has a width of its own: "about 300 g", "4 to 5 in". */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('reading', (table) => void table.double('value_half'))
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop view shown_reading')
  await knex.raw('alter table reading drop column value_half')
  await knex.raw(`create view shown_reading as select * from reading
    where import_id is null or import_id not in (select id from import where state <> 'done')`)
}
