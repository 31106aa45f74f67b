import type { BackupKind } from '#app/storage/archive-manifest.ts'
import { ArchiveError, verifyArchive } from '#app/storage/archive-read.ts'
import { makeBackup } from '#app/storage/backups.ts'
import { inThread } from './threads.server.ts'

/** Makes a backup and checks it; a large library takes seconds, which nobody who looks at a page waits for. */
export const backUp = inThread('files', 'backup', (kind: BackupKind, withPhotos: boolean) =>
  makeBackup(kind, { withPhotos }),
)

/** What is wrong with the archive of a file; undefined when it can be restored. */
export const faultOfArchive = inThread('files', 'fault of an archive', async (file: string) => {
  try {
    await verifyArchive(file)
    return undefined
  } catch (error) {
    if (error instanceof ArchiveError) return error.message
    throw error
  }
})
