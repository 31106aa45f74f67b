import { createHash } from 'node:crypto'
import { createReadStream, createWriteStream, mkdirSync } from 'node:fs'
import { mkdtemp, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { Writable, type Readable } from 'node:stream'
import { extract } from 'tar-stream'
import { z } from 'zod'
import { migrationNames } from '#db/migrations/index.ts'
import { entryNames, isPhotoEntry, manifestSchema, type Manifest } from './archive-manifest.ts'
import { checksumming } from './checksum.ts'
import { withDatabase } from './contents.ts'
import { syncFile } from './durable.ts'
import { countBrokenReferences } from './references.ts'
import { storageProblemOf } from './storage-problem.ts'

type Entry = ReturnType<typeof extract> extends AsyncIterable<infer One> ? One : never

/** An archive that cannot be used, and why, in the user's words. */
export class ArchiveError extends Error {}

/** What an archive says of itself; its first entry is read and no more. */
export async function readManifest(file: string): Promise<Manifest> {
  const source = createReadStream(file)
  try {
    for await (const entry of entriesOf(source)) {
      if (entry.header.name !== entryNames.manifest) break
      return parseManifest(await textOf(entry))
    }
  } catch (error) {
    throw asArchiveError(error)
  } finally {
    source.destroy()
  }
  throw new ArchiveError('This is no backup of Plicator.')
}

/**
 * Unpacks an archive into a folder and checks it: every file by its checksum, the database by SQLite itself.
 *
 * @throws ArchiveError when it is not whole, not sound, or from a newer app
 */
export async function unpackArchive(file: string, folder: string): Promise<Manifest> {
  try {
    return await unpackAll(file, folder)
  } catch (error) {
    throw asArchiveError(error)
  }
}

async function unpackAll(file: string, folder: string): Promise<Manifest> {
  mkdirSync(join(folder, 'photos'), { recursive: true })
  const found: Record<string, string> = {}
  let manifest: Manifest | undefined
  let expected: Record<string, string> | undefined
  for await (const entry of entriesOf(createReadStream(file))) {
    const { name } = entry.header
    if (name === entryNames.checksums) expected = parseChecksums(await textOf(entry))
    else if (name === entryNames.manifest) {
      const text = await textOf(entry)
      manifest = parseManifest(text)
      found[name] = createHash('sha256').update(text).digest('hex')
    } else if (name === entryNames.database || isPhotoEntry(name)) found[name] = await unpack(entry, join(folder, name))
    else throw new ArchiveError(`There is a file in it that does not belong there: "${name}".`)
  }
  if (!manifest) throw new ArchiveError('This is no backup of Plicator.')
  if (!expected) throw new ArchiveError('This backup is not whole: its end is missing.')
  const changed = Object.keys({ ...expected, ...found }).filter((name) => expected[name] !== found[name])
  if (changed.length > 0) throw new ArchiveError(`This backup is damaged: "${changed[0]}" is not as it was written.`)
  if (!found[entryNames.database]) throw new ArchiveError('There is no database in this backup.')
  checkDatabase(join(folder, entryNames.database))
  if (manifest.migrations.some((name) => !migrationNames.includes(name)))
    throw new ArchiveError('This backup was made by a newer version of Plicator. Start that version to restore it.')
  return manifest
}

/** Reads an archive through and checks it, in a folder that is removed again. */
export async function verifyArchive(file: string): Promise<Manifest> {
  const folder = await mkdtemp(`${file}-check-`)
  try {
    return await unpackArchive(file, folder)
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}

async function* entriesOf(source: Readable): AsyncGenerator<Entry> {
  const entries = extract()
  // What goes wrong is told by the entries.
  pipeline(source, entries as unknown as Writable).catch(() => undefined)
  for await (const entry of entries) yield entry
}

/** What a fault while reading an archive means: a disk that fails is no fault of the archive. */
function asArchiveError(error: unknown): unknown {
  if (error instanceof ArchiveError || storageProblemOf(error)) return error
  return new ArchiveError('This backup is not whole, or is no backup at all.', { cause: error })
}

/** Texts of an archive are short; a longer one is not read to its end. */
const longestText = 50_000_000

async function textOf(entry: Entry): Promise<string> {
  if ((entry.header.size ?? 0) > longestText) throw new ArchiveError('This is no backup of Plicator.')
  const chunks: Buffer[] = []
  for await (const chunk of entry as AsyncIterable<Buffer>) chunks.push(chunk)
  return Buffer.concat(chunks).toString()
}

async function unpack(entry: Entry, path: string): Promise<string> {
  const hash = createHash('sha256')
  await pipeline(entry as unknown as Readable, checksumming(hash), createWriteStream(path))
  syncFile(path)
  return hash.digest('hex')
}

function parseJson<Schema extends z.ZodType>(schema: Schema, text: string): z.output<Schema> {
  try {
    return schema.parse(JSON.parse(text))
  } catch (error) {
    throw new ArchiveError('This is no backup of Plicator, or one of another format.', { cause: error })
  }
}

const parseManifest = (text: string): Manifest => parseJson(manifestSchema, text)

const parseChecksums = (text: string): Record<string, string> => parseJson(z.record(z.string(), z.string()), text)

function checkDatabase(file: string): void {
  try {
    withDatabase(file, (database) => {
      const [first] = database.pragma('integrity_check(1)') as { integrity_check: string }[]
      if (first?.integrity_check !== 'ok') throw new ArchiveError(`Its database is damaged: ${first?.integrity_check}.`)
      const broken = countBrokenReferences(database)
      if (broken > 0) throw new ArchiveError(`Its database is damaged: ${broken} rows point to nothing.`)
    })
  } catch (error) {
    if (error instanceof ArchiveError) throw error
    throw new ArchiveError('Its database is damaged and cannot be read.', { cause: error })
  }
}
