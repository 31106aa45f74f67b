import type { Knex } from 'knex'

const remark = ' (on the fifth edition of what ships)'

/**
 * A band round tall pleats counts in some schools. What the user has changed of the method stands on this edition, in a
 * version of its own, so that verdicts published before name the one that they were given by.
 */
export async function up(knex: Knex): Promise<void> {
  const latest: { version: number; note: string; value_functions: string; weights: string } | undefined = await knex(
    'method_version',
  )
    .orderBy('version', 'desc')
    .first('version', 'note', 'value_functions', 'weights')
  if (!latest) return
  await knex('method_version').insert({
    ...latest,
    version: Math.max(latest.version, 5) + 1,
    note: `${latest.note}${remark}`,
    created_at: new Date().toISOString(),
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex('method_version').whereLike('note', `%${remark}`).delete()
}
