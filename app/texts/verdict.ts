import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: verdict. */

export const thisPageIsOutOfDate = 'This page is out of date. Load it again.'
export const theWordsAreTooLongAt = 'The words are too long: at most 4000 characters.'
export const theConditionsAreTooLongAt = 'The conditions are too long: at most 600 characters.'
export const theReasonIsTooLongAt = 'The reason is too long: at most 600 characters.'
export const sayWhyYouOverruleItIs = 'Say why you overrule: it is shown with the verdict.'
export const whoIsFirst = 'Who is first'
export const forLabel = (name: string) => `, for ${name}`
export const noneIsJudged = 'none is judged.'
export const ofThoseThatCanBeHad = (detail: string) => `Of those that can be had: ${detail}`
export const notToBeHadAndBefore = (list: string) => `Not to be had, and before it: ${list}.`
export const doubtsAndDisclosures = 'Doubts and disclosures'
export const change = 'Change'
export const aSampleWasGivenBy = (name: string, given: string) => `${name}: a sample was given by ${given}.`
export const aJudgementOfConstructionAndValue = (summary: string) =>
  `A judgement of construction and value, no filtration test. Efficiency, capacity and burst figures are the makers' or estimates. The engine maker's manual and a qualified mechanic come first. ${summary}`
export const specimensWereOpened = (specimens: number) =>
  `${formatCount(specimens, 'specimen was', 'specimens were')} opened`
export const ofTheWeightIsOpenOr = (value: number) => `${value} % of the weight is open or inferred`
export const contradictionsInItsReadings = (findings: number) =>
  `${formatCount(findings, 'contradiction')} in its readings`
export const onCommonGroundOfCriteria = (keptCount: number, ofText: number) =>
  `On common ground (${keptCount} of ${ofText} criteria): `
export const overallLead = 'Overall: '
export const theTwoDisagreeWhatIsNot = 'The two disagree: what is not known of all counts overall only.'
export const isNotItsNewestRevision = (name: string) => `${name} is not its newest revision:`
export const isRankedOf = (place: number, rankedCount: number) => `is ranked ${place} of ${rankedCount}.`
export const hasBeenSeenAndIsNot = 'has been seen, and is not judged.'
export const beforeBy = (name: string) => `Before ${name} by`
export const behindItBy = 'Behind it by'
export const pointsOfAHundred = (abs: string) => `${abs} points of a hundred`
export const byTheLookOfIt = 'by the look of it'
export const nothingThatIsKnownOfBoth = 'nothing that is known of both'
export const whatEachIsJudgedOn = 'What each is judged on'
export const product = 'Product'
export const judgedOn = 'Judged on'
export const worthMostNext = 'Worth most next'
export const nothingIsOpenThatCanStill = 'nothing is open that can still be taken'
export const min = (number: string) => `${number} min`
export const itTakesTwoThatAreJudged = 'It takes two that are judged.'
export const weighingWhatIsOpen = 'Weighing what is open …'
export const ofLabel = (label: string, name: string) => `${label} of ${name}`
export const aboutMin = (chance: string, number: string) => `+ ${chance} · about ${number} min`
export const narrowsItsScoreAboutMin = (number: string) => `narrows its score · about ${number} min`
export const noSingleReadingWouldMakeAnother = 'No single reading would make another the likelier one. '
export const noReadingThatIsOpenWould = 'No reading that is open would make it surer. '
export const ownWord = '(own word)'
export const andMore = (value: number) => ` and ${value} more`
export const theEngineItAsksFor = (label: string, asks: string, name: string, say: string) =>
  `The engine ${label}: it asks for ${asks}. ${name} ${say}.`
export const whichAnswerIt = 'Which answer it'
export const answersIt = 'answers it'
export const doesNotAnswerIt = 'does not answer it'
export const wasNotLookedAtForIt = 'was not looked at for it'
export const verdict = (name: string) => `Verdict: ${name}`
export const publish = 'Publish …'
export const print = 'Print'
export const whatWouldSettleIt = 'What would settle it'
export const saidOfEach = 'Said of each'
export const nobodyIsJudgedYetOneReading =
  'Nobody is judged yet: one reading of a product that fits is enough to begin with.'
export const headline = 'Headline'
export const putFirstByTheReviewer = 'Put first by the reviewer'
export const tooCloseToCall = 'Too close to call'
export const overruled = 'Overruled:'
export const othersAreBehind = (behindCount: number) => `${formatCount(behindCount, 'other is', 'others are')} behind.`
export const specimensOfOpened = (specimens: number, name: string) =>
  `${formatCount(specimens, 'specimen')} of ${name} ${specimens === 1 ? 'was' : 'were'} opened.`
export const eachMayBeTheBestOne =
  'Each may be the best one: the percentage is how often, when all that is not known for sure is drawn again and again.'
export const whenAllThatIsNotKnown = (chance: string) =>
  `When all that is not known for sure is drawn again and again, it comes out best ${chance} of the time.`
export const takesMostOfTheRest = (chance: string) => `takes most of the rest (${chance}).`
export const excluded = (misfits: string) => `excluded, ${misfits}.`
export const unfit = (unfit: string) => `unfit, ${unfit}.`
export const cappedAtWhateverElseIsGood = (faults: string, fatalFaultCap: number, patternText: string) =>
  `${faults}; capped at ${fatalFaultCap} whatever else is good. ${patternText}`
export const openASecondSpecimenBeforeIt = 'Open a second specimen before it is published as a pattern.'
export const opened = (specimens: number) => `, ${specimens} opened`
export const foundInOfTheLookedAt = (found: number, lookedAt: number, opened: string, anyFound: boolean) =>
  `Found in ${found} of the ${lookedAt} looked at${opened}${anyFound ? ': worse than one alone' : ''}.`
