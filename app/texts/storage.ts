/* Words of the interface: storage. */

export const theDatabaseIsInUseBy = 'The database is in use by another program'
export const anotherProgramHoldsTheFileOf =
  'Another program holds the file of the database, so nothing can be read or written now.'
export const allThatWasRecordedStandsIn =
  'All that was recorded stands in it. What you do at an open bench waits in your browser.'
export const closeTheOtherProgramADatabase =
  'Close the other program: a database browser, a copy under way, a second Plicator. This page tries again.'
export const theDatabaseIsDamaged = 'The database is damaged'
export const theFileOfTheDatabaseCannot =
  'The file of the database cannot be read as it should: a disk or a copy went wrong.'
export const theFileIsLeftAsIt = 'The file is left as it is, and so are the pictures and the backups.'
export const goBackToTheNewestBackup =
  'Go back to the newest backup below; what can still be read of the damaged file can be saved first.'
export const theDatabaseIsFromANewer = 'The database is from a newer Plicator'
export const aNewerVersionOfTheApp = 'A newer version of the app has written it, and this one does not know its form.'
export const nothingWasChangedInIt = 'Nothing was changed in it.'
export const startTheNewerVersionOrRestore = 'Start the newer version, or restore a backup that this version made.'
export const theDataFolderCannotBeWritten = 'The data folder cannot be written'
export const theFolderOrItsDiskAllows = 'The folder or its disk allows reading alone.'
export const allThatWasRecordedStandsWhat =
  'All that was recorded stands. What you do at an open bench waits in your browser.'
export const allowWritingToTheFolderOr =
  'Allow writing to the folder, or mount its disk for writing. This page tries again.'
export const theDiskIsFull = 'The disk is full'
export const thereIsNoRoomLeftWhere = 'There is no room left where the data are kept, so nothing more can be written.'
export const allThatWasAcceptedStandsWhat =
  'All that was accepted stands. What was not accepted was not half written; at the bench it waits in your browser.'
export const makeRoomOnTheDiskThis = 'Make room on the disk. This page tries again.'
export const theDataCannotBeReached = 'The data cannot be reached'
export const theDiskOrTheFolderWhere = 'The disk or the folder where the data are kept does not answer.'
export const nothingWasChangedWhatYouDo = 'Nothing was changed. What you do at an open bench waits in your browser.'
export const seeThatTheDiskIsThere =
  'See that the disk is there and whole. This page tries again; bin/doctor says more.'
export const theDatabaseCouldNotBeBrought = 'The database could not be brought up to date'
export const thisVersionOfTheAppKeeps =
  'This version of the app keeps its data in a new form, and turning the old form into it failed.'
export const theOldDatabaseStandsAsIt =
  'The old database stands as it was, and a backup of it was made before the attempt.'
export const startTheFormerVersionOfThe = 'Start the former version of the app, or see what the log of the server says.'
export const aBackupIsBeingPutIn = 'A backup is being put in place'
export const theDataAreBeingExchangedFor = 'The data are being exchanged for those of a backup.'
export const whatWasThereIsKeptAside = 'What was there is kept aside.'
export const waitAMomentThisPageTries = 'Wait a moment; this page tries again.'
