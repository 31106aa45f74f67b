import {
  appendFileSync,
  copyFileSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  writeFileSync,
} from 'node:fs'
import { join } from 'node:path'
import SqliteFile from 'better-sqlite3'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { ArchiveError, readManifest, verifyArchive } from './archive-read.ts'
import { writeArchive } from './archive-write.ts'
import { backupFile, listBackups, makeBackup } from './backups.ts'
import { databaseFile, dataFolder, ensureFolder } from './data-folder.ts'
import { finishRestore, foldersSetAside, restoreArchive } from './restore.ts'
import { addBrands, brandNames, makeDatabase, storageFolder } from './storage-folder.fixture.ts'

const folder = storageFolder()

function addPhoto(id: string, content: string): void {
  const database = new SqliteFile(databaseFile())
  database.pragma('foreign_keys = OFF')
  database
    .prepare(
      `insert into photo (id, specimen_id, part, name, width, height, bytes, recorded_at)
       values (?, 'none', 'box', 'x', 1, 1, 1, '')`,
    )
    .run(id)
  database.close()
  for (const end of ['', '-small']) writeFileSync(join(ensureFolder('photos'), `${id}${end}.jpg`), content + end)
}

/** A photo of a specimen that is there, so that all references hold. */
function makeSpecimen(): void {
  const database = new SqliteFile(databaseFile())
  database.exec(`
    insert into application (id, name, name_key, form, created_at) values ('a', 'a', 'a', 'spin-on', '');
    insert into brand (id, name, name_key, created_at) values ('b', 'b', 'b', '');
    insert into product (id, application_id, brand_id, part_number, name_key, form, tier, created_at)
      values ('p', 'a', 'b', 'p', 'p', 'spin-on', 'low', '');
    insert into revision (id, product_id, label, created_at) values ('r', 'p', '', '');
    insert into specimen (id, revision_id, label, acquisition, created_at) values ('none', 'r', 'A', 'bought', '');
  `)
  database.close()
}

/** A reading that came with an import, of a specimen that is not made yet. */
function importReading(state: string): void {
  const database = new SqliteFile(databaseFile())
  database.pragma('foreign_keys = OFF')
  database.exec(`
    insert into import (id, name, state, created_at) values ('import1', 'half.csv', '${state}', '');
    insert into reading (id, specimen_id, characteristic, raw_input, evidence, recorded_at, import_id)
      values ('half', 'notmade', 'can.wall', '0.5 mm', 'measured', '', 'import1');
  `)
  database.close()
}

describe('a backup', () => {
  test('is made while an import is under way, whose specimens are made at its end', async () => {
    await makeDatabase(['norrith'])
    importReading('writing')
    const { file } = await makeBackup('by-hand', { withPhotos: false })
    await expect(verifyArchive(file)).resolves.toMatchObject({ contents: { readings: 1 } })
  })

  test('is none when a reading of an import that has ended points at nothing', async () => {
    await makeDatabase(['norrith'])
    importReading('done')
    await expect(makeBackup('by-hand', { withPhotos: false })).rejects.toThrow('1 rows point to nothing')
  })

  test('brings back the database and the pictures as they were, and sets aside what came after', async () => {
    await makeDatabase(['norrith'])
    makeSpecimen()
    addPhoto('photo1', 'then')
    const { file, manifest } = await makeBackup('by-hand', { withPhotos: true })
    expect(manifest.contents).toMatchObject({ specimens: 1, photos: 1, readings: 0 })

    addBrands(['later'])
    addPhoto('photo2', 'later')
    writeFileSync(join(dataFolder(), 'photos', 'photo1.jpg'), 'changed')
    const { before, after, aside } = await restoreArchive(file)
    expect([before?.photos, after.photos]).toEqual([2, 1])
    expect(brandNames()).toEqual(['b', 'norrith'])
    expect(readdirSync(join(dataFolder(), 'photos')).sort()).toEqual(['photo1-small.jpg', 'photo1.jpg'])
    expect(readFileSync(join(dataFolder(), 'photos', 'photo1.jpg'), 'utf8')).toBe('then')
    expect(brandNames(join(dataFolder(), aside, 'plicator.sqlite'))).toContain('later')
    expect(foldersSetAside()).toEqual([aside])
  })

  test('is of one moment, although others write while it is made', async () => {
    await makeDatabase(Array.from({ length: 3000 }, (_, index) => `brand ${index} ${'x'.repeat(400)}`))
    const making = makeBackup('by-hand')
    const writing = new SqliteFile(databaseFile())
    const insert = writing.prepare("insert into brand (id, name, name_key, created_at) values (?, ?, ?, '')")
    for (let index = 0; index < 50; index++) {
      insert.run(`later ${index}`, `later ${index}`, `later ${index}`)
      await new Promise((resolve) => setImmediate(resolve))
    }
    writing.close()
    const { file } = await making
    await restoreArchive(file)
    expect(brandNames().filter((name) => name.startsWith('brand'))).toHaveLength(3000)
  })

  test('without pictures leaves those that are there', async () => {
    await makeDatabase()
    makeSpecimen()
    addPhoto('photo1', 'then')
    const { file } = await makeBackup('daily')
    await restoreArchive(file)
    expect(existsSync(join(dataFolder(), 'photos', 'photo1.jpg'))).toBe(true)
  })

  test('is listed newest first; one that is no backup is listed, too', async () => {
    await makeDatabase()
    const first = await makeBackup('by-hand')
    const second = await makeBackup('by-hand')
    writeFileSync(join(dataFolder(), 'backups', 'other.tar'), 'something else')
    const listed = await listBackups()
    expect(listed.map(({ manifest }) => manifest?.madeAt)).toEqual([
      second.manifest.madeAt,
      first.manifest.madeAt,
      undefined,
    ])
    expect(backupFile(listed[0]!.name)).toBe(second.file)
    expect(backupFile('../../etc/passwd.tar')).toBeUndefined()
  })

  test('leaves no copies and no parts behind', async () => {
    await makeDatabase(['norrith'])
    const { file } = await makeBackup('by-hand')
    expect(readdirSync(join(dataFolder(), 'backups'))).toEqual([file.split('/').at(-1)])
  })
})

