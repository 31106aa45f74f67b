import type { Knex } from 'knex'

const remark = ' (on the second edition of what ships)'

/**
 * What the app ships judges by other breakpoints than before. Where the user has changed the method, the changes now
 * stand on these: a version of its own, so that verdicts published before name the one that they were given by.
 */
export async function up(knex: Knex): Promise<void> {
  const latest: { version: number; note: string; valueFunctions: string; weights: string } | undefined = await knex(
    'method_version',
  )
    .orderBy('version', 'desc')
    .first('version', 'note', 'value_functions', 'weights')
  if (!latest) return
  const { version, note, ...changes } = latest
  await knex('method_version').insert({
    ...changes,
    version: version + 1,
    note: `${note}${remark}`,
    created_at: new Date().toISOString(),
  })
}

export async function down(knex: Knex): Promise<void> {
  await knex('method_version').whereLike('note', `%${remark}`).delete()
}
