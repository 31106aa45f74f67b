import { createReadStream, createWriteStream } from 'node:fs'
import { rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { salvage } from '#app/storage/salvage.ts'
import { newId } from './id.ts'
import { inThread } from './threads.server.ts'

const writeArchive = inThread('files', 'readable archive', async (file: string): Promise<void> => {
  await pipeline(Readable.fromWeb(salvage() as never), createWriteStream(file))
})

/** What can still be read of the database as a zip file, by the thread of the files; removed when it is sent. */
export async function readableArchive(): Promise<ReadableStream<Uint8Array>> {
  const file = join(tmpdir(), `plicator-readable-${newId()}.zip`)
  try {
    await writeArchive(file)
  } catch (error) {
    await rm(file, { force: true })
    throw error
  }
  const source = createReadStream(file)
  source.on('close', () => void rm(file, { force: true }))
  return Readable.toWeb(source) as ReadableStream<Uint8Array>
}
