/* Words of the interface: face-off. */

export const chooseAPart = 'Choose a part.'
export const theNote = 'The note'
export const thereIsNoSuchPart = 'There is no such part.'
export const sayWhoTakesIt = 'Say who takes it.'
export const sayWhatIsCompared = 'Say what is compared.'
export const sayHowTheyCompare = 'Say how they compare.'
export const thatIsTooLongForA = (longestComparison: number) =>
  `That is too long for a comparison: at most ${longestComparison} characters.`
export const aboveAndBelowTheAxisTo = (name: string, name2: string) =>
  `${name} above and ${name2} below the axis, to one scale`
export const of100 = 'of 100'
export const swap = 'Swap'
export const print = 'Print'
export const toIn95Of100 = (low: number, high: number) => `${low} to ${high} in 95 of 100`
export const noPrice = 'no price'
export const landed = (money: string) => `${money} landed`
export const sampleGivenBy = (given: string) => `sample given by ${given}`
export const specimens = (specimens: number) => `${specimens} specimens`
export const yourCallPartByPart = 'Your call, part by part'
export const standsAtTheLeftAtThe = (name: string, name2: string) =>
  `${name} stands at the left, ${name2} at the right. Press a call again to take it back.`
export const callsPartByPart = 'Calls part by part'
export const part = 'Part'
export const yourCall = 'Your call'
export const byThePoints = 'By the points'
export const yourCallOn = (label: string) => `Your call on ${label}`
export const yourCallsAddUpToFor = (a: number, name: string, b: number, name2: string, ties: number) =>
  `Your calls add up to ${a} for ${name} and ${b} for ${name2}, with ${ties} ${ties === 1 ? 'tie' : 'ties'}.`
export const takeAsMyPick = (name: string) => `Take ${name} as my pick`
export const ofTheSameMindByAnother = 'of the same mind, by another step'
export const theOtherWayRoundThanYou = 'the other way round than you'
export const whereYouPart = 'where you part'
export const takesIt = '◀ takes it'
export const takesItInLine = 'takes it ▶'
export const tie = '= tie'
export const differs = '≠ differs'
export const notKnown = '? not known'
export const takesItByOf10 = (gain: string) => `takes it by ${gain} of 10 ▶`
export const takesItByOf10OfGain = (gain: string) => `◀ takes it by ${gain} of 10`
export const partByPart = 'Part by part'
export const differencesOnly = 'Differences only'
export const allRows = (comparisonsCount: number) => `All ${comparisonsCount} rows`
export const noDifferenceThatIsLargerThan = 'No difference that is larger than its uncertainty.'
export const whoTakesIt = 'Who takes it'
export const pointsWonByPart = 'Points won, by part'
export const pointsWonByPart2 = 'Points won by part'
export const sideBySide = 'Side by side'
export const whatWasComparedWithoutANumber =
  'What was compared without a number for each: thicker, 8 g lighter, nearly twice, the same part. It fills what is missing beside what is known, and draws that break it do not count in the verdict.'
export const saidOfTheTwo = 'Said of the two'
export const compared = 'Compared'
export const is = (name: string) => `${name} is`
export const less = '◀ less'
export const more = 'more ▶'
export const asTyped = 'As typed'
export const theReadingsOfTheTwoSay = 'The readings of the two say otherwise: it does not count.'
export const than = (name: string, text: string, name2: string) => `${name}: ${text} than ${name2}`
export const takeBackOfWords = (words: string) => `Take back: ${words}`
export const takeBack = 'Take back'
export const beside = (name: string, name2: string) => `${name}, beside ${name2}`
export const wallAHairThicker = 'wall: a hair thicker'
export const mediaLengthAHairLonger = 'media length: a hair longer'
export const ofLabel = 'of'
export const keep = 'Keep'
export const specimenOf = (name: string) => `Specimen of ${name}`
export const enterKeepsItExamples310Thou = 'Enter keeps it. Examples: 310 thou taller · pleats 54 against 61'
export const sayWhatIsComparedWallWeight = 'Say what is compared: wall, weight, pleats, glue, bypass, media area …'
export const thatCanBeSaidOfSeveral = 'That can be said of several things: choose which.'
export const aReadingOfEachAnd = (reading: string, reading2: string) => `a reading of each, ${reading} and ${reading2}`
export const inShort = 'In short'
export const claims = 'Claims'
export const atEverySizeThatTheOther = (test: string, detail: string) =>
  `At every size that the other claims, by ${test}, ${detail} is at least as good.`
export const whatTheBoxesSay = 'What the boxes say'
export const theMakersWordsNoneOfIt = ". The makers' words; none of it was tested here."
export const ofTheTwo = 'Of the two'
export const tray = 'Tray'
export const aJudgementOfConstructionAndValue =
  'A judgement of construction and value, no filtration test. A tie is a difference within its uncertainty, unit-to-unit spread included.'
export const trayPartsOfOtherEnginesFilters = 'Tray: parts of other engines’ filters'
export const laidBesideToBeShownAll =
  'Laid beside to be shown, all to one scale. Not scored, and not compared: they fit another engine.'
export const inTheTray = 'In the tray'
export const ofLabelOfExhibitPartLabel = (exhibitPartLabel: string, name: string) => `${exhibitPartLabel} of ${name}`
export const notScored = 'not scored'
export const forLabel = (engine: string) => `, for ${engine}`
export const byItsReadingsThisFilterHas = 'By its readings this filter has none.'
export const andMoreOnItsBench = (value: number) => `and ${value} more on its bench`
export const putBackOfTitle = (title: string) => `Put back: ${title}`
export const putBack = 'Put back'
export const thereIsNoOtherEngineYet = 'There is no other engine yet whose parts could lie here.'
export const engine = 'Engine'
export const filter = 'Filter'
export const nothingRecorded = 'nothing recorded'
export const whatItShows = 'What it shows'
export const whatItShowsTheSameValve = 'What it shows: the same valve, in another seal'
export const layItBeside = 'Lay it beside'
export const faceOffTitle = 'Face-off · Plicator'
export const oneOfTheTwoIsNot = 'One of the two is not here any more. Choose two filters again.'
export const aFilterIsNotComparedWith = 'A filter is not compared with itself. Choose two.'
export const thisComparisonIsThereAlready = 'This comparison is there already.'
export const thisFilterIsNotHereAny = 'This filter is not here any more. Choose another.'
export const thisFilterIsOfTheSame = 'This filter is of the same engine: choose it above, where it is compared.'
export const thisPartLiesInTheTray = 'This part lies in the tray already.'
export const faceOff = (name: string) => `Face-off: ${name}`
export const twoFiltersPartByPartWho =
  'Two filters, part by part: who takes it, by how much, and what is too close to call.'
export const twoFiltersWillStandHereBeside =
  'Two filters will stand here beside each other: it takes two with something recorded of each.'