export const overall = 'Overall'
export const allThatIsKnownOfAnybody = 'all that is known of anybody, what is open drawn from what such filters have'
export const commonGround = 'Common ground'
export const onlyWhatIsKnownOfAll = 'only what is known of all'
export const whatIsJudgedOn = 'What is judged on'
export const lookingAtTheOtherGround = 'Looking at the other ground …'
export const thereIsNoCommonGroundYet = 'There is no common ground yet: no criterion is known of all.'
export const onCommonGroundOfCriteriaAre = (keptCount: number, value: number) =>
  `On common ground (${keptCount} of ${value} criteria are known of all): `
export const nobodyIsJudged = 'nobody is judged.'
export const theTwoDisagreeWhatIsNotKnownOf =
  'The two disagree: what is not known of all counts overall, and not on common ground.'
export const criteriaAreNotKnownOfAll = (leftOutCount: number) =>
  `${formatCount(leftOutCount, 'criterion is', 'criteria are')} not known of all`
export const bestBuild = 'Best build'
export const bestValueByThrift = 'Best value, by thrift'
export const bestForLongIntervals = 'Best for long intervals'
export const avoid = 'Avoid'
export const nobody = 'nobody'
export const explodedDrawingToScale = (name: string) => `${name}, exploded drawing to scale`
export const constructionScores = 'Construction scores'
export const constructionScoreAndHowWideIt = 'Construction score, and how wide it still is'
export const firstBySchool = 'First by school'
export const chanceOfBeingFirstSchoolBy = 'Chance of being first, school by school'
export const whatYouPublishWillStandHere =
  'What you publish will stand here as it was that day, with what has changed since.'
export const publishedOfDay = (day: string) => `Published ${day}`
export const byTheReviewer = (name: string) => `${name}, by the reviewer`
export const nobodyWasJudged = 'nobody was judged'
export const anybody = 'anybody'
export const forMethod = (value: string) => `, for ${value}, method`
export const judgedAs = (sizeClass: string) => `, judged as ${sizeClass}`
export const overruledOfOverruleReason = (overruleReason: string) => `Overruled: ${overruleReason}`
export const itHoldsUnder = (conditions: string) => `It holds under: ${conditions}`
export const seenAndPublishedAllTheSame = 'Seen and published all the same:'
export const whatEachWasJudgedOn = 'What each was judged on'
export const notLookedAt = (notLookedAt: string) => ` Not looked at: ${notLookedAt}.`
export const sinceThen = (changes: string) => `Since then: ${changes}`
export const nothingHasChangedItSince = 'Nothing has changed it since.'
export const withdrawTheVerdictOf = (day: string) => `Withdraw the verdict of ${day}`
export const withdraw = 'Withdraw'
export const andMoreOfSaid = (said: string, value: number) => `${said} and ${value} more`
export const ranking = 'Ranking'
export const rank = 'Rank'
export const firstIn = 'First in'
export const score = 'Score'
export const n95Of100Times = '95 of 100 times'
export const known = 'Known'
export const disclosure = 'Disclosure'
export const to = (low: number, high: number) => `${low} to ${high}`
export const sampleGivenBy = (given: string) => `sample given by ${given}`
export const isNotJudged = (name: string, reasonNotJudged: string) => `${name} is not judged: ${reasonNotJudged}.`
export const nothingIsKnownOfIt = 'nothing is known of it'
export const theEngine = (label: string) => `The engine: ${label}`
export const itAsksForThisComesBefore = (asks: string) => `It asks for ${asks}. This comes before any score.`
export const whatEachWasLookedAtFor = 'What each was looked at for'
export const verdictTitle = 'Verdict · Plicator'
export const thisLineUp = 'This line-up'
export const whoIsFirstHowSureThat = 'Who is first, how sure that is, and why.'
export const whoIsFirstHowSureThatIsAnd =
  'Who is first, how sure that is and what would settle it will stand here from the first reading of one filter on.'
export const moreOfTheVerdict = 'More of the verdict'
export const whatWouldChangeIt = 'What would change it'
export const howSure = 'How sure'
export const schools = 'Schools'
export const eachInAWord = 'Each in a word'
export const knownTrouble = 'Known trouble'
export const doubts = 'Doubts'
export const theReviewer = 'The reviewer'
export const published = 'Published'
export const contradictionsAmongItsReadingsOpen = (columnName: string, findings: number) =>
  `${columnName}: ${formatCount(findings, 'contradiction')} among its readings ${findings === 1 ? 'is' : 'are'} open.`
export const claimsTwoThings = (columnName: string, dispute: string) => `${columnName} claims two things: ${dispute}`
export const specimens = (specimens: number) => formatCount(specimens, 'specimen')
export const aSampleGivenBy = (opened: string, given: string) => `${opened}, a sample given by ${given}`
export const itsEngineIsNotHereAny = 'Its engine is not here any more.'
export const itWasPublishedMeanwhileInAnother =
  'It was published meanwhile, in another tab or by somebody else. Load the page again.'
export const sayWhatIsCorrectedItStands =
  'Say what is corrected: it stands on top, with its day. Nothing is changed in silence.'
export const mendWhatTheChecksSayOr = 'Mend what the checks say, or write why it is published all the same.'
export const thatSchoolIsNotThereAny = 'That school is not there any more. Choose another.'
export const theProductThatWasPutFirst = 'The product that was put first is not in the line-up any more.'
export const sayThatYouHaveSeenIt = (contradictions: string) =>
  `${contradictions} Say that you have seen it, or mend it first.`
export const thisDraftWasPublishedAlreadyLoad = 'This draft was published already. Load the page again.'
