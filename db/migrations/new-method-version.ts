import type { Knex } from 'knex'

/**
 * What the user has changed of the method stands on a new edition of what ships, in a version of its own, so that
 * verdicts published before name the one that they were given by. Where nothing was changed, nothing is added.
 */
export async function newMethodVersion(knex: Knex, edition: number, remark: string): Promise<void> {
  const latest: { version: number; note: string; value_functions: string; weights: string } | undefined = await knex(
    'method_version',
  )
    .orderBy('version', 'desc')
    .first('version', 'note', 'value_functions', 'weights')
  if (!latest) return
  await knex('method_version').insert({
    ...latest,
    version: Math.max(latest.version, edition) + 1,
    note: `${latest.note}${remark}`,
    created_at: new Date().toISOString(),
  })
}
