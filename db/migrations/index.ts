import type { Knex } from 'knex'
import * as house from './001_house.ts'
import * as asks from './002_asks.ts'
import * as passages from './003_passages.ts'

const migrations: Record<string, Knex.Migration> = { '001_house': house, '002_asks': asks, '003_passages': passages }

/** Migrations as modules, so that they are part of the build. */
export const migrationSource: Knex.MigrationSource<string> = {
  getMigrations: () => Promise.resolve(Object.keys(migrations)),
  getMigrationName: (name) => name,
  getMigration: (name) => Promise.resolve(migrations[name]!),
}
