/* Words of the interface: absolute-words. */

export const theIntervalIsTooLong = 'The interval is too long.'
export const thisPageIsOutOfDate = 'This page is out of date. Load it again.'
export const chooseAWord = 'Choose a word.'
export const theOil = 'The oil'
export const theDuty = 'The duty'
export const howItSits = 'How it sits'
export const theReason = 'The reason'
export const eachInAWord = 'Each in a word'
export const whatEachFilterIsWorthWith =
  'What each filter is worth with nothing beside it. The rules propose, the reviewer decides; both are kept.'
export const product = 'Product'
export const byTheRules = 'By the rules'
export const toldBy = 'Told by'
export const byTheReviewer = 'By the reviewer'
export const nothingKnown = 'nothing known'
export const howIsToldAtTheCounter = (name: string) => `How ${name} is told at the counter`
export const counter = 'counter'
export const notSaidYet = 'not said yet'
export const notPublished = 'not published'
export const nothingIsKnownOfItYet = 'Nothing is known of it yet: one reading is enough to begin with.'
export const holds = (condition: string) => `Holds ${condition}.`
export const whatYouPublishWillStandHere =
  'What you publish will stand here as it was that day. A word can be published alone: it needs no ranking.'
export const publishedOfDay = (day: string) => `Published ${day}`
export const nothingWasKnown = 'nothing was known'
export const byTheRulesOfValue = (value: string) => `By the rules: ${value}.`
export const anybody = 'anybody'
export const forMethod = (value: string) => `, for ${value}, method`
export const judgedOn = '. Judged on'
export const withdrawTheWordOf = (day: string) => `Withdraw the word of ${day}`
export const withdraw = 'Withdraw'
export const yourWord = 'Your word'
export const theWord = 'The word'
export const changedEvery = 'Changed every'
export const n8000KmOr12Months = '8000 km or 12 months'
export const withTheOil = 'With the oil'
export const fullSynthetic = 'full synthetic'
export const duty = 'Duty'
export const notForTowing = 'not for towing'
export const uprightOnly = 'upright only'
export const why = 'Why'
export const keep = 'Keep'
export const publishThisWord = 'Publish this word'
export const kept = 'Kept.'
export const inAWordTitle = 'In a word · Plicator'
export const thisLineUp = 'This line-up'
export const notHere = 'Not here'
export const thisProductHasNoSpecimenIn = 'This product has no specimen in the line-up any more.'
export const back = 'Back'
export const verdict = (name: string) => `Verdict: ${name}`
export const inAWord = (columnName: string) => `${columnName}, in a word`
export const asTheRulesHaveIt = 'As the rules have it'
export const checkAtTheCounter = 'Check at the counter'
export const aJudgementOfConstructionAndValue = (disclosure: string) =>
  `${disclosure}. A judgement of construction and value, no filtration test.`
export const published = 'Published'
export const changedEveryOfInterval = (interval: string) => `changed every ${interval}`
export const withLabel = (oil: string) => `with ${oil}`
export const thisProductIsNotInThe = 'This product is not in the line-up any more. Go back and choose another.'
export const thisWordWasPublishedAlreadyLoad = 'This word was published already. Load the page again.'
export const thatSchoolIsNotThereAny = 'That school is not there any more. Choose another.'
