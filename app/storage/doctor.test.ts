import { readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { strFromU8, unzipSync } from 'fflate'
import { expect, test } from 'vitest'
import { makeBackup } from './backups.ts'
import { databaseFile, ensureFolder } from './data-folder.ts'
import { examine } from './doctor.ts'
import { salvage } from './salvage.ts'
import { brandNames, makeDatabase, storageFolder } from './storage-folder.fixture.ts'

storageFolder()

const stateOf = async (what: string) => (await examine()).find((finding) => finding.what === what)

/** Overwrites the pages in the middle of a database file, as a bad disk does. */
function damage(): void {
  const bytes = readFileSync(databaseFile())
  const page = 4096
  for (let at = Math.floor(bytes.length / page / 2) * page; at < bytes.length - 4 * page; at += page)
    bytes.fill(0xee, at, at + page)
  writeFileSync(databaseFile(), bytes)
}

test('a sound folder with a backup has nothing bad', async () => {
  await makeDatabase(['norrith'])
  await makeBackup('by-hand')
  expect((await examine()).filter(({ state }) => state !== 'good')).toEqual([])
})

test('no backup is to be minded, an unreadable one is bad', async () => {
  await makeDatabase()
  expect(await stateOf('backups')).toMatchObject({ state: 'mind' })
  writeFileSync(join(ensureFolder('backups'), 'x.tar'), 'x')
  expect(await stateOf('backups')).toMatchObject({ state: 'bad', says: 'Not readable: x.tar.' })
})

test('a picture without a row is to be minded', async () => {
  await makeDatabase()
  writeFileSync(join(ensureFolder('photos'), 'lost.jpg'), 'x')
  expect(await stateOf('pictures')).toMatchObject({ state: 'mind' })
})

test('a folder that is not there is bad', async () => {
  rmSync(process.env.PLICATOR_DATA!, { recursive: true })
  expect(await stateOf('folder')).toMatchObject({ state: 'bad' })
})

test('a damaged database is bad, and what can be read of it can be saved', async () => {
  const brands = Array.from({ length: 2000 }, (_, index) => `brand ${String(index).padStart(5, '0')} ${'x'.repeat(80)}`)
  await makeDatabase(brands)
  damage()
  expect((await examine()).some(({ what, state }) => what === 'database' && state === 'bad')).toBe(true)
  const files = unzipSync(new Uint8Array(await new Response(salvage()).arrayBuffer()))
  const lines = strFromU8(files['brand.jsonl']!).trim().split('\n')
  expect(lines.length).toBeGreaterThan(200)
  for (const line of lines) expect(brands).toContain((JSON.parse(line) as { name: string }).name)
  expect(strFromU8(files['READ-ME.txt']!)).toMatch(/brand: \d+ rows, and some that cannot be read/)
})

test('of a sound database all is saved', async () => {
  await makeDatabase(['a', 'b'])
  const files = unzipSync(new Uint8Array(await new Response(salvage()).arrayBuffer()))
  const names = strFromU8(files['brand.jsonl']!)
    .trim()
    .split('\n')
    .map((line) => (JSON.parse(line) as { name: string }).name)
  expect(names).toEqual(brandNames())
})
