import type { Knex } from 'knex'
import { connect } from '#app/storage/connect.ts'
import { migrationNames, migrationSource } from './index.ts'

/** Takes a database as far as one migration, for tests of it, and returns it open. */
export async function migrateTo(file: string, last: string): Promise<Knex> {
  const knex = connect(file, ['foreign_keys = ON'])
  const names = migrationNames.slice(0, migrationNames.indexOf(last) + 1)
  await knex.migrate.latest({
    migrationSource: { ...migrationSource, getMigrations: () => Promise.resolve(names) },
  })
  return knex
}
