import { createWriteStream, existsSync } from 'node:fs'
import { rename, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { ok, problem, type Result } from '#core/result.ts'
import type { Contents } from '#app/storage/archive-manifest.ts'
import { ArchiveError } from '#app/storage/archive-read.ts'
import { backupFile, listBackups, type Backup } from '#app/storage/backups.ts'
import { countContents } from '#app/storage/contents.ts'
import { databaseFile, ensureFolder } from '#app/storage/data-folder.ts'
import { foldersSetAside, restoreArchive, type Restored } from '#app/storage/restore.ts'
import * as texts from '#app/texts/backups.ts'
import { readBackupSetting, type BackupSetting } from './backup-setting.server.ts'
import { withDatabaseClosed } from './database.server.ts'
import { newId } from './id.ts'
import { isImporting } from './imports.server.ts'
import { backUp, faultOfArchive } from './make-backup.server.ts'

/** Backups, what they are of, and what there is now: as far as each can be read. */
export interface BackupOverview {
  backups: Backup[]
  /** Undefined while the database cannot be read. */
  contents: Contents | undefined
  setting: BackupSetting | undefined
  aside: string[]
}

export async function backupOverview(): Promise<BackupOverview> {
  const setting = await readBackupSetting().catch(() => undefined)
  return { backups: await listBackups(), contents: contentsNow(), setting, aside: foldersSetAside() }
}

function contentsNow(): Contents | undefined {
  try {
    return existsSync(databaseFile()) ? countContents(databaseFile()) : undefined
  } catch {
    return undefined
  }
}

/** Makes a backup now, with the pictures or without. */
export const backUpNow = (withPhotos: boolean) => backUp('by-hand', withPhotos)

/** Puts a backup in the place of what is kept, while the app runs: what is asked meanwhile is told so. */
export async function restoreBackup(name: string): Promise<Result<Restored>> {
  const file = backupFile(name)
  if (!file) return problem('unknown', texts.thisBackupIsNotHereAny)
  if (isImporting()) return problem('busy', texts.anImportIsUnderWayWait)
  try {
    return ok(await withDatabaseClosed(() => restoreArchive(file)))
  } catch (error) {
    if (error instanceof ArchiveError) return problem('archive', texts.nothingWasChanged(error.message))
    throw error
  }
}

/** Takes in a backup that was kept elsewhere, once it has been checked; it is restored by a step of its own. */
export async function takeInBackup(body: ReadableStream<Uint8Array>): Promise<Result<string>> {
  const name = `plicator-brought-in-${newId()}.tar`
  const file = join(ensureFolder('backups'), name)
  const part = `${file}.part`
  try {
    await pipeline(Readable.fromWeb(body as never), createWriteStream(part))
    const fault = await faultOfArchive(part)
    if (fault !== undefined) return problem('archive', fault)
    await rename(part, file)
    return ok(name)
  } finally {
    await rm(part, { force: true })
  }
}
