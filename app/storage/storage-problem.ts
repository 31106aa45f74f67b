import * as texts from '#app/texts/storage.ts'
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
    title: texts.theDatabaseIsInUseBy,
    what: texts.anotherProgramHoldsTheFileOf,
    safe: texts.allThatWasRecordedStandsIn,
    next: texts.closeTheOtherProgramADatabase,
  },
  damaged: {
    title: texts.theDatabaseIsDamaged,
    what: texts.theFileOfTheDatabaseCannot,
    safe: texts.theFileIsLeftAsIt,
    next: texts.goBackToTheNewestBackup,
  },
  newer: {
    title: texts.theDatabaseIsFromANewer,
    what: texts.aNewerVersionOfTheApp,
    safe: texts.nothingWasChangedInIt,
    next: texts.startTheNewerVersionOrRestore,
  },
  'read-only': {
    title: texts.theDataFolderCannotBeWritten,
    what: texts.theFolderOrItsDiskAllows,
    safe: texts.allThatWasRecordedStandsWhat,
    next: texts.allowWritingToTheFolderOr,
  },
  full: {
    title: texts.theDiskIsFull,
    what: texts.thereIsNoRoomLeftWhere,
    safe: texts.allThatWasAcceptedStandsWhat,
    next: texts.makeRoomOnTheDiskThis,
  },
  unreachable: {
    title: texts.theDataCannotBeReached,
    what: texts.theDiskOrTheFolderWhere,
    safe: texts.nothingWasChangedWhatYouDo,
    next: texts.seeThatTheDiskIsThere,
  },
  migration: {
    title: texts.theDatabaseCouldNotBeBrought,
    what: texts.thisVersionOfTheAppKeeps,
    safe: texts.theOldDatabaseStandsAsIt,
    next: texts.startTheFormerVersionOfThe,
  },
  restoring: {
    title: texts.aBackupIsBeingPutIn,
    what: texts.theDataAreBeingExchangedFor,
    safe: texts.whatWasThereIsKeptAside,
    next: texts.waitAMomentThisPageTries,
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
