import { mkdirSync } from 'node:fs'
import { dirname } from 'node:path'
import type { Knex } from 'knex'
import { connect } from './connect.ts'
import { bringUpToDate } from './migrate.ts'
import { ensureWritable } from './writable.ts'

/** A database: many may read it while one writes. */
export interface Database {
  read: Knex
  write: Knex
  /** Without foreign keys: what an import writes points at what it makes in the end. */
  import: Knex
  close(): Promise<void>
}

/** The lock of another program is waited for outside SQLite, so that it holds up nobody else. */
const common = ['busy_timeout = 0', 'foreign_keys = ON', 'cache_size = -32000']

/**
 * Opens a database file, brings it up to date and returns it.
 *
 * Columns are named in camel case by the code and in snake case by the file. Foreign keys are enforced. The journal is
 * a write-ahead log: reading goes on while something is written. What was written is on the disk when its transaction
 * has ended, so that it outlives a power cut.
 *
 * @throws StorageError when the file cannot be used
 */
export async function openDatabase(file: string): Promise<Database> {
  mkdirSync(dirname(file), { recursive: true })
  ensureWritable(dirname(file))
  await bringUpToDate(file)
  const durable = ['journal_mode = WAL', 'synchronous = FULL']
  const write = connect(file, [...common, ...durable])
  await write.raw('select count(*) from application')
  // One connection: SQLite answers in the thread that asks, and one tells by itself whether anything has changed.
  const read = connect(file, [...common, 'query_only = ON'])
  const bulk = connect(file, [...common, ...durable, 'foreign_keys = OFF'], { kept: 0 })
  return {
    read,
    write,
    import: bulk,
    async close() {
      await Promise.all([read.destroy(), bulk.destroy()])
      await write.raw('pragma wal_checkpoint(TRUNCATE)').catch(() => undefined)
      await write.destroy()
    },
  }
}
