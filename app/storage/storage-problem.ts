/** What can keep the data from being used. */
export type StorageProblemKind =
  'locked' | 'damaged' | 'newer' | 'read-only' | 'full' | 'unreachable' | 'migration' | 'restoring'

/** Why the data cannot be used now, in the user's words: what is wrong, what is safe, and the next step. */
export interface StorageProblem {
  kind: StorageProblemKind
  title: string
  what: string
  safe: string
  next: string
}

const problems: Record<StorageProblemKind, Omit<StorageProblem, 'kind'>> = {
  locked: {
    title: 'The database is in use by another program',
    what: 'Another program holds the file of the database, so nothing can be read or written now.',
    safe: 'All that was recorded stands in it. What you do at an open bench waits in your browser.',
    next: 'Close the other program: a database browser, a copy under way, a second Plicator. This page tries again.',
  },
  damaged: {
    title: 'The database is damaged',
    what: 'The file of the database cannot be read as it should: a disk or a copy went wrong.',
    safe: 'The file is left as it is, and so are the pictures and the backups.',
    next: 'Go back to the newest backup below; what can still be read of the damaged file can be saved first.',
  },
  newer: {
    title: 'The database is from a newer Plicator',
    what: 'A newer version of the app has written it, and this one does not know its form.',
    safe: 'Nothing was changed in it.',
    next: 'Start the newer version, or restore a backup that this version made.',
  },
  'read-only': {
    title: 'The data folder cannot be written',
    what: 'The folder or its disk allows reading alone.',
    safe: 'All that was recorded stands. What you do at an open bench waits in your browser.',
    next: 'Allow writing to the folder, or mount its disk for writing. This page tries again.',
  },
  full: {
    title: 'The disk is full',
    what: 'There is no room left where the data are kept, so nothing more can be written.',
    safe:
      'All that was accepted stands. What was not accepted was not half written; at the bench it waits in your ' +
      'browser.',
    next: 'Make room on the disk. This page tries again.',
  },
  unreachable: {
    title: 'The data cannot be reached',
    what: 'The disk or the folder where the data are kept does not answer.',
    safe: 'Nothing was changed. What you do at an open bench waits in your browser.',
    next: 'See that the disk is there and whole. This page tries again; bin/doctor says more.',
  },
  migration: {
    title: 'The database could not be brought up to date',
    what: 'This version of the app keeps its data in a new form, and turning the old form into it failed.',
    safe: 'The old database stands as it was, and a backup of it was made before the attempt.',
    next: 'Start the former version of the app, or see what the log of the server says.',
  },
  restoring: {
    title: 'A backup is being put in place',
    what: 'The data are being exchanged for those of a backup.',
    safe: 'What was there is kept aside.',
    next: 'Wait a moment; this page tries again.',
  },
}

/** The data cannot be used: no fault of what was asked. */
export class StorageError extends Error {
  readonly problem: StorageProblem

  constructor(kind: StorageProblemKind, options?: ErrorOptions) {
    super(problems[kind].title, options)
    this.name = 'StorageError'
    this.problem = { kind, ...problems[kind] }
  }
}

/** By the beginning of SQLite's and the system's codes. */
const kindsByCode: [string, StorageProblemKind][] = [
  ['SQLITE_BUSY', 'locked'],
  ['SQLITE_LOCKED', 'locked'],
  ['SQLITE_CORRUPT', 'damaged'],
  ['SQLITE_NOTADB', 'damaged'],
  ['SQLITE_READONLY', 'read-only'],
  ['SQLITE_FULL', 'full'],
  ['SQLITE_IOERR', 'unreachable'],
  ['SQLITE_CANTOPEN', 'unreachable'],
  ['ENOSPC', 'full'],
  ['EDQUOT', 'full'],
  ['EROFS', 'read-only'],
  ['EACCES', 'read-only'],
  ['EPERM', 'read-only'],
  ['EIO', 'unreachable'],
]

/** What an error says of the data folder; undefined when it is about something else. */
export function storageProblemOf(error: unknown): StorageProblem | undefined {
  if (error instanceof StorageError) return error.problem
  if (!(error instanceof Error) || !('code' in error)) return undefined
  const code = String(error.code)
  const kind = kindsByCode.find(([start]) => code.startsWith(start))?.[1]
  return kind && new StorageError(kind).problem
}
