import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: products. */

export const theBrand = 'The brand'
export const thePartNumber = 'The part number'
export const chooseSpinOnOrCartridge = 'Choose spin-on or cartridge.'
export const chooseATier = 'Choose a tier.'
export const theRevision = 'The revision'
export const theShortName = 'The short name'
export const theMaker = 'The maker'
export const sayHowItIsKnown = 'Say how it is known.'
export const sayHowItIsKnownPrinted = 'Say how it is known: printed, told or guessed.'
export const chooseHowItCanBeHad = 'Choose how it can be had.'
export const thePlace = 'The place'
export const theDay = 'The day'
export const theSource = 'The source'
export const copyTheCodeAsItStands = 'Copy the code as it stands.'
export const aCodeHasAtMost16 = 'A code has at most 16 signs.'
export const writeADayAMonthOr = 'Write a day, a month or a year: 2026-03-02, 2026-03 or 2026.'
export const sayHowItIsKnownThat = 'Say how it is known that it fits.'
export const theRemark = 'The remark'
export const chooseTheNumberWhosePlaceIt = 'Choose the number whose place it takes.'
export const addTheProduct = 'Add the product'
export const saveTheProduct = 'Save the product'
export const brand = 'Brand'
export const aNewBrandIsMadeWhen = 'A new brand is made when you name it.'
export const partNumber = 'Part number'
export const shortName = 'Short name'
export const asItIsCalledOnAir =
  'As it is called on air; no other product of the line-up has it. Price lists and tables know it too.'
export const revision = 'Revision'
export const suffixCountryOrDateCodeWhen = 'Suffix, country or date code when the same number has changed inside.'
export const form = 'Form'
export const tier = 'Tier'
export const drawing = 'Drawing'
export const explodedDrawing = (name: string, label: string) => `${name} ${label}, exploded drawing`
export const specimenAsFarAsItIs = (label: string) => `Specimen ${label}, as far as it is known.`
export const howItWorks = 'How it works'
export const doesNotFit = 'does not fit'
export const notKnown = 'not known'
export const enginesItFits = 'Engines it fits'
export const aFittingThreadIsNotAll =
  "A fitting thread is not all: the engine maker's manual comes first, and a filter that was opened never goes on an engine."
export const thereIsNoOtherEngineOf = 'There is no other engine of its kind yet.'
export const enteredForIt = 'entered for it'
export const takeItOutOf = (engine: string) => `Take it out of ${engine}`
export const takeOut = 'Take out'
export const doesItFit = (engine: string) => `Does it fit ${engine}`
export const publishedVerdictsOfItTakenOut = (verdicts: number, engine: string) =>
  `${formatCount(verdicts, 'published verdict')} of ${engine} ${verdicts === 1 ? 'names' : 'name'} it; taken out, its readings stay, and ${verdicts === 1 ? 'that one says' : 'those say'} what has changed since.`
export const anotherEngine = 'another engine'
export const itFitsToo = (engine: string) => `It fits too: ${engine}`
export const enginesItCouldFit = 'Engines that it could be said to fit'
export const findAnEngine = 'Find an engine'
export const noEngineIsCalledSo = 'No engine is called so.'
export const oneMoment = 'One moment …'
export const theEnginesDidNotCome = 'The engines did not come. Open the menu again once there is a connection.'
export const howThatIsKnown = 'how that is known'
export const remarkOnTheFit = 'Remark on the fit'
export const remarkASpacerWhatItMust = 'remark: a spacer, what it must clear'
export const putItInThatLineUp = 'Put it in that line-up'
export const askedForOneFromToTo = (money: string, money2: string, observedOn: string, observedOn2: string) =>
  `Asked for one: from ${money} to ${money2}, ${observedOn} to ${observedOn2}`
export const each = (observedOn: string, shop: string, money: string) => `${observedOn}, ${shop}: ${money} each`
export const toEach = (money: string, money2: string) => `${money} to ${money2} each`
export const prices = 'Prices'
export const typePricesInALine = 'Type prices in a line'
export const addAPrice = 'Add a price'
export const forLabel = (value: string, filterFormLabel: string, tierLabel: string) =>
  `${value}${filterFormLabel} · ${tierLabel} · for`
