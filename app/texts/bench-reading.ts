import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: bench-reading. */

export const beside = (label: string) => `${label}, beside`
export const howItCompares = 'How it compares'
export const theSame = 'the same'
export const aHairMore = 'a hair more'
export const keep = 'Keep'
export const close = 'Close'
export const thicker8GLighterNearlyTwice = 'thicker, 8 g lighter, nearly twice, within 1 mm of each other, the same'
export const aReadingOfEachThere = (readings: string) => `= a reading of each: ${readings} there`
export const aFilterThatWasRemoved = 'a filter that was removed'
export const besideOfDetail = (detail: string, line: string) => `Beside ${detail}: “${line}”`
export const takeBackOfLine = (line: string) => `Take back: ${line}`
export const takeBack = 'Take back'
export const takeNext = 'take, next'
export const takeAndAgainInLine = 'take, and again'
export const chooseNext = 'choose, next'
export const howYouKnowItInLine = 'how you know it'
export const countItHereInLine = 'count it here'
export const nextSpecimen = 'next specimen'
export const specimenBefore = 'specimen before'
export const predictItInLine = 'predict it'
export const aDeviceSentANumberWhile =
  'A device sent a number while an answer is asked for. Nothing was taken: choose with one key.'
export const theReadingsCouldNotBeRead = 'The readings could not be read.'
export const thereIsNoReadingInThis = 'There is no reading in this line yet.'
export const atMostAHundredReadingsAt = 'At most a hundred readings at once.'
export const whatEachBecame = 'What each became'
export const whatIsOf = (said: string) => `What "${said}" is of`
export const ofWhat = (said: string) => `${said}: of what?`
export const willTellMore = (next: string) => `; ${next} will tell more`
export const kinSoFar = 'Kin so far'
export const soFarLikeOfColumnName = (columnName: string, said: string) => `So far like ${columnName}: ${said}`
export const soFarLike = 'So far like'
export const readingsTaken = (taken: number) => `${formatCount(taken, 'reading')} taken.`
export const severalReadingsAtOnce = 'Several readings at once'
export const severalReadingsInALine = 'Several readings in a line'
export const wall495049Turns4 = 'wall .49 .50 .49 · turns 4.5 · holes 8x5.8 · thread end bypass · about 300 g'
export const thisComesAfterReadingsThatStill = (label: string, lostCount: number) =>
  `This comes after ${label}: ${formatCount(lostCount, 'reading')} that ${lostCount === 1 ? 'is' : 'are'} still open would be lost for good.`
export const all = 'all'
export const theThatAreClear = (clear: number) => `the ${clear} that are clear`
export const take = (detail: string) => `Take ${detail}`
export const enterTakesWhatIsClearThe = 'Enter takes what is clear; the rest stays. Escape closes.'
export const lookingAtTheField = 'Looking at the field…'
export const noOtherFilterOfThisEngine = 'No other filter of this engine has it yet.'
export const inThisLineUpOthers = (peersCount: number) => `In this line-up: ${peersCount} others`
export const inThisLineUpOf = (ordinal: string, most: string, value: number) =>
  `In this line-up: ${ordinal} ${most} of ${value}`
export const fromTo = (shown: string, shown2: string) => `From ${shown} to ${shown2}`
export const latelyInTheLibraryFromTo = (libraryCount: number, shown: string, shown2: string) =>
  `Lately in the library: ${libraryCount}, from ${shown} to ${shown2}`
export const bothEndsAlike = 'Both ends alike'
export const atThe = (endLabel: string) => `At the ${endLabel}`
export const atWhichEnd = 'At which end'
export const theWorseEndDecides = 'the worse end decides'
export const readingHowReadingTrouble = 'reading-how reading-trouble'
export const unit = (choice: string) => `Unit ${choice}`
export const takeIt = 'Take it'
export const takeAndAgain = 'Take, and again'
export const countItHere = 'Count it here'
export const pausedWhatIsTypedNowGoes =
  'Paused: what is typed now goes elsewhere. Press Escape there, or click here, to go on with the reading.'
export const repeats = (repeatsCount: number, repeats: string) => `${repeatsCount} repeats: ${repeats}`
export const howYouKnowIt = 'How you know it'
export const readWhere = 'Read where?'
export const byWhomInGeneralWordsAnd = 'By whom, in general words, and how many of how many?'
export const boxSidePanel = 'box, side panel'
export const viewers3OfAbout20 = 'viewers, 3 of about 20'
export const withAnOrdinaryAsAssumed = (label: string) => `With an ordinary ${label}, as assumed.`
export const enterYourOwn = 'Enter your own'
export const instrument = 'Instrument'
export const withLabel = (name: string, anyAbleCount: boolean) => `With ${name}${anyAbleCount ? ', change' : ''}`
export const zeroOf = (value: string, name: string) => `Zero ${value} of ${name}`
export const zero = (value: string) => `Zero ${value}`
export const atZeroShows = (label: string) => `${label} at zero shows`
export const isTakenOffWhatIsRead = (zero: string) => `${zero} is taken off what is read.`
export const hasNeverBeenCheckedAgainstA = 'has never been checked against a known piece'
export const wasLastCheckedDaysAgo = (detail: number) => `was last checked ${formatCount(detail, 'day')} ago`
export const wasOffAtItsLastCheck = 'was off at its last check'
export const checkIt = 'Check it'
export const later = 'Later'
export const noOtherFilterOfTheLibrary = 'No other filter of the library has it yet.'
export const ofOthersInTheLibrary = (answersCount: number, map: string) =>
  `Of ${formatCount(answersCount, 'other')} in the library: ${map}.`
