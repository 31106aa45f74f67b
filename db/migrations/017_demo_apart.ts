import type { Knex } from 'knex'

const marked = ['application', 'instrument', 'driver', 'rate']

/** Sums are made anew, own and demo apart. */
const sum = (row: 'new' | 'old'): string =>
  `delete from spread where key = ${row}.key and demo = ${row}.demo;
   insert into spread (key, demo, squares, degrees)
   select key, demo, total(squares), sum(degrees) from revision_spread
   where key = ${row}.key and demo = ${row}.demo group by key, demo;`

const triggers: Record<string, string> = {
  revision_spread_added: `after insert on revision_spread begin ${sum('new')} end`,
  revision_spread_changed: `after update on revision_spread begin ${sum('new')} end`,
  revision_spread_removed: `after delete on revision_spread begin ${sum('old')} end`,
}

/** Of a revision whose last specimens were moved nothing is worked out again: what they added is taken back at once. */
const specimenMoved = `create trigger specimen_moved after update of revision_id on specimen
  when new.revision_id <> old.revision_id begin delete from revision_spread where revision_id = old.revision_id; end`

/** What is of the demo is marked, and how much units differ is counted apart for it. */
export async function up(knex: Knex): Promise<void> {
  for (const name of marked)
    await knex.schema.alterTable(name, (table) => {
      table.integer('demo').notNullable().defaultTo(0)
    })
  for (const name of Object.keys(triggers)) await knex.raw(`drop trigger ${name}`)
  await knex.raw('drop index revision_spread_key')
  await knex.schema.dropTable('spread')
  await knex.schema.createTable('spread', (table) => {
    table.text('key').notNullable()
    table.integer('demo').notNullable()
    table.float('squares').notNullable()
    table.integer('degrees').notNullable()
    table.primary(['key', 'demo'])
  })
  await knex.schema.alterTable('revision_spread', (table) => {
    table.integer('demo').notNullable().defaultTo(0)
  })
  await knex.raw('create index revision_spread_key on revision_spread (key, demo, squares, degrees)')
  await knex.raw(`insert into spread (key, demo, squares, degrees)
    select key, 0, total(squares), sum(degrees) from revision_spread group by key`)
  for (const [name, body] of Object.entries(triggers)) await knex.raw(`create trigger ${name} ${body}`)
  await knex.raw(specimenMoved)
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop trigger specimen_moved')
  for (const name of Object.keys(triggers)) await knex.raw(`drop trigger ${name}`)
  await knex.raw('drop index revision_spread_key')
  await knex.schema.dropTable('spread')
  await knex.schema.createTable('spread', (table) => {
    table.text('key').primary()
    table.float('squares').notNullable()
    table.integer('degrees').notNullable()
  })
  await knex.schema.alterTable('revision_spread', (table) => {
    table.dropColumn('demo')
  })
  await knex.raw('create index revision_spread_key on revision_spread (key, squares, degrees)')
  const before = (row: string): string =>
    `delete from spread where key = ${row}.key;
     insert into spread (key, squares, degrees)
     select key, total(squares), sum(degrees) from revision_spread where key = ${row}.key group by key;`
  await knex.raw(`insert into spread (key, squares, degrees)
    select key, total(squares), sum(degrees) from revision_spread group by key`)
  await knex.raw(`create trigger revision_spread_added after insert on revision_spread begin ${before('new')} end`)
  await knex.raw(`create trigger revision_spread_changed after update on revision_spread begin ${before('new')} end`)
  await knex.raw(`create trigger revision_spread_removed after delete on revision_spread begin ${before('old')} end`)
  for (const name of marked)
    await knex.schema.alterTable(name, (table) => {
      table.dropColumn('demo')
    })
}
