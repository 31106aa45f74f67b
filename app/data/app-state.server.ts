import { readdir, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { dataFolder } from '#app/storage/data-folder.ts'
import { requestsSoFar, type SlowRequest } from '#app/storage/slow-requests.ts'
import * as texts from '#app/texts/house.ts'
import { backupOverview, type BackupOverview } from './backups.server.ts'

/** How the app is: where its data lies and how large it is, what there is, and what took long. */
export interface AppState extends Pick<BackupOverview, 'contents'> {
  folder: string
  /** Bytes by what they are of. */
  sizes: { of: string; bytes: number }[]
  /** When the last backups were made, newest first. */
  backups: string[]
  slow: SlowRequest[]
  answered: number
  /** Bytes of memory of the server. */
  memory: number
  /** Seconds since it was started. */
  up: number
}

const shownBackups = 5

export async function appState(): Promise<AppState> {
  const { contents, backups } = await backupOverview()
  const folder = dataFolder()
  const sizes = await Promise.all(
    [
      [texts.theDatabase, await databaseSize(folder)] as const,
      ...['photos', 'backups', 'imports', 'log'].map(async (of) => [of, await sizeOf(join(folder, of))] as const),
    ].map(async (one) => {
      const [of, bytes] = await one
      return { of, bytes }
    }),
  )
  return {
    folder,
    contents,
    sizes,
    backups: backups.flatMap(({ manifest }) => manifest?.madeAt ?? []).slice(0, shownBackups),
    ...requestsSoFar(),
    memory: process.memoryUsage.rss(),
    up: Math.round(process.uptime()),
  }
}

async function databaseSize(folder: string): Promise<number> {
  const names = (await readdir(folder)).filter((name) => name.startsWith('plicator.sqlite'))
  return sum(names.map((name) => join(folder, name)))
}

/** Bytes of the files of a folder; none where it is not there. */
async function sizeOf(folder: string): Promise<number> {
  const names = await readdir(folder, { recursive: true }).catch(() => [])
  return sum(names.map((name) => join(folder, name)))
}

async function sum(files: readonly string[]): Promise<number> {
  const sizes = await Promise.all(files.map(async (file) => (await stat(file).catch(() => undefined))?.size ?? 0))
  return sizes.reduce((all, size) => all + size, 0)
}
