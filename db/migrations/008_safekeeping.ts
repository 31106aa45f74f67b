import type { Knex } from 'knex'

/** Tables with names that people write now so, now so: each is known by its folded name inside its own list. */
const named: { table: string; name: string; within: string[] }[] = [
  { table: 'application', name: 'name', within: [] },
  { table: 'brand', name: 'name', within: [] },
  { table: 'product', name: 'part_number', within: ['application_id', 'brand_id'] },
  { table: 'revision', name: 'label', within: ['product_id'] },
  { table: 'specimen', name: 'label', within: ['revision_id'] },
  { table: 'driver', name: 'name', within: [] },
  { table: 'school', name: 'name', within: [] },
  { table: 'instrument', name: 'name', within: [] },
]

/** Rows that two people may change at once. */
const versioned = ['application', 'product', 'specimen', 'claim', 'driver', 'school', 'instrument', 'verdict']

const fold = (name: string): string => name.normalize('NFC').toUpperCase().toLowerCase().normalize('NFC')

const indexName = (table: string): string => `${table}_name_key`

/** Versions of rows, folded names, acts that were done, imports as they go, settings, what a picture was sent as. */
export async function up(knex: Knex): Promise<void> {
  for (const table of versioned)
    await knex.schema.alterTable(table, (changed) => void changed.integer('version').notNullable().defaultTo(1))

  for (const { table, name, within } of named) {
    await knex.schema.alterTable(table, (changed) => void changed.text('name_key').notNullable().defaultTo(''))
    const taken = new Set<string>()
    const rows: Record<string, string>[] = await knex(table).orderBy('created_at').select('*')
    for (const row of rows) {
      const values = Object.fromEntries(Object.entries(row).map(([column, value]) => [toSnake(column), value]))
      const place = within.map((column) => values[column]).join(' ')
      // Two that were told apart by case alone stay two: the elder one is found by the name.
      let key = fold(values[name] ?? '')
      if (taken.has(`${place} ${key}`)) key = `${key} ${values.id}`
      taken.add(`${place} ${key}`)
      await knex(table).where({ id: values.id }).update({ name_key: key })
    }
    await knex.schema.alterTable(
      table,
      (changed) => void changed.unique([...within, 'name_key'], { indexName: indexName(table) }),
    )
  }

  await knex.schema.createTable('act', (table) => {
    table.text('id').primary()
    table.text('digest').notNullable()
    table.text('done_at').notNullable()
  })

  await knex.schema.createTable('setting', (table) => {
    table.text('key').primary()
    table.text('value').notNullable()
  })

  await knex.schema.createTable('import', (table) => {
    table.text('id').primary()
    table.text('name').notNullable()
    table.text('state').notNullable().checkIn(['reading', 'ready', 'writing', 'done', 'failed'])
    table.text('message').notNullable().defaultTo('')
    table.integer('rows').notNullable().defaultTo(0)
    table.integer('new').notNullable().defaultTo(0)
    table.integer('there').notNullable().defaultTo(0)
    table.integer('refused').notNullable().defaultTo(0)
    table.text('created_at').notNullable()
  })

  await knex.schema.alterTable('reading', (table) => void table.text('import_id'))
  await knex.raw('create index reading_import_id on reading (import_id) where import_id is not null')
  await knex.raw(`create view shown_reading as select * from reading
    where import_id is null or import_id not in (select id from import where state <> 'done')`)
  await knex.schema.alterTable('photo', (table) => void table.text('content_hash'))
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop view shown_reading')
  await knex.raw('drop index reading_import_id')
  await knex.raw('alter table reading drop column import_id')
  await knex.raw('alter table photo drop column content_hash')
  for (const table of ['import', 'setting', 'act']) await knex.schema.dropTable(table)
  for (const { table } of named) {
    await knex.raw(`drop index ${indexName(table)}`)
    await knex.raw(`alter table ${table} drop column name_key`)
  }
  for (const table of versioned) await knex.raw(`alter table ${table} drop column version`)
}

const toSnake = (name: string): string => name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`)
