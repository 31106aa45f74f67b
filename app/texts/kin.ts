import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: kin. */

export const and = (name: string, name2: string, says: string) => `${name} and ${name2}: ${says}`
export const thisSpecimen = 'This specimen'
export const is = (name: string) => `${name} is`
export const theSameBuildAs = (name: string) => `the same build as ${name}`
export const forLess = (money: string) => `for ${money} less.`
export const notKnown = '? not known'
export const doesEachFit = 'Does each fit'
export const doesEachFitOfEngine = (engine: string) => `Does each fit ${engine}?`
export const soldForOneEngineIsNot =
  "Sold for one engine is not fit for it: what the engine needs, and what of it was recorded. Its maker's manual comes first."
export const tableOfWhatFits = 'Table of what fits'
export const filter = 'Filter'
export const theEngineMakersOwn = "the engine maker's own"
export const chooseAFilter = 'choose a filter'
export const andAnother = 'and another'
export const chooseTheFirstOne = 'choose the first one'
export const areTheseTwoKin = 'Are these two kin?'
export const familyOf = (map: string) => `Family of ${map}`
export const pairs = 'Pairs'
export const andOfName = (name: string, name2: string) => `${name} and ${name2}`
export const partsOfAnd = (name: string, name2: string) => `Parts of ${name} and ${name2}`
export const filtersAndPairsInAllThe = (ownCount: number, pairsCount: number) =>
  `${formatCount(ownCount, 'filter')} and ${formatCount(pairsCount, 'pair')} in all: the surest are shown here, the map shows them all.`
export const showFamiliesMoreOf = (min: number, familiesCount: number) =>
  `Show ${formatCount(min, 'family', 'families')} more of ${familiesCount}`
export const map = 'Map'
export const linkedBy = 'Linked by'
export const anythingShared = 'anything shared'
export const pairsOfLabel = (label: string, kinLinksCount: number) => `${label} (${formatCount(kinLinksCount, 'pair')})`
export const mapOfFiltersInGroups = (idsCount: number, groupsCount: number) =>
  `Map of ${formatCount(idsCount, 'filter')} in ${formatCount(groupsCount, 'group')}`
export const layingOut = 'Laying out…'
export const nothingIsLinkedByThisPart = 'Nothing is linked by this part.'
export const groups = 'Groups'
export const its = (label: string) => `its ${label}`
export const parts = 'parts'
export const aLineIsAPairThat = (detail: string) =>
  `A line is a pair that shares ${detail}, the wider the surer; dashed below 95 %. Press it to see the two, or a dot to see the filter.`
export const filtersOfWhichNoSuchPair = (alone: number) =>
  `${formatCount(alone, 'filter')} of which no such pair is known ${alone === 1 ? 'is' : 'are'} not drawn.`
export const noTwoFiltersYet = 'No two filters yet'
export const filtersThatShareAShellA =
  'Filters that share a shell, a valve or an element will stand here as families, over all engines: it takes two with something recorded of each.'
export const toTheBenchAndTheEngines = 'To the bench and the engines'
export const noRelativesFound = 'No relatives found'
export const twoFiltersAreCalledKinWhen =
  'Two filters are called kin when what was recorded of both is 19 times likelier of shared parts than of strangers. What tells most: the holes of the plate with an odd one, stamped marks, the track of the gasket, seam and inside of the can, lips, louvres and the colour of the glue.'
export const relativesAs = 'Relatives as'
export const families = 'Families'
export const tooLittleIsRecordedToTell = (map: string) =>
  `Too little is recorded to tell of ${map}: nobody is called a stranger for what was not looked at.`
export const itIsAboutPartsNeverAbout =
  'It is about parts, never about who made them. A part that looks the same and does not swap over is another part.'
export const eachFilterIsSetBesideEach = 'Each filter is set beside each other one.'
export const whatWasRecordedOfAllFilters = 'What was recorded of all filters is read.'
export const agreesAndIsRare = '= agrees, and is rare'
export const agreesAsManyDo = '= agrees, as many do'
export const differs = '≠ differs'
export const furtherApartThanOnePartCan = '≠ further apart than one part can be'
export const differsAndSaysLittle = '~ differs, and says little'
export const partByPart = 'Part by part'
export const what = 'What'
export const howRareAndHowMuchLikelier = 'How rare, and how much likelier of one part'
export const saysNothingOfHowAFilter = '· says nothing of how a filter is built'
export const timesLikelier = (weight: number) => `${weight} times likelier`
export const swappedOver = 'Swapped over'
export const aPartOfTheOnePut =
  'A part of the one put into the other. What does not fit is another part, whatever it looks like; what fits may still be one.'
export const tried = 'Tried'
export const ofIn = (kinPartLabel: string, from: string, into: string, fit: string) =>
  `${kinPartLabel} of ${from} in ${into}: ${fit}`
export const triedBy = (triedBy: string) => `tried by ${triedBy}`
export const takeBackOfSaid = (said: string) => `Take back: ${said}`
export const takeBack = 'Take back'
export const ofInOfA = (a: string, b: string) => `of ${a} in ${b}`
export const ofInOfB = (b: string, a: string) => `of ${b} in ${a}`
export const howItFits = 'how it fits'
export const whoTriedIt = 'Who tried it'
export const whoIfNotYou = 'who, if not you'
export const noteOnTheTrial = 'Note on the trial'
export const note = 'note'
export const keepTheTrial = 'Keep the trial'
export const aboveAndBelowTheAxisTo = (a: string, b: string) => `${a} above and ${b} below the axis, to one scale`
export const whatCanBeSaid = 'What can be said'
export const nothingIsLikelyEnoughToBe = 'Nothing is likely enough to be said.'
export const saidOfTheirPartsNeverOf = (chance: string, odds: string) =>
  `${chance}, ${odds}. Said of their parts, never of who made them.`
export const twoRevisionsOfOneProduct = ' Two revisions of one product.'
export const partsOfTheTwo = 'Parts of the two'
export const anAgreementIsWorthAsMuch =
  'An agreement is worth as much as it is rare among all other filters; of what goes together only what speaks loudest counts. What was claimed, told or concluded from looks is left out.'
export const howThisIsWorkedOut = 'How this is worked out'
export const agreesAndIsRare2 = 'Agrees and is rare'
export const agreesAsManyDo2 = 'Agrees, as many do'
export const differs2 = 'Differs'
export const rulesOut = 'rules out'
export const andMore = (more: number) => ` and ${more} more`
export const toTellMoreRecord = 'To tell more, record'
export const and2 = ' and '
export const ofLabel = (label: string) => `${label} of`
export const andTitle = (name: string, name2: string) => `${name} and ${name2} · Plicator`
export const kinTitle = 'Kin · Plicator'
export const thisPair = 'This pair'
export const oneOfTheTwoIsNot = 'One of the two is not here any more. Choose two filters again.'
export const thisTrialIsThereAlready = 'This trial is there already.'
export const kinOfTwo = 'Kin of two'
export const partByPartWithHowRare = (name: string) => `${name}: part by part, with how rare what they share is.`
export const kin = 'Kin'
export const whichFiltersShareAShellA = 'Which filters share a shell, a valve or an element, over all engines.'
export const kinOfName = (name: string) => `Kin: ${name}`
export const whichOfItsFiltersShareParts = 'Which of its filters share parts with which, here and among all engines.'
export const filtersThatShareAShellAValveOr =
  'Filters that share a shell, a valve or an element will stand here as families: it takes two with something recorded of each.'
