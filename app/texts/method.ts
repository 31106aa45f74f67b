import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: method. */

export const chancesOfBeingFirstAsThey =
  'Chances of being first as they were said, against how often they came true; the table has the same figures'
export const chanceOfBeingFirstAsSaid = 'chance of being first, as said'
export const howOftenItWas = 'how often it was'
export const doesItKeepItsWord = 'Does it keep its word?'
export const marketsAreMadeUpInWhich =
  'Markets are made up in which it is known who is best. Made-up reviewers read them with instruments that are off, mistake answers and leave things out; then the verdict is asked. A chance of 70 % should come true 70 times of 100: then its point lies on the broken line. The upright strokes say how well so many cases can tell.'
export const chancesSaidAndComeTrue = 'Chances said and come true'
export const said = 'Said'
export const cameTrue = 'Came true'
export const ofSoMany = 'Of so many'
export const allThatWasTried = 'All that was tried'
export const whatTheSimulationFound = 'What the simulation found'
export const what = 'What'
export const found = 'Found'
export const mustBe = 'Must be'
export const holds = 'Holds'
export const yes = 'yes'
export const no = 'no'
export const anybodyCanRunItAgainNpm = (seed: number) =>
  `Anybody can run it again: npm run simulate, seed ${seed}. Two standard errors of the sample are granted, three to the worst of ten tenths.`
export const whatIsRecorded = 'What is recorded'
export const typicalTo = (valueNumber: string, valueNumber2: string) => `Typical: ${valueNumber} to ${valueNumber2}`
export const lostAfter = (label: string) => `lost after ${label}`
export const score = 'Score'
export const schools = 'Schools'
export const changeTheMethod = 'Change the method'
export const theseWeightsAreThoseOfThe =
  'These weights are those of the construction score, the school "Build first"; a criterion with weight 0 is counted by some schools only. Inferred evidence bears half its weight, the other half stays open. What an engine cannot take is excluded. Ranks are drawn by stochastic acceptability analysis (SMAA-2, Lahdelma and Salminen 2001).'
export const eachCriterionGives0To10 = (fatalFaultCap: number, flatMap: string) =>
  `Each criterion gives 0 to 10 points; the score is their mean weighted as below, times ten. What is missing widens the score and never counts as zero. What a filter cannot have is left out. A fault that ends the discussion caps the score at ${fatalFaultCap}: ${flatMap}.`
export const criterion = 'Criterion'
export const weight = 'Weight'
export const points = 'Points'
export const because = 'Because'
export const wherePractitionersDisagree = 'Where practitioners disagree'
export const neutralTakesNoSideWhatA =
  'Neutral takes no side: what a question is about does not count there. Breakpoints that hold for all schools stand under'
export const method = 'Method'
export const figures = 'Figures'
export const figure = 'Figure'
export const formula = 'Formula'
export const why = 'Why'
export const source = 'Source'
export const uncertaintyRepeatsByTheirSpread =
  "Uncertainty: repeats by their spread (type A, widened by Student's t), instruments by resolution and accuracy, soft and uneven parts by what they give in the hand (type B, rectangular), carried through every formula to first order, stated for 95 % by Student’s t. Source: JCGM 100:2008. Best and worst in a line-up are marked only beyond it."
export const kin = 'Kin'
export const whatSpeaksOfEachPart = 'What speaks of each part'
export const part = 'Part'
export const whatSpeaksOfItWhatGoes = 'What speaks of it; what goes together stands with a plus'
export const constructionScore = 'Construction score'
export const sizeClasses = 'Size classes'
export const readingsAsPeopleSayThem = 'Readings as people say them'
export const contents = 'Contents'
export const findInTheMethod = 'Find in the method'
export const nothingIsCalledOrSaidSo = 'Nothing is called or said so.'
export const foundOfFoundCount = (foundCount: number) => `${foundCount} found`
export const whatItWouldDo = 'What it would do'
export const nothingIsChangedYet = 'Nothing is changed yet.'
export const criteriaChanged = (count: number) => `${formatCount(count, 'criterion', 'criteria')} changed.`
export const whatWasChangedAndWhy = 'What was changed, and why'
export const saveAsVersion = (value: number) => `Save as version ${value}`
export const notEveryReadingIsReadOff =
  'Not every reading is read off a display. What is said roughly is taken with the width that its words have, and is said back before it is taken; it counts for as long as nothing was read sharply.'
export const atTheBenchASemicolonOpens =
  'At the bench a semicolon opens a line for several readings: wall .49 .50 .49 · turns 4.5 · holes 8x5.8 · thread end bypass · about 300 g. Pieces are parted by dots, semicolons, bars or line ends; each has the name of what it is of before or behind its value, or is an answer or an amount that says so by itself. What each became is shown before it is taken; what may be of several things is asked.'
