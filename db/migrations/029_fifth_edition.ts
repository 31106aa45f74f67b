import type { Knex } from 'knex'
import { newMethodVersion } from './new-method-version.ts'

const remark = ' (on the fifth edition of what ships)'

/** A band round tall pleats counts in some schools. */
export const up = (knex: Knex): Promise<void> => newMethodVersion(knex, 5, remark)

export async function down(knex: Knex): Promise<void> {
  await knex('method_version').whereLike('note', `%${remark}`).delete()
}