export const allKeys = 'all keys'
export const predicted = (said: string, outcomeWord: string) => `Predicted: ${said}. ${outcomeWord}`
export const predictedOfTyped = (typed: string) => `Predicted: ${typed}.`
export const yourPredictionsOfCameTrueSo = (hits: number, settled: number, value: number) =>
  `Your predictions: ${hits} of ${settled} came true, so what you infer bears ${value} % of its weight.`
export const itCameTrue = 'It came true.'
export const itDidNotComeTrue = 'It did not come true.'
export const itWaitsForTheReading = 'It waits for the reading.'
export const keepOfText = (text: string, detail: string) => `Keep ${text} ${detail}`
export const correctIt = 'Correct it'
export const theOldOneLeaveThis = 'The old one: leave this'
export const theNewOneStrikeWhatWas = 'The new one: strike what was before'
export const bothItDiffersFromPlaceTo = 'Both: it differs from place to place'
export const readingsSoFar = 'Readings so far'
export const standsApart = ' (stands apart)'
export const meanSpread = (shown: string, shown2: string) => ` · mean ${shown}, spread ${shown2}`
export const anotherWouldNarrowTheDoubtBy = (value: number) => ` · another would narrow the doubt by ${value} %`
export const anotherWouldAddLittle = ' · another would add little'
export const theWorstHoldsIfThatWas = ' · the worst holds; if that was a mistake, strike it on the tape and say why'
export const theyDisagreeTakeAnother = ' · they disagree: take another'
export const allReadings = 'all readings'
export const notAskedForHereSince = (reason: string) => `Not asked for here, since ${reason}.`
export const leftOutOfThisSpecimen = 'Left out of this specimen.'
export const anExtraRecordedWhenThereIs = 'An extra: recorded when there is time.'
export const youCanRecordItAllThe = (detail: string) => `${detail} You can record it all the same, or`
export const askForItHere = 'ask for it here'
export const askedForOnThisSpecimenAlone = 'Asked for on this specimen alone'
export const although = (reason: string) => `, although ${reason}`
export const asUsual = 'As usual'
export const otherSpecimensOfThisProduct = 'Other specimens of this product'
export const sideBySide = 'Side by side'
export const notRecorded = 'not recorded'
export const counting = (noun: string) => `Counting ${noun}`
export const count = 'Count'
export const paused = 'Paused.'
export const escapeCloses = 'Escape closes.'
export const oneBack = 'One back'
export const pause = 'Pause'
export const fromZero = 'From zero'
export const thatIsTheCount = 'That is the count'
export const clickSound = 'Click sound'
export const space = 'Space'
export const one = 'one'
export const oneBackInLine = 'one back'
export const pauseInLine = 'pause'
export const enter = 'Enter'
export const thatIsTheCountInLine = 'that is the count'
export const esc = 'Esc'
export const closeInLine = 'close'
export const reading = (label: string) => `Reading: ${label}`
export const whatYouTypeOrChooseNow =
  'What you type or choose now is a prediction: it is kept apart, and settled when the thing itself is taken.'
export const somebody = 'somebody'
export const aCheckToMakeReported = (value: string, rawInput: string) =>
  `A check to make: ${value} reported “${rawInput}”.`
export const aCheckToMakeThePromises = (place: string, words: string) =>
  `A check to make: the ${place} promises “${words}”.`
export const showThisLater = 'Show this later'
export const predictIt = 'Predict it'
export const besideAnother = 'Beside another'
export const why = (why: string) => `Why: ${why}`
export const lostForGoodAfterItCannot = (label: string, isQuantity: boolean) =>
  `Lost for good after ${label}: it cannot be ${isQuantity ? 'measured' : 'recorded'} then.`
export const whyIsStruckItEndsThe = (words: string) =>
  `Why is “${words}” struck? It ends the discussion of this filter.`
export const sayWhyInAFewWords = 'Say why, in a few words.'
export const strikeIt = 'Strike it'
export const leaveIt = 'Leave it'
export const weightsSoFar = 'Weights so far'
export const takenBackAsItWasSaid = 'Taken back as it was said.'
export const aFilterHasNo = (form: string, characteristic: string) => `A ${form} filter has no "${characteristic}".`
export const anotherReadingHasTheNumberThat = 'Another reading has the number that this one was given. Type it again.'
export const isNotReadInButIn = (label: string, unit: string, units: string) =>
  `${label} is not read in ${unit}, but in ${units}.`
export const thatInstrumentIsNotInThe =
  'That instrument is not in the list any more, or reads something else. Choose another.'
export const theZeroOfIsNoOffset = (name: string) =>
  `The zero of ${name} is no offset any more: set the instrument right first.`
export const aFilterHasNoOfForm = (form: string, key: string) => `A ${form} filter has no "${key}".`
export const sayWhatIsComparedAndHow = 'Say what is compared, and how: wall: a hair thicker.'
export const thisHasNoMoreAndLess = 'This has no more and less.'
export const twoAmountsOfAFigureAre = 'Two amounts of a figure are put down on the bench of each.'
