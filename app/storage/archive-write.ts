import { createHash } from 'node:crypto'
import { createReadStream, createWriteStream } from 'node:fs'
import { rename, rm, stat } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { pack, type Pack } from 'tar-stream'
import { entryNames, type Manifest } from './archive-manifest.ts'
import { checksumming } from './checksum.ts'
import { withDatabase } from './contents.ts'
import { keptPhotos } from './kept-photos.ts'
import { dataFolder } from './data-folder.ts'
import { syncFile } from './durable.ts'

/**
 * Writes an archive: what it is, the database, the pictures that the database names, and a checksum of each. It takes
 * its name when it is whole and on the disk.
 */
export async function writeArchive(file: string, manifest: Manifest, database: string): Promise<void> {
  const part = `${file}.part`
  const archive = pack()
  const written = pipeline(archive, createWriteStream(part))
  // The writing may end before what is written: its fault is told by either, whichever fails first.
  written.catch(() => undefined)
  try {
    await Promise.race([fill(archive, manifest, database), written])
    await written
    syncFile(part)
    await rename(part, file)
    syncFile(dirname(file))
  } catch (error) {
    archive.destroy()
    await rm(part, { force: true })
    throw error
  }
}

async function fill(archive: Pack, manifest: Manifest, database: string): Promise<void> {
  const checksums: Record<string, string> = {}
  await addText(archive, entryNames.manifest, manifest, checksums)
  await addFile(archive, entryNames.database, database, checksums)
  for (const id of manifest.withPhotos ? withDatabase(database, keptPhotos) : [])
    for (const name of [`${id}.jpg`, `${id}-small.jpg`])
      await addFile(archive, `photos/${name}`, join(dataFolder(), 'photos', name), checksums)
  await addText(archive, entryNames.checksums, checksums, {})
  archive.finalize()
}

async function addText(archive: Pack, name: string, content: object, checksums: Record<string, string>): Promise<void> {
  const text = JSON.stringify(content, null, 1)
  await new Promise<void>((resolve, reject) =>
    archive.entry({ name }, text, (error) => (error ? reject(error) : resolve())),
  )
  checksums[name] = createHash('sha256').update(text).digest('hex')
}

/** Adds a file; one that has gone meanwhile is left out. */
async function addFile(archive: Pack, name: string, path: string, checksums: Record<string, string>): Promise<void> {
  const size = await stat(path).then(
    (known) => known.size,
    () => undefined,
  )
  if (size === undefined) return
  const hash = createHash('sha256')
  const entry = archive.entry({ name, size })
  await pipeline(createReadStream(path), checksumming(hash), entry)
  checksums[name] = hash.digest('hex')
}
