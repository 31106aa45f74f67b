import { withDatabase } from './contents.ts'

/** Names of the migrations that a database file has been through. */
export const appliedMigrations = (file: string): string[] =>
  withDatabase(file, (database) => {
    const known = database.prepare("select 1 from sqlite_master where name = 'knex_migrations'").get()
    return known ? (database.prepare('select name from knex_migrations').pluck().all() as string[]) : []
  })