describe('what is no sound backup is refused, and nothing is changed:', () => {
  async function broken(change: (bytes: Buffer) => Buffer): Promise<string> {
    const { file } = await makeBackup('by-hand')
    const path = join(folder(), 'broken.tar')
    writeFileSync(path, change(readFileSync(file)))
    return path
  }
  const refusal = async (file: string) => {
    addBrands(['kept'])
    await expect(restoreArchive(file)).rejects.toThrow(ArchiveError)
    expect(brandNames()).toContain('kept')
  }

  test('one that was cut off anywhere', async () => {
    await makeDatabase(['norrith'])
    const { file } = await makeBackup('by-hand')
    const whole = readFileSync(file)
    const end = whole.indexOf('checksums.json')
    await fc.assert(
      fc.asyncProperty(fc.integer({ min: 0, max: end }), async (length) => {
        const cut = join(folder(), 'cut.tar')
        writeFileSync(cut, whole.subarray(0, length))
        await expect(verifyArchive(cut)).rejects.toThrow(ArchiveError)
      }),
      { numRuns: 25 },
    )
  })

  test('one with a byte changed in the database', async () => {
    await makeDatabase(['norrith'])
    const file = await broken((bytes) => {
      const at = bytes.indexOf('norrith')
      bytes[at] = bytes[at]! ^ 1
      return bytes
    })
    await refusal(file)
  })

  test('one by a newer app', async () => {
    await makeDatabase()
    const { manifest } = await makeBackup('by-hand')
    const newer = join(folder(), 'newer.tar')
    const copy = join(folder(), 'copy.sqlite')
    copyFileSync(databaseFile(), copy)
    await writeArchive(newer, { ...manifest, migrations: [...manifest.migrations, '999_later'] }, copy)
    await refusal(newer)
  })

  test('a file of something else', async () => {
    await makeDatabase()
    const other = join(folder(), 'other.tar')
    writeFileSync(other, 'hello')
    await refusal(other)
    await expect(readManifest(other)).rejects.toThrow(ArchiveError)
  })
})

describe('a restore that ended in its middle is ended at the next start', () => {
  const names = ['plicator.sqlite', 'plicator.sqlite-wal', 'plicator.sqlite-shm', 'photos']

  test.each([0, 1, 2, 3, 4, 5])('after %i of its steps', async (steps) => {
    await makeDatabase(['old'])
    makeSpecimen()
    addPhoto('old', 'old')
    const here = (name: string) => join(folder(), name)
    for (const end of ['-wal', '-shm']) writeFileSync(here(`plicator.sqlite${end}`), 'old')
    mkdirSync(here('restoring/photos'), { recursive: true })
    copyFileSync(here('plicator.sqlite'), here('restoring/plicator.sqlite'))
    writeFileSync(here('restoring/photos/new.jpg'), 'new')
    appendFileSync(here('restore.json'), JSON.stringify({ aside: 'before-restore-x', names }))

    // The moves in their order; a crash leaves the first so many of them done.
    mkdirSync(here('before-restore-x'))
    const moves: [string, string][] = [
      ['plicator.sqlite', 'before-restore-x/plicator.sqlite'],
      ['restoring/plicator.sqlite', 'plicator.sqlite'],
      ['plicator.sqlite-wal', 'before-restore-x/plicator.sqlite-wal'],
      ['plicator.sqlite-shm', 'before-restore-x/plicator.sqlite-shm'],
      ['photos', 'before-restore-x/photos'],
    ]
    for (const [from, to] of moves.slice(0, steps)) renameSync(here(from), here(to))

    expect(finishRestore()).toBe(true)
    expect(brandNames()).toEqual(['b', 'old'])
    expect(readdirSync(here('photos'))).toEqual(['new.jpg'])
    expect(readdirSync(here('before-restore-x')).sort()).toEqual([...names].sort())
    expect(existsSync(here('restore.json'))).toBe(false)
    expect(existsSync(here('restoring'))).toBe(false)
    expect(finishRestore()).toBe(false)
  })
})
