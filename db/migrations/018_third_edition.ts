import type { Knex } from 'knex'

const remark = ' (on the third edition of what ships)'

/**
 * How a box is closed counts for nothing any more, and a school can say what it must have. Where the user has changed
 * the method, the changes now stand on that: a version of its own, so that verdicts published before name the one that
 * they were given by.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('school', (table) => {
    table.text('must_haves').notNullable().defaultTo('{}')
  })
  const latest: { version: number; note: string; valueFunctions: string; weights: string } | undefined = await knex(
    'method_version',
  )
    .orderBy('version', 'desc')
    .first('version', 'note', 'value_functions', 'weights')
  if (!latest) return
  const { version, note, ...changes } = latest
  await knex('method_version').insert({
    ...changes,
    version: Math.max(version, 3) + 1,
    note: `${note}${remark}`,
    created_at: new Date().toISOString(),
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex('method_version').whereLike('note', `%${remark}`).delete()
  await knex.schema.alterTable('school', (table) => {
    table.dropColumn('must_haves')
  })
}
