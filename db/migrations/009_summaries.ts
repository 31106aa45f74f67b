import type { Knex } from 'knex'

/** What bumps the version of a specimen: whatever its assessment rests on. */
const bump = (where: string): string =>
  `update specimen_summary set version = version + 1 where specimen_id in (${where});`

/** Sums are made anew: taken from and added to, they would wander from what they are made of. */
const sum = (key: string): string =>
  `delete from spread where key = ${key};
   insert into spread (key, squares, degrees)
   select key, total(squares), sum(degrees) from revision_spread where key = ${key} group by key;`

const ofRevision = (id: string): string => `select id from specimen where revision_id = ${id}`

const ofApplication = (id: string): string =>
  `select specimen.id from specimen join revision on revision.id = revision_id
   join product on product.id = product_id where application_id = ${id}`

const triggers: Record<string, string> = {
  specimen_added: `after insert on specimen begin
    insert into specimen_summary (specimen_id) values (new.id); ${bump(ofRevision('new.revision_id'))} end`,
  specimen_changed: `after update of recording_plan, revision_id on specimen begin
    ${bump(`${ofRevision('new.revision_id')} union ${ofRevision('old.revision_id')}`)} end`,
  specimen_removed: `after delete on specimen begin
    delete from revision_spread where revision_id = old.revision_id; ${bump(ofRevision('old.revision_id'))} end`,
  reading_added: `after insert on reading begin ${bump('new.specimen_id')} end`,
  reading_changed: `after update on reading begin ${bump('new.specimen_id, old.specimen_id')} end`,
  reading_removed: `after delete on reading begin ${bump('old.specimen_id')} end`,
  import_shown: `after update of state on import when new.state <> old.state begin
    ${bump('select distinct specimen_id from reading where import_id = new.id')} end`,
  product_changed: `after update of form, application_id on product begin
    ${bump('select specimen.id from specimen join revision on revision.id = revision_id where product_id = new.id')} end`,
  application_changed: `after update of bypass_opening, oil_temperature_min, oil_temperature_max on application begin
    ${bump(ofApplication('new.id'))} end`,
  instrument_changed: `after update of kind, resolution, accuracy on instrument begin
    ${bump('select distinct specimen_id from reading where instrument_id = new.id')} end`,
  revision_spread_added: `after insert on revision_spread begin ${sum('new.key')} end`,
  revision_spread_changed: `after update on revision_spread begin ${sum('new.key')} end`,
  revision_spread_removed: `after delete on revision_spread begin ${sum('old.key')} end`,
}

/**
 * What pages need of the whole library, kept: how far each specimen is, and how much units of one product differ. The
 * database itself notes what has changed since; a specimen is up to date when its summary is of its version.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('specimen_summary', (table) => {
    table.text('specimen_id').primary().references('specimen.id').onDelete('CASCADE')
    table.integer('version').notNullable().defaultTo(0)
    table.integer('summary_version')
    table.text('code').notNullable().defaultTo('')
    table.float('completeness').notNullable().defaultTo(0)
    table.text('fatal_fault')
  })
  await knex.raw(`create index specimen_summary_stale on specimen_summary (specimen_id)
    where summary_version is not version`)
  await knex.schema.createTable('spread', (table) => {
    table.text('key').primary()
    table.float('squares').notNullable()
    table.integer('degrees').notNullable()
  })
  await knex.schema.createTable('revision_spread', (table) => {
    table.text('revision_id').notNullable().references('revision.id').onDelete('CASCADE')
    table.text('key').notNullable()
    table.float('squares').notNullable()
    table.integer('degrees').notNullable()
    table.primary(['revision_id', 'key'])
  })
  await knex.raw('create index revision_spread_key on revision_spread (key, squares, degrees)')
  await knex.raw('insert into specimen_summary (specimen_id) select id from specimen')
  for (const [name, body] of Object.entries(triggers)) await knex.raw(`create trigger ${name} ${body}`)
  await knex.raw('create index product_brand on product (brand_id, part_number)')
  await knex.raw('create index reading_instrument on reading (instrument_id) where instrument_id is not null')
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop index product_brand')
  await knex.raw('drop index reading_instrument')
  for (const name of Object.keys(triggers)) await knex.raw(`drop trigger ${name}`)
  for (const table of ['revision_spread', 'spread', 'specimen_summary']) await knex.schema.dropTable(table)
}
