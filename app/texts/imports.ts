import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: imports. */

export const thisLineUp = 'This line-up'
export const dataPackageZip = (name: string) => `${name} data package.zip`
export const figuresCsv = (name: string) => `${name} figures.csv`
export const figuresJson = (name: string) => `${name} figures.json`
export const plicatorReadingsCsv = 'plicator readings.csv'
export const readingsCsv = (name: string) => `${name} readings.csv`
export const noFileArrivedChooseOneAnd = 'No file arrived. Choose one and send it again.'
export const thisImport = 'This import'
export const everyRowIsLookedAtNothing = 'Every row is looked at; nothing is written.'
export const readingsAreBeingWrittenTheyAre = 'Readings are being written; they are seen when all of them are in.'
export const cancelTheImport = 'Cancel the import'
export const rows = (rows: number) => `${formatCount(rows, 'row')}:`
export const newLabel = (newText: number) => `${newText} new`
export const thereAlreadyRefused = (there: number, refused: number) => `, ${there} there already, ${refused} refused.`
export const theResultOfEveryRow = 'The result of every row'
export const itIsADataPackageBeside = (beside: string) =>
  `It is a data package: beside its readings it brings ${beside}. What is there already stays as it is.`
export const readingsAreIn = (newText: number) => `${formatCount(newText, 'reading is', 'readings are')} in.`
export const toTheLineUps = 'To the line-ups'
export const anotherFile = 'Another file'
export const itIsAllOrNothingMend =
  'It is all or nothing: mend the refused rows in the file and send it again. Nothing was written.'
export const everythingIsThereAlreadyThereIs = 'Everything is there already; there is nothing to write.'
export const writeWhatIsNewBesideThem = 'Write what is new beside them'
export const writeReadings = (newText: number) => `Write ${formatCount(newText, 'reading')}`
export const file = 'File'
export const refusedRows = 'Refused rows'
export const rowOfTheFile = 'Row of the file'
export const reason = 'Reason'
export const andMoreTheResultOfEvery = (value: number) => `and ${value} more; the result of every row is in its file.`
export const leftAway = 'left away'
export const whatIsMeasured = 'What is measured'
export const whatTheHeadingsStandFor = 'What the headings stand for'
export const inTheTable = 'In the table'
export const is = 'Is'
export const plainNumbersIn = 'Plain numbers in'
export const whoseItIs = 'Whose it is'
export const whoseTheValuesAre = 'Whose the values are'
export const specimen = 'Specimen'
export const orAsItSays = (unit: string) => `${unit}, or as it says`
export const aNewProduct = 'a new product'
export const brandOf = (text: string) => `Brand of "${text}"`
export const partNumberOf = (text: string) => `Part number of "${text}"`
export const swap = 'Swap'
export const specimenOf = (text: string) => `Specimen of "${text}"`
export const first = 'first'
export const whatBecomesOfIt = 'What becomes of it'
export const ofTheFirst = (readingsCount: number) => `Of the first ${readingsCount}: `
export const readingsValuesThatCannotBeRead = (detail: string, count: number, count2: number) =>
  `${detail}${formatCount(count, 'reading')}, ${formatCount(count2, 'value')} that cannot be read,`
export const leftAwayInLine = 'left away.'
export const whatBecomesOfTheValues = 'What becomes of the values'
export const product = 'Product'
export const heading = 'Heading'
export const becomes = 'Becomes'
export const leftAwayOfReason = (reason: string) => `left away: ${reason}`
export const moreAreNotShown = (value: number) => `${value} more are not shown.`
export const itHas = 'It has'
export const theFirstAreShownTheOthers = (listed: number, headingsCount: number, namesCount: number) =>
  `The first ${listed} are shown; the others are taken as they are suggested, ${headingsCount} headings and ${namesCount} products in all.`
export const lookAtReadingsOnceMore = (count: number) => `Look at ${count} readings once more`
export const lookAtAllOfItOnce = 'Look at all of it once more'
export const importTitle = 'Import · Plicator'
export const importReadings = 'Import readings'
export const aCsvFileOneRowA = 'A CSV file, one row a reading, as'
export const theExport = 'the export'
export const writesItFirstComesADry =
  'writes it. First comes a dry run that says what would become of every row; nothing is written until you say so, and then all or nothing. A table of your own making comes in by “Bring your table” on its line-up. A data package, as a line-up writes it, comes in whole: engine, products, claims and prices with the readings.'
export const dryRun = 'Dry run'
export const writing = 'Writing'
export const imported = 'Imported'
export const notImported = 'Not imported'
export const thereAlready = 'there already'
export const thereAreNoRowsInThis = 'There are no rows in this file.'
export const theFileLacksThe = (missingCount: number, list: string) =>
  `The file lacks the ${missingCount === 1 ? 'column' : 'columns'} ${list}.`
export const thereIsNoInstrumentEnterIt = (instrument: string) =>
  `There is no instrument "${instrument}". Enter it under Instruments, or leave the column empty.`
export const thisProductIsNot = (form: string, form2: string) => `This product is ${form}, not ${form2}.`
export const thisPackageHasMoreThanMb = (value: number) => `This package has more than ${value} MB. Send it in pieces.`
export const thisPackageUnpacksToFarMore = 'This package unpacks to far more than a library has.'
export const thisZipCannotBeReadSend = 'This zip cannot be read. Send it again.'
export const engines = (applicationsCount: number) => formatCount(applicationsCount, 'engine')
export const products = (productsCount: number) => formatCount(productsCount, 'product')
export const specimens = (specimensCount: number) => formatCount(specimensCount, 'specimen')
export const instruments = (instrumentsCount: number) => formatCount(instrumentsCount, 'instrument')
export const claims = (claimsCount: number) => formatCount(claimsCount, 'claim')
export const prices = (pricesCount: number) => formatCount(pricesCount, 'price')
export const theFileDidNotArriveWhole = 'The file did not arrive whole. Send it again.'
export const thisImportIsNoLongerKnown = 'This import is no longer known. Send the file again.'
export const thisImportIsNotReadyTo = 'This import is not ready to be written.'
export const someRowsAreRefusedMendThem =
  'Some rows are refused. Mend them in the file and send it again: it is all or nothing.'
export const thisImportIsNotUnderWay = 'This import is not under way any more.'
export const itWasCancelledNothingOfIt = 'It was cancelled. Nothing of it was written.'
export const itTakesTooLongToLook =
  'It takes too long to look through. Split it and send it in pieces. Nothing of it was written.'
export const itCouldNotBeFinishedAnd =
  'It could not be finished, and what was written of it was taken back. The log of the server says more.'
export const theServerEndedWhileThisImport =
  'The server ended while this import was under way. Nothing of it was written. Send the file again.'
export const oilFiltersForThe = (name: string) => `Oil filters for the ${name}`
export const theFileHasMoreThanMb = (value: number) => `The file has more than ${value} MB: no table is so large.`
export const theFileIsEmpty = 'The file is empty.'
export const table = 'Table'
export const thereIsNoTableInThis = 'There is no table in this file: a head and a row at least.'
export const thisIsNoWorkbookThatCan = 'This is no workbook that can be read. Save it as .xlsx or .csv.'
export const thisWorkbookUnpacksToFarMore = 'This workbook unpacks to far more than a table has.'
export const sheet = (value: number) => `Sheet ${value}`
