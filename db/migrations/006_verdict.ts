import type { Knex } from 'knex'

/** The user's schools, versions of the method, verdicts, and what else an engine takes. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('school', (table) => {
    table.text('id').primary()
    table.text('name').notNullable().unique()
    table.text('says').notNullable()
    table.text('weights').notNullable()
    table.text('rules').notNullable()
    table.text('created_at').notNullable()
  })

  await knex.schema.createTable('method_version', (table) => {
    table.integer('version').primary()
    table.text('note').notNullable()
    table.text('rules').notNullable()
    table.text('weights').notNullable()
    table.text('at').notNullable()
  })

  await knex.schema.createTable('verdict', (table) => {
    table.text('id').primary()
    table.text('application_id').notNullable().references('application.id').onDelete('CASCADE')
    table.text('school_id').notNullable()
    table.text('driver_id').references('driver.id').onDelete('SET NULL')
    table.text('words').notNullable().defaultTo('')
    table.text('overrule').notNullable().defaultTo('')
    table.text('overrule_reason').notNullable().defaultTo('')
    table.text('published_at')
    table.text('frozen')
    table.text('at').notNullable()
    table.index(['application_id'])
  })

  await knex.schema.alterTable('application', (table) => {
    table.float('max_height')
    table.float('gasket_land')
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('application', (table) => {
    table.dropColumn('max_height')
    table.dropColumn('gasket_land')
  })
  for (const table of ['verdict', 'method_version', 'school']) await knex.schema.dropTable(table)
}
