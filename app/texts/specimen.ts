import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: specimen. */

export const theLabel = 'The label'
export const sayHowItWasGotViewers = 'Say how it was got: viewers are told.'
export const theGiver = 'The giver'
export const aPrice = 'A price'
export const theShop = 'The shop'
export const sayWhatStateItIsIn = 'Say what state it is in.'
export const howLong = 'How long'
export const sayWhoGaveItOrLent = 'Say who gave it or lent it: such a sample must be disclosed.'
export const aPriceNeedsItsCurrency = 'A price needs its currency.'
export const begins = (get: string) => `${get} begins`
export const beforeTheFirstStation = 'Before the first station'
export const hMin = (hours: number, minutes: number) => `${hours} h ${minutes} min`
export const minS = (minutes: number, rest: number) => `${minutes} min ${rest} s`
export const explodedDrawingToScale = (name: string) => `${name}, exploded drawing to scale`
export const thisSpecimen = 'This specimen'
export const specimenOfLabel = (label: string) => `· specimen ${label}`
export const specimen = 'Specimen'
export const title = (detail: string) => `${detail} · Plicator`
export const takeAgain = (label: string) => `Take again: ${label}`
export const otherUnitsOfTheProduct = (value: string, spreadSourceLabel: string) =>
  `Other units of the product: ± ${value} %, ${spreadSourceLabel}.`
export const none = 'None.'
export const asTyped = 'As typed'
export const readIn = 'Read in'
export const value = 'Value'
export const howKnown = 'How known'
export const whenUtc = 'When (UTC)'
export const remark = 'Remark'
export const struck = (reason: string) => `struck ${reason}`
export const standsApartFromTheOthers = 'stands apart from the others'
export const readAt = (source: string) => `read at ${source}`
export const fromReadings = (readings: number) => `, from ${formatCount(readings, 'reading')}`
export const theyDoNotAgreeTakeAnother = '; they do not agree, take another'
export const missing = 'Missing.'
export const recordItOnTheBench = 'Record it on the bench'
export const why = 'Why:'
export const readings = 'Readings'
export const toThisReadingOnTheBench = 'To this reading on the bench'
export const nothingOfItIsRecordedYet = 'Nothing of it is recorded yet.'
export const readingsOfReadings = (readings: number) => formatCount(readings, 'reading')
export const whatTheInstrumentIsOffBy = 'What the instrument is off by'
export const aBetterInstrumentMakesTheFigure = 'A better instrument makes the figure sharper first; repeats do not.'
export const measureBetterAndTheFigureGets = (label: string) =>
  `Measure ${label} better and the figure gets sharper first.`
export const formula = 'Formula'
export const assumed = (assumptions: string) => `Assumed: ${assumptions}`
export const source = (source: string) => `Source: ${source}.`
export const madeOf = 'Made of'
export const whereItsDoubtComesFrom = 'Where its doubt comes from'
export const restsOnWhatIs = 'Rests on what is'
export const atWorst = 'at worst.'
export const theRangeCovers95ForThis = (unitSpreadText: string) =>
  `The range covers 95 %, for this specimen. ${unitSpreadText}`
export const oneOfTheReadingsBelowMust = (message: string) => `${message}. One of the readings below must be wrong.`
export const notWorkedOutHereSince = (reason: string) => `Not worked out here, since ${reason}.`
export const notKnownYetStillToRecord = 'Not known yet. Still to record:'
export const wasItToldAsSuch = 'Was it told as such?'
export const enterItDirectly = 'Enter it directly'
export const writeTheTimeOfTheDay = 'Write the time of the day as 14:05:30.'
export const theCameraStartsNow = 'The camera starts now'
export const itStartedAt = 'It started at '
export const orItStartedAt = 'or it started at '
export const set = 'Set'
export const itStopsNow = 'It stops now'
export const itRunsAgain = 'It runs again'
export const takeTheLastPressBack = 'Take the last press back'
export const notFilmed = 'Not filmed'
export const theFilmBeginsAtYourTime = (time: string, day: string) => `The film begins at ${time}, ${day}, your time.`
export const itHasTakes = (runsCount: number) => `It has ${runsCount} takes: `
export const theEnd = 'the end'
export const to = (time: string, detail: string) => `${time} to ${detail}`
export const pointsOfNoReturn = 'Points of no return'
export const notes = 'Notes'
export const photos = 'Photos'
export const nothingHasBeenRecordedYet = 'Nothing has been recorded yet.'
export const show = 'Show'
export const time = (zone: string) => `Time, ${zone}`
export const onFilm = 'On film'
export const what = 'What'
export const entry = 'Entry'
export const onFilmOfTimeOnFilm = (timeOnFilm: string) => ` · on film ${timeOnFilm}`
export const titleOfLabel = (label: string) => `${label} · Plicator`
export const thisCharacteristicOrFigure = 'This characteristic or figure'
export const putItOnTheBench = 'Put it on the bench'
export const saveTheSpecimen = 'Save the specimen'
export const revision = 'Revision'
export const first = 'First'
export const labelOfTheSpecimen = 'Label of the specimen'
export const writeItOnTheCanToo = 'Write it on the can too.'
export const state = 'State'
export const howOld = 'How old'
export const howLongItServed = 'How long it served'
export const n4Years = '4 years'
export const n8000KmOr6MonthsOr = '8000 km or 6 months or 250 h'
export const usedAndDamagedOnesAreKept =
  'Used and damaged ones are kept out of the averages of new ones and stand beside them.'
export const howItWasGot = 'How it was got'
export const bought = 'Bought'
export const given = 'Given'
export const onLoan = 'On loan'
export const lentBy = 'Lent by'
export const givenBy = 'Given by'
export const makerDealerOrViewerItIs = 'Maker, dealer or viewer. It is disclosed wherever this specimen appears.'
export const pricePaidForOne = 'Price paid for one'
export const currency = 'Currency'
export const eur = 'EUR'
export const shop = 'Shop'
export const editASpecimenTitle = 'Edit a specimen · Plicator'
export const thisProduct = 'This product'
export const itHasReadingsAndReadingsAre = 'It has readings, and readings are kept. Strike the wrong ones on the bench.'
export const chooseARevisionOfThisProduct = 'Choose a revision of this product.'
export const anotherSpecimenOfThisRevisionHas = 'Another specimen of this revision has that label.'
export const specimenOfBrand = (brand: string, partNumber: string, label: string) =>
  `${brand} ${partNumber}, specimen ${label}`
export const removeThisSpecimen = 'Remove this specimen'
export const newSpecimenTitle = 'New specimen · Plicator'
export const aRevisionOfThisProduct = 'A revision of this product'
export const newSpecimenOf = (brand: string, partNumber: string) => `New specimen of ${brand} ${partNumber}`