export const edit = 'Edit'
export const remove = 'Remove'
export const newSpecimen = 'New specimen'
export const whatYouFoundInALine = 'What you found, in a line'
export const ofSpecimen = 'of specimen'
export const anotherOne = 'another one'
export const wall495049Turns4 = 'wall .49 .50 .49 · turns 4.5 · holes 8x5.8 · thread end bypass · about 300 g'
export const keepReadings = (readingsCount: number) => `Keep ${formatCount(readingsCount, 'reading')}`
export const readingsKept = (count: number) => `${formatCount(count, 'reading')} kept.`
export const toTheLineUp = 'To the line-up'
export const enterKeepsWhatIsClearThe = 'Enter keeps what is clear; the rest stays.'
export const replaces = 'Replaces'
export const makersWithdrawANumberAndSell =
  'Makers withdraw a number and sell another in its place; what is inside may change with it.'
export const replacedBy = 'Replaced by'
export const itDoesNotReplace = (name: string) => `It does not replace ${name}`
export const takesThePlaceOf = 'takes the place of'
export const keepThatItReplacesIt = 'Keep that it replaces it'
export const notSaid = 'not said'
export const printedOnBoxOrCan = 'printed on box or can'
export const makerOf = (name: string) => `Maker of ${name}`
export const makerWhereKnown = 'maker, where known'
export const keepTheMakerOf = (name: string) => `Keep the maker of ${name}`
export const keep = 'Keep'
export const kept = 'Kept.'
export const byTheirDateCodesTheOldest = (madeIn: string, madeIn2: string) =>
  `By their date codes the oldest was made ${madeIn}, the newest ${madeIn2}.`
export const whatTells = (label: string) => `What tells ${label}`
export const dateCodes = (map: string) => `Date codes: ${map}.`
export const againstThingsDiffer = (label: string, changesCount: number) =>
  `Against ${label} ${formatCount(changesCount, 'thing differs', 'things differ')}.`
export const partByPart = 'Part by part'
export const whatDiffersFrom = (label: string) => `What differs from ${label}`
export const made = (list: string) => `made ${list}`
export const monthsBeforeItWasLookedAt = (shelf: number) => `, ${formatCount(shelf, 'month')} before it was looked at`
export const revisions = 'Revisions'
export const madeItAGuess = ' made it, a guess'
export const madeIt = (makerEvidence: string) => ` made it, ${makerEvidence}`
export const nothingOfItOnTheBench = 'nothing of it on the bench yet'
export const specimensOfOwnCount = (ownCount: number, map: string) => `${formatCount(ownCount, 'specimen')}: ${map}`
export const verdicts = 'Verdicts'
export const timeline = 'Timeline'
export const allDates = 'All dates'
export const day = 'Day'
export const ofLabel = 'Of'
export const what = 'What'
export const madeCode = (specimen: string, madeIn: string, code: string) => `${specimen} made ${madeIn}, code ${code}`
export const firstRecorded = (specimen: string) => `${specimen} first recorded`
export const forLabelOfPackSize = (packSize: number) => `for ${packSize}`
export const at = (shop: string) => `at ${shop}`
export const theSamePartNumberCanChange =
  'The same part number can change maker, country, suffix or insides. Each revision is its own column in the line-up.'
export const whoMadeItIsKeptWith = 'Who made it is kept with how it is known, and counts in no score.'
export const newRevision = 'New revision'
export const suffixCountryOrDateCode = 'suffix, country or date code'
export const add = 'Add'
export const isItWhatTheBoxSays = 'Is it what the box says'
export const isItWhatTheBoxSays2 = 'Is it what the box says?'
export const itTakesASpecimenThatIs =
  "It takes a specimen that is known to be good, from the engine maker's own counter say: mark it, and the others of its revision are set beside it, by box, print, marks and sizes."
