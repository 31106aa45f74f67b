import { keptPhotos } from './kept-photos.ts'
import { existsSync, readdirSync } from 'node:fs'
import { statfs } from 'node:fs/promises'
import { join } from 'node:path'
import type SqliteFile from 'better-sqlite3'
import packageJson from '../../package.json' with { type: 'json' }
import { millisecondsPerDay } from '#core/calendar.ts'
import { migrationNames } from '#db/migrations/index.ts'
import { appliedMigrations } from './applied-migrations.ts'
import { listBackups } from './backups.ts'
import { withDatabase } from './contents.ts'
import { databaseFile, dataFolder } from './data-folder.ts'
import { countBrokenReferences, countUnfinishedImports } from './references.ts'
import { storageProblemOf } from './storage-problem.ts'
import { ensureWritable } from './writable.ts'

/** What was looked at, how it is, and what to do about it. */
export interface Finding {
  what: string
  state: 'good' | 'mind' | 'bad'
  says: string
}

const good = (what: string, says: string): Finding => ({ what, state: 'good', says })
const mind = (what: string, says: string): Finding => ({ what, state: 'mind', says })
const bad = (what: string, says: string): Finding => ({ what, state: 'bad', says })

/** Looks the data folder over, while a server runs or not; nothing is changed. */
export async function examine(): Promise<Finding[]> {
  const checks: [string, () => Finding[] | Promise<Finding[]>][] = [
    ['versions', versions],
    ['folder', folder],
    ['free space', freeSpace],
    ['database', database],
    ['pictures', pictures],
    ['backups', backups],
  ]
  const findings: Finding[] = []
  for (const [what, check] of checks) {
    try {
      findings.push(...(await check()))
    } catch (error) {
      const problem = storageProblemOf(error)
      findings.push(bad(what, problem ? `${problem.title}. ${problem.next}` : String(error)))
    }
  }
  return findings
}

const versions = (): Finding[] => [
  good('versions', `Plicator ${packageJson.version}, Node ${process.versions.node}, ${migrationNames.at(-1)}`),
]

function folder(): Finding[] {
  if (!existsSync(dataFolder())) return [bad('folder', `${dataFolder()} is not there.`)]
  ensureWritable(dataFolder())
  return [good('folder', `${dataFolder()} can be written.`)]
}

const leastFree = 500_000_000

async function freeSpace(): Promise<Finding[]> {
  const { bavail, bsize } = await statfs(dataFolder())
  const free = bavail * bsize
  const says = `${(free / 1e9).toFixed(1)} GB are free.`
  return [free < leastFree ? mind('free space', `${says} Make room before it is needed.`) : good('free space', says)]
}

function database(): Finding[] {
  const file = databaseFile()
  if (!existsSync(file)) return [mind('database', 'There is none yet; the first start makes it.')]
  return withDatabase(file, (opened) => [
    integrity(opened),
    foreignKeys(opened),
    unfinishedImports(opened),
    migrations(file),
  ])
}

function integrity(opened: SqliteFile.Database): Finding {
  const [first] = opened.pragma('integrity_check(1)') as { integrity_check: string }[]
  return first?.integrity_check === 'ok'
    ? good('database', 'It is whole.')
    : bad('database', `It is damaged: ${first?.integrity_check}. Restore the newest good backup: bin/restore.`)
}

function foreignKeys(opened: SqliteFile.Database): Finding {
  const count = countBrokenReferences(opened)
  return count === 0
    ? good('references', 'Every row points at one that is there.')
    : bad('references', `${count} rows point at nothing.`)
}

function unfinishedImports(opened: SqliteFile.Database): Finding {
  const count = countUnfinishedImports(opened)
  return count === 0
    ? good('imports', 'None is unfinished.')
    : mind('imports', `${count} under way; one that a server left behind is taken back at its next start.`)
}

function migrations(file: string): Finding {
  const done = appliedMigrations(file)
  const unknown = done.filter((name) => !migrationNames.includes(name))
  if (unknown.length > 0) return bad('form of the database', `Newer than this app: ${unknown.join(', ')}.`)
  const missing = migrationNames.filter((name) => !done.includes(name))
  return missing.length === 0
    ? good('form of the database', 'Up to date.')
    : mind('form of the database', `The next start brings it up to date: ${missing.join(', ')}.`)
}

function pictures(): Finding[] {
  if (!existsSync(databaseFile())) return []
  const photos = join(dataFolder(), 'photos')
  const files = existsSync(photos) ? readdirSync(photos) : []
  const ids = withDatabase(databaseFile(), keptPhotos)
  const known = new Set(ids.flatMap((id) => [`${id}.jpg`, `${id}-small.jpg`]))
  const there = new Set(files)
  const missing = [...known].filter((name) => !there.has(name))
  const orphans = files.filter((name) => !known.has(name))
  if (missing.length > 0)
    return [
      bad('pictures', `${missing.length} files are missing: ${missing.slice(0, 3).join(', ')}. Restore a backup.`),
    ]
  return [
    orphans.length === 0
      ? good('pictures', `${ids.length}, and their files.`)
      : mind('pictures', `${orphans.length} files belong to none; the next start removes them.`),
  ]
}

const oldBackup = 7 * millisecondsPerDay

async function backups(): Promise<Finding[]> {
  const all = await listBackups()
  const unreadable = all.filter(({ manifest }) => !manifest).map(({ name }) => name)
  const broken = unreadable.length === 0 ? [] : [bad('backups', `Not readable: ${unreadable.join(', ')}.`)]
  const newest = all.find(({ manifest }) => manifest)?.manifest
  if (!newest) return [...broken, mind('backups', 'There is none. Make one: bin/backup.')]
  const age = Date.now() - Date.parse(newest.madeAt)
  const says = `The newest is of ${newest.madeAt.slice(0, 16).replace('T', ' ')} UTC.`
  return [...broken, age > oldBackup ? mind('backups', `${says} Make another: bin/backup.`) : good('backups', says)]
}