export const oneFilterBesideAnother = 'One filter beside another'
export const theFaceOffTakesWhatWas =
  'The face-off takes what was compared without a number for each. It fills what is missing beside what is known; an order binds the draws of both, in proportion to the chance that two units would be as was said.'
export const commonPracticeNoPublishedSource = 'Common practice, no published source.'
export const words = 'Words'
export const allow = 'Allow'
export const forInstance = 'For instance'
export const name = 'Name'
export const whatItHoldsInTwoSentences = 'What it holds, in two sentences with the reason'
export const saveTheSchool = 'Save the school'
export const back = 'Back'
export const removeIt = 'Remove it'
export const yourOwn = 'your own'
export const copyOfName = (name: string) => `Copy ${name}`
export const copy = 'Copy'
export const changeOfName = (name: string) => `Change ${name}`
export const change = 'Change'
export const couldNotBeJudgedOnThis = 'Could not be judged on this browser.'
export const judging = 'Judging …'
export const nobodyIsJudgedYet = 'Nobody is judged yet.'
export const whomTheyName = 'Whom they name'
export const weightByPart = 'Weight by part'
export const whereTheyPart = 'Where they part'
export const showTheTenFurthestApart = 'Show the ten furthest apart'
export const showAll = (criteriaCount: number) => `Show all ${criteriaCount}`
export const filtersAreComparedAndJudgedInside =
  'Filters are compared and judged inside a size class: the one chosen for their engine, else what their first sizes say. The breakpoints of the score are written for cars; for another class they are moved and stretched as its range is to theirs. What is not of cars is an estimate, but for a large diesel’s wall, strip and disc, which are common practice.'
export const mostLieWithin = 'Most lie within'
export const whichPartWouldYouBringTo = 'Which part would you bring to its best next?'
export const whichPartWouldYouBringToItsBest = 'Which part would you bring to its best first?'
export const thinkOfAFilterThatIs =
  'Think of a filter that is at its worst in every part. You may bring one part to its best, and leave all others as they are.'
export const parts = 'Parts'
export const theRestDoesNotMatterTo = 'The rest does not matter to me'
export const andMore = (others: number) => `; and ${others} more`
export const aNumberFrom0To100 = (best: string) => `A number from 0 to 100: 100 is as much as ${best}, 0 is nothing.`
export const ifFromWorstToBestIs = (best: string, name: string) =>
  `If ${best} from worst to best is worth 100, what is ${name} from worst to best worth?`
export const takeIt = 'Take it'
export const yourAnswers = 'Your answers'
export const worth = 'Worth'
export const shareOfTheWeight = 'Share of the weight'
export const askAgainAbout = (label: string) => `Ask again about ${label}`
export const askAgain = 'Ask again'
export const doYourAnswersAgree = 'Do your answers agree?'
export const askedOnceMoreTheOtherWay = 'Asked once more, the other way round. More than 100 is allowed.'
export const ifFromWorstToBestIsWorth100 = (against: string, name: string) =>
  `If ${against} from worst to best is worth 100, what is ${name} worth?`
export const aNumberAbove0UpTo = 'A number above 0, up to 1000.'
export const yourAnswersAgreeTheyPartBy = (number: string, number2: string) =>
  `Your answers agree: they part by a factor of ${number} in the middle, and up to ${number2} is usual when people are asked twice.`
export const yourAnswersPartByAFactor = (
  number: string,
  number2: string,
  name: string,
  against: string,
  number3: string,
  number4: string,
) =>
  `Your answers part by a factor of ${number} in the middle; up to ${number2} is usual when people are asked twice. Furthest apart: ${name} beside ${against}, where you now say ${number3} and your first answers come to ${number4}. Ask about one of them again, or keep it: the weights follow your first answers.`
export const changeTheMethodTitle = 'Change the method · Plicator'
export const thisVersionIsThereAlready = 'This version is there already.'
export const versionIsInForceSavingMakes = (version: number, value: number) =>
  `Version ${version} is in force. Saving makes version ${value}; earlier ones are kept, and a published verdict names its own.`
export const versions = 'Versions'
export const methodTitle = 'Method · Plicator'
export const whatIsMeasuredAndHowWhat =
  'What is measured and how, what is worked out from it, and how it is judged. Where no source is named it is common practice of the trade, with no published source.'
export const version = (version: number, note: string) => `Version ${version}: ${note}.`
export const theScoreJudgesConstructionAndValue =
  "The score judges construction and value. It is no filtration test; efficiency, capacity and burst figures are the makers' claims or estimates."
