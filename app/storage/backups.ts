import { existsSync, readdirSync, statSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { basename, join } from 'node:path'
import { threadId } from 'node:worker_threads'
import packageJson from '../../package.json' with { type: 'json' }
import type { BackupKind, Manifest } from './archive-manifest.ts'
import { readManifest, verifyArchive } from './archive-read.ts'
import { writeArchive } from './archive-write.ts'
import { appliedMigrations } from './applied-migrations.ts'
import { countContents } from './contents.ts'
import { copyDatabase, removeDatabase } from './copy-database.ts'
import { databaseFile, dataFolder, ensureFolder } from './data-folder.ts'
import { expiredBackups } from './rotation.ts'

/** A backup in the folder of backups; without a manifest it cannot be read. */
export interface Backup {
  name: string
  bytes: number
  manifest: Manifest | undefined
}

interface BackupOptions {
  /** Where to write it; among the backups when not said. */
  to?: string
  /** The database to copy; the app's own when not said. */
  of?: string
  withPhotos?: boolean
}

/**
 * Copies the database, and the pictures when asked, into one archive while the app runs, and checks what was written.
 */
export async function makeBackup(
  kind: BackupKind,
  { to, of = databaseFile(), withPhotos = false }: BackupOptions = {},
): Promise<{ file: string; manifest: Manifest }> {
  const madeAt = new Date().toISOString()
  const folder = ensureFolder('backups')
  const file = to ?? freeName(folder, `plicator-${madeAt.slice(0, 19).replace(/[:T]/g, '-')}-${kind}`)
  const copy = join(folder, `.copy-${process.pid}-${threadId}-${copies++}.sqlite`)
  try {
    await copyDatabase(of, copy)
    const manifest: Manifest = {
      format: 1,
      app: packageJson.version,
      kind,
      madeAt,
      migrations: appliedMigrations(copy),
      contents: countContents(copy),
      withPhotos,
    }
    await writeArchive(file, manifest, copy)
  } finally {
    removeDatabase(copy)
  }
  const manifest = await verifyArchive(file).catch(async (error: unknown) => {
    await rm(file, { force: true })
    throw error
  })
  if (!to) await removeExpired()
  return { file, manifest }
}

let copies = 0

function freeName(folder: string, start: string): string {
  for (let count = 1; ; count++) {
    const file = join(folder, `${start}${count === 1 ? '' : `-${count}`}.tar`)
    if (!existsSync(file)) return file
  }
}

/** The backups in their folder, newest first. */
export async function listBackups(): Promise<Backup[]> {
  const folder = join(dataFolder(), 'backups')
  if (!existsSync(folder)) return []
  const names = readdirSync(folder).filter((name) => name.endsWith('.tar'))
  const backups = await Promise.all(
    names.map(async (name): Promise<Backup> => {
      const file = join(folder, name)
      return { name, bytes: statSync(file).size, manifest: await readManifest(file).catch(() => undefined) }
    }),
  )
  return backups.sort((a, b) => (b.manifest?.madeAt ?? '').localeCompare(a.manifest?.madeAt ?? ''))
}

/** The file of a backup by its name, when there is one of that name. */
export function backupFile(name: string): string | undefined {
  const file = join(dataFolder(), 'backups', basename(name))
  return name.endsWith('.tar') && existsSync(file) ? file : undefined
}

async function removeExpired(): Promise<void> {
  for (const name of expiredBackups(await listBackups())) await rm(join(dataFolder(), 'backups', name), { force: true })
}
