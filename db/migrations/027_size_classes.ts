import type { Knex } from 'knex'

const application = `select specimen.id from specimen join revision on revision.id = revision_id
  join product on product.id = product_id where application_id = new.id`

/** An application that is changed makes the summaries of its specimens anew when one of these has changed. */
const watch = (columns: string): string => `create trigger application_changed after update of ${columns} on application
  begin update specimen_summary set version = version + 1 where specimen_id in (${application}); end`

const asked = 'bypass_opening, oil_temperature_min, oil_temperature_max'

/** Filters of an engine have a size class; what units differ by is kept class by class. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('application', (table) => void table.text('size_class').notNullable().defaultTo(''))
  await knex.schema.alterTable('specimen_summary', (table) => void table.text('size_class').notNullable().defaultTo(''))
  await knex.raw('drop trigger application_changed')
  await knex.raw(watch(`${asked}, size_class`))
  await knex('specimen_summary').update({ summary_version: null })
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop trigger application_changed')
  await knex.schema.alterTable('application', (table) => void table.dropColumn('size_class'))
  await knex.schema.alterTable('specimen_summary', (table) => void table.dropColumn('size_class'))
  await knex.raw(watch(asked))
  await knex('specimen_summary').update({ summary_version: null })
}
