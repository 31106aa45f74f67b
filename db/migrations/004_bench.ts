import type { Knex } from 'knex'

/** The user's instruments, pictures, when stations began, what to record of a specimen, when it was filmed. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('instrument', (table) => {
    table.text('id').primary()
    table.text('name').notNullable().unique()
    table.text('kind').notNullable().checkIn(['caliper', 'micrometer', 'tape', 'scale', 'gauge'])
    table.float('resolution').notNullable()
    table.float('accuracy').notNullable()
    table.float('zero').notNullable().defaultTo(0)
    table.integer('check_days')
    table.boolean('usual').notNullable().defaultTo(false)
    table.text('created_at').notNullable()
  })

  await knex.schema.createTable('instrument_check', (table) => {
    table.text('id').primary()
    table.text('instrument_id').notNullable().references('instrument.id').onDelete('CASCADE')
    table.text('at').notNullable()
    table.float('reference').notNullable()
    table.float('reading').notNullable()
    table.text('piece').notNullable().defaultTo('')
    table.index(['instrument_id'])
  })

  await knex.schema.createTable('photo', (table) => {
    table.text('id').primary()
    table.text('specimen_id').notNullable().references('specimen.id').onDelete('CASCADE')
    table.text('part').notNullable()
    table.text('name').notNullable()
    table.integer('width').notNullable()
    table.integer('height').notNullable()
    table.integer('bytes').notNullable()
    table.text('at').notNullable()
    table.index(['specimen_id'])
  })

  await knex.schema.createTable('station_start', (table) => {
    table.text('specimen_id').notNullable().references('specimen.id').onDelete('CASCADE')
    table.text('station').notNullable()
    table.text('at').notNullable()
    table.primary(['specimen_id', 'station'])
  })

  await knex.schema.alterTable('specimen', (table) => {
    table.text('plan').notNullable().defaultTo('{}')
    table.text('filming_at')
  })

  await knex.schema.alterTable('reading', (table) => {
    table.float('zero')
    table.index(['characteristic', 'seq'])
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('reading', (table) => {
    table.dropIndex(['characteristic', 'seq'])
    table.dropColumn('zero')
  })
  await knex.schema.alterTable('specimen', (table) => {
    table.dropColumn('plan')
    table.dropColumn('filming_at')
  })
  for (const table of ['station_start', 'photo', 'instrument_check', 'instrument']) await knex.schema.dropTable(table)
}
