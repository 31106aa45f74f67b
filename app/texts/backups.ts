import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: backups. */

export const justNow = 'just now'
export const minutesAgo = (floor: number) => `${formatCount(floor, 'minute')} ago`
export const hoursAgo = (floor: number) => `${formatCount(floor, 'hour')} ago`
export const daysAgo = (floor: number) => `${formatCount(floor, 'day')} ago`
export const madeByHand = 'made by hand'
export const ofTheDay = 'of the day'
export const atAPublication = 'at a publication'
export const beforeAnUpdateOfTheApp = 'before an update of the app'
export const beforeARestore = 'before a restore'
export const noFileArrivedChooseOneAnd = 'No file arrived. Choose one and send it again.'
export const thisBackup = 'This backup'
export const backUpNow = 'Back up now'
export const withoutThePictures = 'Without the pictures'
export const itIsBeingWrittenAndChecked = 'It is being written and checked…'
export const writtenAndChecked = (contents: string) => `Written and checked: ${contents}.`
export const byItselfEveryDayAndAt = 'By itself, every day and at each publication'
export const theDatabase = 'the database'
export const theDatabaseAndThePictures = 'the database and the pictures'
export const ofThoseTheNewestOfEach =
  'Of those, the newest of each of the last seven days and of the last four weeks stay. One is made before every update of the database. What you make by hand stays until you remove its file.'
export const backupsThereAre = 'Backups there are'
export const theBackupIsBeingCheckedAnd = 'The backup is being checked and put in place…'
export const backupsWillStandHereOneA =
  'Backups will stand here: one a day, one at each publication, and those that you make above.'
export const when = 'When'
export const whatIsInIt = 'What is in it'
export const size = 'Size'
export const doLabel = 'Do'
export const setAsideByARestoreOr = (aside: string) =>
  `Set aside by a restore or a reset, in the data folder: ${aside}. Remove them yourself when you do not need them.`
export const itIsInPlaceAsOf = (momentInWords: string) => `It is in place, as of ${momentInWords}.`
export const nothingThatCouldBeRead = 'nothing that could be read'
export const before = (detail: string) => `Before: ${detail}.`
export const now = (contents: string) => `Now: ${contents}.`
export const thereWereNoPicturesInIt = 'There were no pictures in it: those that were there stay.'
export const whatWasThereLiesIn = (aside: string) => `What was there lies in ${aside}.`
export const cannotBeRead = 'cannot be read'
export const withoutThePicturesInLine = 'without the pictures'
export const mb = (value: string) => `${value} MB`
export const saveACopyOfTheBackup = (when: string) => `Save a copy of the backup of ${when}`
export const saveACopy = 'Save a copy'
export const restoreTheBackupOf = (when: string) => `Restore the backup of ${when}`
export const restore = 'Restore'
export const allThatIsKeptNowIs = 'All that is kept now is exchanged for this, and set aside.'
export const restoreIt = 'Restore it'
export const leaveIt = 'Leave it'
export const aBackupFromElsewhere = 'A backup from elsewhere'
export const backup = 'Backup'
export const itIsWholeAndStandsIn = 'It is whole, and stands in the list above.'
export const theDatabaseCannotBeReadNow = 'The database cannot be read now'
export const saveFirstWhatCanStillBe =
  'Save first what can still be read of it, then restore the newest backup below. What is there now is set aside, not removed.'
export const saveWhatCanBeRead = 'Save what can be read'
export const noBackupYet = 'No backup yet'
export const whatWasRecordedIsInOne = 'What was recorded is in one place alone.'
export const theNewest = (ageInWords: string) => `The newest: ${ageInWords}`
export const withThePictures = 'with the pictures'
export const theDatabaseAlone = 'the database alone'
export const allOfIt = 'all of it'
export const sinceThen = (since: number) => `${since} since then`
export const backupsAreKeptOf = 'Backups are kept of'
export const daysOfTheLastFourWeeks = (count: number) => `${formatCount(count, 'day')} of the last four weeks`
export const backupsTitle = 'Backups · Plicator'
export const backups = 'Backups'
export const oneFileEachTheDatabaseThe =
  'One file each: the database, the pictures if you say so, and a checksum of all of it. They lie in the data folder; keep one on another disk, too.'
export const thisBackupIsNotHereAny = 'This backup is not here any more.'
export const anImportIsUnderWayWait = 'An import is under way. Wait until it has ended.'
export const nothingWasChanged = (message: string) => `${message} Nothing was changed.`
