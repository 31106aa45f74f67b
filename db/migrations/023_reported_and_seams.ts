import type { Knex } from 'knex'
import { newMethodVersion } from './new-method-version.ts'

interface SchemaObject {
  type: string
  name: string
  sql: string
}

const former = "'measured','observed','claimed','inferred'"
const present = `${former},'reported'`
const remark = ' (on the fourth edition of what ships)'

/** What an answer about rust meant when it was given: a mark on the reading, since the words have changed. */
const rustNotes = {
  slight: 'When “a little” meant a tint that wipes off.',
  serious: 'When “yes” meant rust that stays.',
}

/**
 * Hearsay is a class of evidence of its own; the seam of a centre tube is recorded beside its openings; and rust that
 * comes off on the finger is told from a stain. What was recorded keeps what it meant.
 */
export async function up(knex: Knex): Promise<void> {
  await withEvidence(knex, former, present)
  await knex('reading').where({ characteristic: 'core.type', value_text: 'spiral' }).update({
    characteristic: 'core.seam',
  })
  for (const [answer, note] of Object.entries(rustNotes))
    await knex('reading').where({ characteristic: 'inside.rust', value_text: answer, note: null }).update({ note })
  await newMethodVersion(knex, 4, remark)
}

export async function down(knex: Knex): Promise<void> {
  await knex('method_version').whereLike('note', `%${remark}`).delete()
  await knex('reading').whereIn('note', Object.values(rustNotes)).update({ note: null })
  await knex('reading').where({ characteristic: 'core.seam', value_text: 'spiral' }).update({
    characteristic: 'core.type',
  })
  await knex('reading').where({ evidence: 'reported' }).update({ evidence: 'claimed' })
  await withEvidence(knex, present, former)
}

/** Makes the table of readings anew with other classes of evidence; SQLite cannot change a check. */
async function withEvidence(knex: Knex, before: string, after: string): Promise<void> {
  const objects: SchemaObject[] = await knex('sqlite_master')
    .where((one) => void one.where({ tbl_name: 'reading' }).orWhere({ name: 'shown_reading' }))
    .whereNotNull('sql')
    .select('type', 'name', 'sql')
  const table = objects.find(({ type, name }) => type === 'table' && name === 'reading')
  if (!table?.sql.includes(before)) throw new Error('The table of readings is not what it was')
  await knex.raw('PRAGMA legacy_alter_table = ON')
  await knex.raw('DROP VIEW shown_reading')
  await knex.raw(
    table.sql.replace(/^CREATE TABLE [`"]reading[`"]/, 'CREATE TABLE `reading_next`').replace(before, after),
  )
  await knex.raw('INSERT INTO reading_next SELECT * FROM reading')
  await knex.raw('DROP TABLE reading')
  await knex.raw('ALTER TABLE reading_next RENAME TO reading')
  for (const { type, sql } of objects) if (type !== 'table') await knex.raw(sql)
  await knex.raw('PRAGMA legacy_alter_table = OFF')
}
