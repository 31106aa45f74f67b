import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: how-sure. */

export const howSureIsThat = 'How sure is that?'
export const theCheapestCompleteReview = 'The cheapest complete review'
export const benchCardToPrint = 'Bench card to print'
export const itTakesTwoFiltersWithA = 'It takes two filters with a specimen each.'
export const lookingForTheFewestMinutesThat = 'Looking for the fewest minutes that would do …'
export const filter = 'Filter'
export const minutes = 'Minutes'
export const toFindOutTheMostWorth = 'To find out, the most worth first'
export const greedyByWorthForAMinute =
  'Greedy by worth for a minute, by the school in force; minutes are those of a practised hand. What is read may come out either way: this is how often it would be enough.'
export const ofWhatMayBeLeadsFrom = (chance: string, chance2: string, chance3: string) =>
  `${chance} of what may be; leads from ${chance2}, wins from ${chance3}`
export const whatToMeasureNext = 'What to measure next'
export const itTakesTwoThatAreJudged = 'It takes two that are judged.'
export const weighingWhatIsOpen = 'Weighing what is open …'
export const noSingleReadingThatIsOpen =
  'No single reading that is open would make another the likelier one; below is what narrows each score most.'
export const whatEachIsJudgedOn = 'What each is judged on'
export const ofLabel = (label: string, name: string) => `${label} of ${name}`
export const aboutMinTheChanceOfNaming = (number: string, chance: string) =>
  `about ${number} min; the chance of naming the right one grows by ${chance}`
export const shareOfDrawsInWhichEach =
  'Share of draws in which each product is at each rank; the table below has the same figures'
export const rank = (value: number) => `rank ${value}`
export const rankShares = 'Rank shares'
export const product = 'Product'
export const lower = 'lower'
export const winsWithMoreWeightOn = 'Wins with more weight on'
export const neverFirst = 'never first'
export const weightsAsTheSchoolHasThem = 'weights as the school has them'
export const eachWeightWithinOfTheSchools = (value: number) => `each weight within ${value} % of the school's`
export const anyWeightsAtAll = 'any weights at all'
export const itTakesTwoProductsThatAre = 'It takes two products that are judged.'
export const drawnWith = 'Drawn with'
export const drawing = 'Drawing …'
export const draws = (draws: string) => `${draws} draws`
export const stopped = 'Stopped.'
export const stop = 'Stop'
export const thisBrowserCouldNotRunThe = 'This browser could not run the analysis.'
export const smaa2LahdelmaAndSalminen2001 =
  'SMAA-2, Lahdelma and Salminen 2001. Measurements are drawn from their uncertainty, unit-to-unit spread included, answers with the chance that they are mistaken, and what is missing from what such filters have. Products that tie share the rank. Seeded: the same input gives the same picture.'
export const tryingAllWeights = 'Trying all weights …'
export const byWhatYouCareAbout = 'By what you care about'
export const byWhatYouCareAboutWhatever = 'By what you care about, whatever school that is:'
export const othersAreHardlyEverFirstWhatever = (others: number) =>
  `${formatCount(others, 'other is', 'others are')} hardly ever first, whatever is cared about. `
export const centralWeightsOfSmaa2The =
  'Central weights of SMAA-2: the mean of all weights by which a product is first, beside the mean of all weights.'
export const whatWouldChangeIt = 'What would change it'
export const tryingChangesOneByOne = 'Trying changes one by one …'
export const noSingleWeightReadingOrPrice = 'No single weight, reading or price within reason makes it another verdict.'
export const howManySpecimensUntilSure = 'How many specimens until sure'
export const weighingWhatMoreSpecimensWouldTell = 'Weighing what more specimens would tell …'
export const ifEachNewOneIsRecorded =
  'If each new one is recorded as those before, and units differ as they did so far. What was not looked at stays open.'
export const noChance = 'no chance'
export const soItIs = 'so it is'
export const chanceThatSomebodyLeadsAndWins =
  'Chance that somebody leads, and wins, by how many more specimens of each; the table below says the same'
export const chanceByHowManyMoreSpecimens = 'Chance by how many more specimens'
export const moreOfEach = 'More of each'
export const now = 'now'
export const somebodyLeadsOrWins = 'somebody leads or wins'
export const somebodyWins = 'somebody wins'
export const moreSpecimensOfEach = 'more specimens of each'
export const whatMakesItUnsure = 'What makes it unsure'
export const beingWorkedOut = 'Being worked out …'
export const nothingAllThatIsJudgedIs = 'Nothing: all that is judged is known exactly.'
export const byKind = 'By kind'
export const byCriterion = 'By criterion'
export const allOthers = 'all others'
export const sharesOfTheVarianceOfIts =
  'Shares of the variance of its score, by the school in force; together they are the whole of it.'
export const share = 'Share'
export const howSureTitle = 'How sure · Plicator'
export const itIsFirstInAtLeast = 'It is first in at least 95 of 100 draws. Say it on camera.'
export const itIsFirstInAtLeast80Of =
  'It is first in at least 80 of 100 draws. Say it, and say that it may yet be another.'
export const tooCloseToCall = 'too close to call'
export const noOneReaches80ThoseAre =
  'No one reaches 80: those are named that together do, the likeliest first, four at most.'
export const whoeverStandsBehindAllThatAre = 'Whoever stands behind all that are named.'
export const aCriterionThatNobodyHasLooked =
  'A criterion that nobody has looked at yet is drawn from what such filters have.'
export const siliconeTakenForNitrileAFault =
  'Silicone taken for nitrile, a fault that is none: each answer has a small stated chance.'
export const theNextOneFromTheShelf = 'The next one from the shelf is not the one that was cut open.'
export const resolutionAccuracyAndTheHandWhat =
  'Resolution, accuracy and the hand: what the instrument is off by is shared by all it measured.'
export const whatIsConcludedFromLooksIs =
  'What is concluded from looks is right about half of the time, and else like such filters.'
export const aClaimBoundsWhatIsSo = 'A claim bounds what is so, and a price is another one tomorrow.'
export const howSure = 'How sure'
export const aVerdictIsNoBetterThan =
  'A verdict is no better than what it rests on. So Plicator does not ask which filter has the highest score; it asks how often each would have it, if all that is not known for sure were drawn again and again. That share is the percentage beside each name.'
export const theWords = 'The words'
export const theSameRuleDecidesOnEvery =
  'The same rule decides on every page, in every file that is saved, and in every published verdict.'
export const whatIsDrawn = 'What is drawn'
export const openAScoreOnTheVerdict =
  'Open a score on the verdict to see which of these makes it unsure, and by how much. The rules with their sources stand under'
export const method = 'Method'
export const sureOfConstructionAndValueBy =
  "Sure of construction and value, by the weights of a school; it is no filtration test, and no number of draws makes it one. The engine maker's manual comes first."
