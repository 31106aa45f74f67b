import type { Knex } from 'knex'

/**
 * Engines that a product is sold for or was put on. The one that it was entered for is always among them; putting the
 * same pair in again replaces it, so that a product can be brought back with its fitments.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`create table fitment (
    product_id text not null references product (id) on delete cascade,
    application_id text not null references application (id) on delete cascade,
    source text not null default '' check (source in ('', 'maker', 'dealer', 'trial', 'swap')),
    remarks text not null default '',
    created_at text not null,
    primary key (product_id, application_id) on conflict replace
  )`)
  await knex.raw('create index fitment_application on fitment (application_id, product_id)')
  await knex.raw(`insert into fitment (product_id, application_id, created_at)
    select id, application_id, created_at from product`)
  await knex.raw(`create trigger product_fits_its_engine after insert on product begin
    insert into fitment (product_id, application_id, created_at) values (new.id, new.application_id, new.created_at);
  end`)
  await knex.raw(`create trigger product_moves_to_its_engine after update of application_id on product
    when old.application_id <> new.application_id begin
    delete from fitment where product_id = new.id and application_id = old.application_id;
    insert into fitment (product_id, application_id, created_at) values (new.id, new.application_id, new.created_at);
  end`)
}

export async function down(knex: Knex): Promise<void> {
  for (const trigger of ['product_fits_its_engine', 'product_moves_to_its_engine'])
    await knex.raw(`drop trigger ${trigger}`)
  await knex.schema.dropTable('fitment')
}
