import { existsSync, mkdirSync, readFileSync, readdirSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { z } from 'zod'
import type { Contents, Manifest } from './archive-manifest.ts'
import { unpackArchive } from './archive-read.ts'
import { countContents } from './contents.ts'
import { databaseFile, databaseFileNames, dataFolder } from './data-folder.ts'
import { syncFile, writeWhole } from './durable.ts'

/** What restoring did: how much there was, how much there is, and where what was there lies now. */
export interface Restored {
  manifest: Manifest
  /** Undefined when there was nothing, or nothing that could be read. */
  before: Contents | undefined
  after: Contents
  /** Name of the folder of what was there. */
  aside: string
}

const stagedFolder = () => join(dataFolder(), 'restoring')
const journalFile = () => join(dataFolder(), 'restore.json')

/** The exchange that is under way: a process that ends in its middle leaves it to the next start. */
const journalSchema = z.object({ aside: z.string(), names: z.array(z.string()) })

type Journal = z.infer<typeof journalSchema>

/**
 * Puts an archive in the place of what is kept. The archive is unpacked beside it and checked first. What was there is
 * set aside, not removed. The end of the process at any moment leaves either the old or the new, whole, after the next
 * start. Nobody may have the database open.
 *
 * @throws ArchiveError when the archive cannot be used; nothing has changed then
 */
export async function restoreArchive(file: string): Promise<Restored> {
  const staged = stagedFolder()
  rmSync(staged, { recursive: true, force: true })
  const manifest = await unpackArchive(file, staged)
  const before = countOrUndefined(databaseFile())
  const after = countContents(join(staged, 'plicator.sqlite'))
  const aside = `before-restore-${new Date().toISOString().replace(/[:.]/g, '-')}`
  const names = manifest.withPhotos ? [...databaseFileNames, 'photos'] : databaseFileNames
  await writeWhole(journalFile(), JSON.stringify({ aside, names } satisfies Journal))
  finishRestore()
  return { manifest, before, after, aside }
}

function countOrUndefined(file: string): Contents | undefined {
  if (!existsSync(file)) return undefined
  try {
    return countContents(file)
  } catch {
    return undefined
  }
}

/** Ends an exchange that was begun; does nothing when none was. Says whether there was one. */
export function finishRestore(): boolean {
  const folder = dataFolder()
  const journal = readJournal()
  if (!journal) {
    rmSync(stagedFolder(), { recursive: true, force: true })
    return false
  }
  const aside = join(folder, journal.aside)
  mkdirSync(aside, { recursive: true })
  for (const name of journal.names) {
    const [current, staged, old] = [folder, stagedFolder(), aside].map((place) => join(place, name)) as [
      string,
      string,
      string,
    ]
    // What has been exchanged already is no longer staged.
    if (existsSync(current) && !existsSync(old) && (existsSync(staged) || isBesideDatabase(name)))
      renameSync(current, old)
    if (existsSync(staged)) renameSync(staged, current)
  }
  for (const place of [aside, folder]) syncFile(place)
  rmSync(journalFile(), { force: true })
  syncFile(folder)
  rmSync(stagedFolder(), { recursive: true, force: true })
  return true
}

/** The log and the index of a database belong to the file that is set aside, and must not meet the new one. */
const isBesideDatabase = (name: string): boolean => name.endsWith('-wal') || name.endsWith('-shm')

function readJournal(): Journal | undefined {
  if (!existsSync(journalFile())) return undefined
  return journalSchema.parse(JSON.parse(readFileSync(journalFile(), 'utf8')))
}

/** Folders of what was set aside, newest first. */
export const foldersSetAside = (): string[] =>
  existsSync(dataFolder())
    ? readdirSync(dataFolder())
        .filter((name) => /^before-re(store|set)-/.test(name))
        .sort()
        .reverse()
    : []
