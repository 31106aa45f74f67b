import type { Knex } from 'knex'
import * as house from './001_house.ts'

const migrations: Record<string, Knex.Migration> = { '001_house': house }

/** Migrations as modules, so that they are part of the build. */
export const migrationSource: Knex.MigrationSource<string> = {
  getMigrations: () => Promise.resolve(Object.keys(migrations)),
  getMigrationName: (name) => name,
  getMigration: (name) => Promise.resolve(migrations[name]!),
}
