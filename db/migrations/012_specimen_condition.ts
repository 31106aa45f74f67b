import type { Knex } from 'knex'

/** A specimen may have been used, lain in stock, or come damaged: what units share is made anew when that is said. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`alter table specimen add column condition text not null default 'new'
    check (condition in ('new', 'old-stock', 'used', 'damaged'))`)
  await knex.raw('alter table specimen add column service text')
  await knex.raw(`create trigger specimen_condition_changed after update of condition on specimen begin
    update specimen_summary set version = version + 1
    where specimen_id in (select id from specimen where revision_id = new.revision_id); end`)
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop trigger specimen_condition_changed')
  for (const column of ['condition', 'service']) await knex.raw(`alter table specimen drop column ${column}`)
}
