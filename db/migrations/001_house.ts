import type { Knex } from 'knex'

// eslint-disable-next-line max-lines-per-function -- history: a migration that has run is not rewritten
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('application', (table) => {
    table.text('id').primary()
    table.text('name').notNullable().unique()
    table.text('machine').notNullable().defaultTo('')
    table.text('form').notNullable().checkIn(['spin-on', 'cartridge'])
    table.text('thread')
    table.text('bypass').notNullable().defaultTo('unknown').checkIn(['filter', 'engine', 'unknown'])
    table.text('note').notNullable().defaultTo('')
    table.text('created_at').notNullable()
  })

  await knex.schema.createTable('brand', (table) => {
    table.text('id').primary()
    table.text('name').notNullable().unique()
    table.text('created_at').notNullable()
  })

  await knex.schema.createTable('product', (table) => {
    table.text('id').primary()
    table.text('application_id').notNullable().references('application.id').onDelete('RESTRICT')
    table.text('brand_id').notNullable().references('brand.id').onDelete('RESTRICT')
    table.text('part_number').notNullable()
    table.text('form').notNullable().checkIn(['spin-on', 'cartridge'])
    table.text('tier').notNullable().checkIn(['low', 'middle', 'top', 'engine'])
    table.text('created_at').notNullable()
    table.unique(['application_id', 'brand_id', 'part_number'])
  })

  await knex.schema.createTable('revision', (table) => {
    table.text('id').primary()
    table.text('product_id').notNullable().references('product.id').onDelete('CASCADE')
    table.text('label').notNullable().defaultTo('')
    table.text('created_at').notNullable()
    table.unique(['product_id', 'label'])
  })

  await knex.schema.createTable('specimen', (table) => {
    table.text('id').primary()
    table.text('revision_id').notNullable().references('revision.id').onDelete('RESTRICT')
    table.text('label').notNullable()
    table.text('got').notNullable().checkIn(['bought', 'given'])
    table.text('given_by').notNullable().defaultTo('')
    table.integer('paid_minor')
    table.text('currency')
    table.text('shop').notNullable().defaultTo('')
    table.text('created_at').notNullable()
    table.unique(['revision_id', 'label'])
  })

  await knex.schema.createTable('reading', (table) => {
    table.increments('seq')
    table.text('id').notNullable().unique()
    table.text('specimen_id').notNullable().references('specimen.id').onDelete('RESTRICT')
    table.text('characteristic').notNullable()
    table.text('typed').notNullable()
    table.text('unit')
    table.float('number')
    table.text('text')
    table.text('groups')
    table.text('evidence').notNullable().checkIn(['measured', 'observed', 'claimed', 'inferred'])
    table.text('instrument_id')
    table.text('source')
    table.text('note')
    table.text('at').notNullable()
    table.text('struck_at')
    table.text('struck_why')
    table.index(['specimen_id', 'seq'])
    table.index(['characteristic', 'specimen_id'])
  })

  await knex.schema.createTable('note', (table) => {
    table.text('id').primary()
    table.text('specimen_id').notNullable().references('specimen.id').onDelete('CASCADE')
    table.text('part').notNullable()
    table.text('text').notNullable()
    table.text('at').notNullable()
    table.index(['specimen_id'])
  })
}

export async function down(knex: Knex): Promise<void> {
  for (const table of ['note', 'reading', 'specimen', 'revision', 'product', 'brand', 'application'])
    await knex.schema.dropTable(table)
}
