import { millisecondsPerDay } from '#core/calendar.ts'
import type { BackupKind, Manifest } from './archive-manifest.ts'

/** So many backups are kept of those that the app makes on its own; those made by hand stay. */
const keptOf = { 'before-migration': 5, 'before-restore': 5 } satisfies Partial<Record<BackupKind, number>>
const keptDays = 7
const keptWeeks = 4

interface Kept {
  name: string
  manifest: Pick<Manifest, 'kind' | 'madeAt'> | undefined
}

/**
 * Names of backups that have had their time. Of the daily ones and of those made at a publication, the newest of each
 * of the last seven days and of the last four weeks that have any stay.
 *
 * @param backups newest first
 */
export function expiredBackups(backups: readonly Kept[]): string[] {
  const known = backups.flatMap(({ name, manifest }) => (manifest ? [{ name, ...manifest }] : []))
  const regular = known.filter(({ kind }) => kind === 'daily' || kind === 'published')
  const kept = new Set([
    ...newestOfEach(regular, ({ madeAt }) => madeAt.slice(0, 10), keptDays),
    ...newestOfEach(regular, ({ madeAt }) => String(weekOf(madeAt)), keptWeeks),
  ])
  const expired = regular.filter(({ name }) => !kept.has(name))
  for (const [kind, count] of Object.entries(keptOf))
    expired.push(...known.filter((one) => one.kind === kind).slice(count))
  return expired.map(({ name }) => name)
}

function newestOfEach<T extends { name: string }>(
  newestFirst: T[],
  groupOf: (one: T) => string,
  groups: number,
): string[] {
  const newest = new Map<string, string>()
  for (const one of newestFirst) if (!newest.has(groupOf(one))) newest.set(groupOf(one), one.name)
  return [...newest.values()].slice(0, groups)
}

/** The week of a moment, counted from a Monday. */
const weekOf = (moment: string): number => Math.floor((Date.parse(moment) / millisecondsPerDay + 3) / 7)