export const specimenOfLabel = (label: string) => `Specimen ${label}`
export const knownToBeGood = ' · known to be good'
export const isNotKnownToBeGood = (label: string) => `${label} is not known to be good`
export const markAsKnownToBeGood = (label: string) => `Mark ${label} as known to be good`
export const noSignAllThatWasRecorded = 'No sign: all that was recorded of both agrees.'
export const asksForACheckWithThe = (map: string) =>
  `Asks for a check with the seller: ${map}. Makers change boxes and plants too: a sign is no proof.`
export const timesWhatTwoUnitsDifferBy = (number: string) => `, ${number} times what two units differ by`
export const noneYetBuyOneWriteA = 'None yet. Buy one, write a letter on it, and put it on the bench.'
export const specimen = 'Specimen'
export const howGot = 'How got'
export const recorded = 'Recorded'
export const score = 'Score'
export const change = 'Change'
export const first = 'First'
export const of100 = (score: number) => `${score} of 100`
export const onLoanFrom = 'On loan from'
export const givenBy = 'Given by'
export const bought = 'Bought'
export const inNoneThatWasPublishedYet = 'In none that was published yet.'
export const verdict = 'Verdict'
export const published = 'Published'
export const school = 'School'
export const place = 'Place'
export const ofLabelOfPlace = (place: number, ofText: number) => `${place} of ${ofText}`
export const product = 'Product'
export const title = (detail: string) => `${detail} · Plicator`
export const thisProduct = 'This product'
export const thisBrandHasThatPartNumber =
  'This brand has that part number here already, or another product has the short name.'
export const thisSpecimenIsNotHereAny = 'This specimen is not here any more. Choose another.'
export const thisProductHasNoRevisionAny = 'This product has no revision any more.'
export const theseReadingsAreThereAlready = 'These readings are there already.'
export const thisRevisionIsNotHereAny = 'This revision is not here any more.'
export const itWasEnteredForThisEngine = 'It was entered for this engine: it is in its line-up already.'
export const thisEngineIsNotHereAny = 'This engine is not here any more. Choose another.'
export const aSpinOnGoesOnNo = 'A spin-on goes on no housing for cartridges, nor the other way.'
export const theDemoIsKeptApartFrom = 'The demo is kept apart from your own.'
export const itWasEnteredForThisEngineItStays = 'It was entered for this engine: it stays in its line-up.'
export const thisNumberIsNotHereFor = 'This number is not here for the engine any more. Choose another.'
export const thisSpecimenIsNotHereAnyMore = 'This specimen is not here any more.'
export const thisRevisionIsThereAlready = 'This revision is there already.'
export const photos = 'Photos'
export const specimens = 'Specimens'
export const claims = 'Claims'
export const verdictsItStoodIn = 'Verdicts it stood in'
export const editAProductTitle = 'Edit a product · Plicator'
export const itHasSpecimensRemoveThemFirst =
  'It has specimens. Remove them first, so that no reading is lost by accident.'
export const removeThisProduct = 'Remove this product'
export const newProductTitle = 'New product · Plicator'
export const thisEngine = 'This engine'
export const thisBrandHasThatPartNumberHere =
  'This brand has that part number here already. A change inside is a revision of it.'
export const newProductFor = (name: string) => `New product for ${name}`
export const byTheListOfItsMaker = 'By the list of its maker'
export const byADealersList = "By a dealer's list"
export const triedOnTheEngine = 'Tried on the engine'
export const anotherSizeOnPurpose = 'Another size, on purpose'
export const nothingTakesItsOwnPlaceChoose = 'Nothing takes its own place. Choose another number.'
export const replacesOfName = (name: string, name2: string) => `${name} replaces ${name2}`
export const itWouldGoRoundInA = (list: string) => `It would go round in a circle: ${list}. Take one of them out first.`
export const chooseTwoProductsOrMoreOf = 'Choose two products or more, of which one stays.'
export const theyAreForDifferentEnginesOnly =
  'They are for different engines: only products of one engine are made one.'
export const into = (map: string, name: string) => `${map} into ${name}`
