import { readdirSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { join } from 'node:path'
import { dataFolder, ensureFolder } from '#app/storage/data-folder.ts'
import { endInterruptedImports } from './imports.server.ts'
import { sweepPhotos } from './photos.server.ts'
import { emptyTrash } from './trash.server.ts'

/** Removes what a process that ended in the middle of its work left behind; nothing else is at work on the folder. */
export async function sweepDataFolder(): Promise<void> {
  await removeParts(dataFolder())
  await removeParts(ensureFolder('backups'))
  await endInterruptedImports()
  await emptyTrash()
  await sweepPhotos()
}

/** What was being written when the process ended. */
async function removeParts(folder: string): Promise<void> {
  for (const name of readdirSync(folder).filter((one) => /\.part$|^\.copy-|-check-|^\.probe-|\.migrating/.test(one)))
    await rm(join(folder, name), { recursive: true, force: true })
}
