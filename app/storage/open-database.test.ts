import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import SqliteFile from 'better-sqlite3'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { migrationNames, migrationSource } from '#db/migrations/index.ts'
import { migrateTo } from '#db/migrations/migrate-to.fixture.ts'
import { listBackups } from './backups.ts'
import { databaseFile, dataFolder } from './data-folder.ts'
import { FolderInUse, lockFolder } from './folder-lock.ts'
import { openDatabase } from './open-database.ts'
import { whileWanted } from './request-scope.ts'
import { StorageError, storageProblemOf } from './storage-problem.ts'
import { brandNames, makeDatabase, storageFolder } from './storage-folder.fixture.ts'

storageFolder()
afterEach(() => vi.restoreAllMocks())

const problemOf = async (work: Promise<unknown>) => storageProblemOf(await work.catch((error: unknown) => error))?.kind

describe('a database of a former version', () => {
  const former = async () => {
    const knex = await migrateTo(databaseFile(), '007_field_terms')
    await knex('brand').insert({ id: 'b', name: 'Norrith', createdAt: '' })
    await knex.destroy()
  }

  test('is brought up to date, after a backup of it as it was', async () => {
    await former()
    await (await openDatabase(databaseFile())).close()
    expect(brandNames()).toEqual(['Norrith'])
    const [backup, ...more] = await listBackups()
    expect(more).toEqual([])
    expect(backup?.manifest).toMatchObject({ kind: 'before-migration', withPhotos: false })
    expect(backup?.manifest?.migrations.at(-1)).toBe('007_field_terms')
    await (await openDatabase(databaseFile())).close()
    expect(await listBackups()).toHaveLength(1)
  })

  test('stays as it was when that fails, byte for byte, and no log of it is left to be replayed', async () => {
    await former()
    const before = readFileSync(databaseFile())
    vi.spyOn(console, 'error').mockImplementation(() => undefined)
    const last = await migrationSource.getMigration('008_safekeeping')
    const spy = vi.spyOn(migrationSource, 'getMigration').mockImplementation((name) =>
      name === '008_safekeeping'
        ? Promise.resolve({
            ...last,
            up: async (knex) => {
              await last.up(knex)
              throw new Error('a fault in the last step')
            },
          })
        : Promise.reject(new Error(name)),
    )
    expect(await problemOf(openDatabase(databaseFile()))).toBe('migration')
    expect(spy).toHaveBeenCalled()
    expect(readFileSync(databaseFile()).equals(before)).toBe(true)
    expect(readdirSync(dataFolder()).sort()).toEqual(['backups', 'plicator.sqlite'])
  })
})

describe('what keeps a database from being used is named:', () => {
  test('another program that holds it', async () => {
    await makeDatabase()
    const other = new SqliteFile(databaseFile())
    other.pragma('locking_mode = EXCLUSIVE')
    other.exec('begin exclusive')
    vi.useFakeTimers({ toFake: ['Date'] })
    const opening = problemOf(openDatabase(databaseFile()))
    vi.setSystemTime(Date.now() + 60_000)
    expect(await opening).toBe('locked')
    vi.useRealTimers()
    other.close()
    await (await openDatabase(databaseFile())).close()
  }, 15_000)

  test('damage', async () => {
    writeFileSync(databaseFile(), 'This is no database. '.repeat(100))
    expect(await problemOf(openDatabase(databaseFile()))).toBe('damaged')
  })

  test('a newer app', async () => {
    await makeDatabase()
    const database = new SqliteFile(databaseFile())
    database.exec("insert into knex_migrations (name, batch) values ('999_later', 9)")
    database.close()
    expect(await problemOf(openDatabase(databaseFile()))).toBe('newer')
  })

  test.each([
    ['SQLITE_FULL', 'full'],
    ['SQLITE_READONLY_DIRECTORY', 'read-only'],
    ['SQLITE_IOERR_WRITE', 'unreachable'],
    ['SQLITE_CORRUPT_INDEX', 'damaged'],
    ['SQLITE_BUSY_SNAPSHOT', 'locked'],
    ['ENOSPC', 'full'],
    ['EROFS', 'read-only'],
  ])('%s is told as %s, with what is safe and what to do', (code, kind) => {
    const problem = storageProblemOf(Object.assign(new Error('x'), { code }))
    expect(problem).toMatchObject({ kind })
    for (const text of [problem?.title, problem?.what, problem?.safe, problem?.next])
      expect(text?.length).toBeGreaterThan(10)
  })

  test.each([new Error('x'), Object.assign(new Error('x'), { code: 'SQLITE_CONSTRAINT_UNIQUE' }), 'x', null])(
    'a fault of another kind is none of them: %s',
    (error) => expect(storageProblemOf(error)).toBeUndefined(),
  )
})

test('what was written is on the disk when its transaction has ended', async () => {
  const database = await openDatabase(databaseFile())
  expect(await database.write.raw('pragma synchronous')).toEqual([{ synchronous: 2 }])
  expect(await database.write.raw('pragma journal_mode')).toEqual([{ journalMode: 'wal' }])
  await database.close()
  expect(existsSync(`${databaseFile()}-wal`)).toBe(false)
})

test('what reads cannot write', async () => {
  const database = await openDatabase(databaseFile())
  await expect(database.read('brand').insert({ id: 'b', name: 'b', createdAt: '' })).rejects.toThrow(/readonly/)
  await database.close()
})

test('while another program holds the lock, reading goes on and a write waits for its turn', async () => {
  const database = await openDatabase(databaseFile())
  await database.write('setting').insert({ key: 'a', value: 'before' })
  const other = new SqliteFile(databaseFile())
  other.exec('begin immediate')
  let isWritten = false
  const writing = database
    .write('setting')
    .update({ value: 'after' })
    .then(() => (isWritten = true))
  for (let count = 0; count < 5; count++) {
    expect(await database.read('setting').first('value')).toEqual({ value: 'before' })
    await new Promise((resolve) => setTimeout(resolve, 20))
  }
  expect(isWritten).toBe(false)
  other.exec('commit')
  other.close()
  await writing
  expect(await database.read('setting').first('value')).toEqual({ value: 'after' })
  await database.close()
})

test('a request that was given up asks nothing more', async () => {
  const database = await openDatabase(databaseFile())
  const sender = new AbortController()
  const work = whileWanted(sender.signal, async () => {
    await database.read('brand').select('id')
    sender.abort()
    await database.read('brand').select('id')
  })
  await expect(work).rejects.toThrow(/abort/i)
  expect(await database.read('brand').select('id')).toEqual([])
  await database.close()
})

test('one process at a time has the folder, and the other is told who has it', () => {
  const lock = lockFolder('the server at http://127.0.0.1:4310')
  expect(() => lockFolder('another')).toThrow(FolderInUse)
  expect(() => lockFolder('another')).toThrow(/the server at http:\/\/127\.0\.0\.1:4310/)
  lock.release()
  lockFolder('another').release()
})

test('a folder that is not there is made', async () => {
  process.env.PLICATOR_DATA = join(dataFolder(), 'new', 'one')
  await (await openDatabase(databaseFile())).close()
  expect(migrationNames.length).toBeGreaterThan(7)
  expect(existsSync(databaseFile())).toBe(true)
})

test('a problem is told once, as what it is', () => expect(new StorageError('full').message).toBe('The disk is full'))
