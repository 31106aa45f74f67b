import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: review. */

export const thisKindOfBlockIsNot = 'This kind of block is not known. Load the page again.'
export const theHeading = 'The heading'
export const theWordsOfABlockAre = (longestProse: number) =>
  `The words of a block are too long: at most ${longestProse} letters.`
export const aReviewHas60BlocksAt = 'A review has 60 blocks at most.'
export const thisPageIsOutOfDate = 'This page is out of date. Load it again.'
export const theTitle = 'The title'
export const chooseWhatItIsAbout = 'Choose what it is about.'
export const chooseTwoThatAreNotThe = 'Choose two that are not the same.'
export const whatIsCorrected = 'What is corrected'
export const whyAllTheSame = 'Why all the same'
export const oilFiltersCutOpen = 'Oil filters, cut open'
export const theAddressIsTooLong = 'The address is too long.'
export const writeItAsHttpsExampleOrg = 'Write it as https://example.org/filters'
export const articleHtml = 'Article, HTML'
export const oneFileThatAsksForNothing = 'One file that asks for nothing from anywhere.'
export const articleMarkdown = 'Article, Markdown'
export const theSameWordsAndTables = 'The same words and tables.'
export const thisCard = 'This card'
export const thisSize = 'This size'
export const thisReview = 'This review'
export const drawingToScale = 'Drawing to scale'
export const thisFile = 'This file'
export const versionPublishedJudgedByMethodSha = (number: number, publishedAt: string, method: number, hash: string) =>
  `Version ${number}, published ${publishedAt}, judged by method ${method}. SHA-256 ${hash}`
export const theSiteWasStoppedWhileIt = 'The site was stopped while it was built. Take it away again.'
export const thisPageOfTheSite = 'This page of the site'
export const altLoadingLazy = (escapeMarkup: string) => `alt="${escapeMarkup}" loading="lazy">`
export const article = 'Article'
export const correction = 'Correction,'
export const andLinesMore = (value: number) => `and ${formatCount(value, 'line')} more`
export const theBlock = (value: string) => `The block ${value}`
export const itIsDrawnFromWhatIs = (description: string) =>
  `${description} It is drawn from what is known; what you write stands before it.`
export const theDataHaveMovedSinceYou = 'The data have moved since you looked this through.'
export const iHaveLookedItThrough = 'I have looked it through'
export const heading = 'Heading'
export const followedIs = 'Followed is'
export const whoIsFirst = 'who is first'
export const yourWords = 'Your words'
export const markdownAFigureByItsName = 'Markdown. A figure by its name: {wall of N-40}, {price of N-40}'
export const nothingIsCalledSo = 'nothing is called so'
export const was = (was: string) => `, was ${was}`
export const fromThenOnYouAreTold = 'From then on you are told when its data move.'
export const against = 'against'
export const whoIsNext = 'who is next'
export const canWall = 'can wall'
export const ofLabel = (what: string, name: string) => `${what} of ${name}`
export const putIn = (valueByName: string) => `Put in ${valueByName}`
export const blocksOfTheReview = 'Blocks of the review'
export const move = (name: string) => `Move ${name}`
export const moved = 'moved'
export const takeOut = (name: string) => `Take out ${name}`
export const addABlock = 'Add a block'
export const kindsOfBlocks = 'Kinds of blocks'
export const card = 'Card'
export const size = 'Size'
export const png = 'PNG'
export const svg = 'SVG'
export const theCard = (label: string) => `The card ${label}`
export const itsTextsAreOutlinesItNeeds =
  'Its texts are outlines: it needs no type. What it says is told beside it for those who cannot see it.'
export const nothingSpeaksAgainstPublishingIt = 'Nothing speaks against publishing it.'
export const openTheBlock = 'Open the block'
export const moveItUp = 'Move it up'
export const add = (blockLabel: string) => `Add ${blockLabel}`
export const readings = 'Readings'
export const claims = 'Claims'
export const lineUp = 'Line-up'
export const sayIt = 'Say it'
export const beforeItIsPublished = 'Before it is published'
export const copied = 'Copied.'
export const thisBrowserDoesNotLetIt = 'This browser does not let it be copied: take it from the field.'
export const copyOfLabel = (label: string) => `Copy: ${label}`
export const copy = 'Copy'
export const saveOfLabel = (label: string) => `Save: ${label}`
export const save = 'Save'
export const opening = 'Opening'
export const theFilm = 'The film'
export const noneOfTheseWasFilmedOn =
  'None of these was filmed: on the log of a specimen, say when the camera began to run.'
export const firstTimecodeOf = (name: string) => `First timecode of ${name}`
export const framesASecond = 'Frames a second'
export const editListCmx3600 = 'Edit list, CMX 3600'
export const pasteItHereOnceTheFilm =
  'Paste it here once the film is cut; without one the takes run one after the other.'
export const description = 'Description'
export const ideasForATitle = (titleIdeas: string) => `Ideas for a title: ${titleIdeas}`
export const lettersAtMost = 'Letters at most'
export const writeAWholeNumberOfLetters = 'Write a whole number of letters.'
export const noRoomFor = (dropped: string) => `No room for: ${dropped}.`
export const chaptersAndCaptions = 'Chapters and captions'
export const chapters = 'Chapters'
export const chaptersWebvtt = 'Chapters, WebVTT'
export const captionsWebvtt = 'Captions, WebVTT'
export const captionsSubrip = 'Captions, SubRip'
export const itWasWrittenMeanwhileInAnother =
  'It was written meanwhile in another tab or by somebody else. Nothing is lost yet.'
export const keepMineOverIt = 'Keep mine over it'
export const takeTheOther = 'Take the other'
export const kept = 'Kept.'
export const keeping = 'Keeping…'
export const moveTheBlockUp = 'Move the block up'
export const moveTheBlockDown = 'Move the block down'
export const oilFiltersForThe = (engine: string) => `Oil filters for the ${engine}`
export const or = (name: string, name2: string) => `${name} or ${name2}`
export const beginAReview = 'Begin a review'
export const about = 'About'
export const title = 'Title'
export const begin = 'Begin'
export const ofOtherEngines = 'Of other engines'
export const review = 'Review'
export const engine = 'Engine'
export const written = 'Written'
export const published = 'Published'
export const changedSince = 'Changed since'
export const never = 'never'
export const version = ', version'
export const looking = 'looking…'
export const nothing = 'nothing'
export const theData = 'The data'
export const engineProductsSpecimensReadings =
  'Engine, products, specimens, readings, figures with their uncertainty, claims, prices, published verdicts and the method, as tables with their units and what they mean (Data Package). It comes back by Library, Import. Notes, struck readings, photos, and shops that you keep to yourself stay here.'
export const othersMayUseItBy = 'Others may use it by'
export const takeTheDataAway = 'Take the data away'
export const itStandsOnTopWithIts = 'It stands on top, with its day. What was published before stays as it was.'
export const whyItIsPublishedAllThe = 'Why it is published all the same'
export const checksSpeakAgainstItThatYou = (open: number) =>
  `${formatCount(open, 'check speaks', 'checks speak')} against it; that you went on is kept with it.`
export const publishVersion = (number: number) => `Publish version ${number}`
export const publishAsItIs = 'Publish as it is'
export const published2 = 'Published.'
export const itWasNeverPublished = 'It was never published.'
export const versions = 'Versions'
export const versionOfNumber = (number: number) => `Version ${number},`
export const method = (method: number, hash: string, value: string) => `method ${method} · ${hash}${value}`
export const cannotBeBroughtBack = (title: string) => `“${title}” cannot be brought back.`
export const removeItForGood = 'Remove it for good'
export const leaveIt = 'Leave it'
export const removeThisReview = 'Remove this review'
export const writtenInLine = 'written'
export const aDraftItWasNeverPublished = 'A draft: it was never published.'
export const lookingWhatHasChangedSince = ' · looking what has changed since…'
export const nothingHasChangedSince = ' · nothing has changed since.'
export const sinceThenSectionsHaveChanged = (changesCount: number, map: string) =>
  `Since then ${formatCount(changesCount, 'section has changed', 'sections have changed')}: ${map}.`
export const whatItSaysNow = 'What it says now'
export const theSite = 'The site'
export const everyReviewThatWasPublishedOf =
  'Every review that was published, of all engines: an index by engine and product, an article each, feeds. It asks nothing of anybody and runs on any web server. What did not change is not written again.'
export const titleOfTheSite = 'Title of the site'
export const whereItWillBe = 'Where it will be'
export const httpsExampleOrgFilters = 'https://example.org/filters'
export const buildIt = 'Build it'
export const takeItAway = 'Take it away'
export const ofReviews = (done: number, total: number) => `${done} of ${formatCount(total, 'review')}`
export const stop = 'Stop'
export const stoppedAfterOfReviewsWrittenAnew = (done: number, total: number, written: number) =>
  `Stopped after ${done} of ${formatCount(total, 'review')}, ${written} written anew. Built again, it goes on from there.`
export const itCouldNotBeBuiltThe = 'It could not be built. The log of the server says more.'
export const reviewsWrittenAnew = (total: number, written: number) =>
  `${formatCount(total, 'review')}, ${written} written anew.`
export const lookAtIt = 'Look at it'
export const whatLeaves = 'What leaves'
export const theTitleAndTheBlocksAs =
  'The title and the blocks as they are published; before that, as they are written now.'
export const namesOfFiltersWhatWasMeasured =
  'Names of filters, what was measured and seen, and how it is known; claims of the boxes word for word.'
export const pricesWithTheirDaysAndShops =
  'Prices with their days and shops, but for those that you keep to yourself; who gave samples, and what the reviewer may gain.'
export const drawingsToScaleTheScoresAnd =
  'Drawings to scale, the scores and how sure they are, the version of the method.'
export const whatStays = 'What stays'
export const notesOfTheBenchStruckReadings =
  'Notes of the bench, struck readings, photos and where they were taken, names and paths of files.'
export const driversInstrumentsPredictionsWhat =
  'Drivers, instruments, predictions, what is owed and not shown by a block, and reviews that were not published.'
export const nothingWasOpenedYet = 'Nothing was opened yet.'
export const nothingOfItIsWorthSaying = 'Nothing of it is worth saying yet.'
export const whyOfText = (text: string) => `Why: ${text}`
export const why = 'Why'
export const titleOfTitle = (title: string) => `${title} · Plicator`
export const thisVersion = 'This version'
export const versionPublished = (number: number) => `Version ${number}, published`
export const methodSha256 = (method: number, hash: string) => `, method ${method} · SHA-256 ${hash}`
export const writeOn = 'Write on'
export const whatIsKeptOfItIs = 'What is kept of it is not what was published: its hash differs.'
export const aNewerVersionHasBeenPublished = 'A newer version has been published:'
export const versionOfNumber2 = (number: number) => `version ${number}`
export const publishedAllTheSame = (reason: string) => `Published all the same: ${reason}`
export const versionOfNumber3 = (number: number) => `Version ${number}`
export const itWasChangedMeanwhileInAnother =
  'It was changed meanwhile, in another tab or by somebody else. Load the page and look again.'
export const itWasPublishedOthersMayHave = 'It was published: others may have read it, so it stays.'
export const undo = 'Undo'
export const redo = 'Redo'
export const titleOfTheReview = 'Title of the review'
export const thereIsNoBlockAddThe = 'There is no block. Add the first.'
export const wasTakenOut = (removed: string) => `“${removed}” was taken out.`
export const whatItBecomes = 'What it becomes'
export const talkingPoints = 'Talking points'
export const checks = 'Checks'
export const checksOfChecksCount = (checksCount: number) => `Checks, ${checksCount}`
export const publish = 'Publish'
export const film = 'Film'
export const cards = 'Cards'
export const takeAway = 'Take away'
export const theReviewerTitle = 'The reviewer · Plicator'
export const theReviewer = 'The reviewer'
export const whoJudgesAndWhatMayBe =
  'Who judges, and what may be gained by it: it is said with every verdict and every word published.'
export const interest = 'Interest'
export const notSaid = 'Not said'
export const samplesGivenOrLentAreDisclosed = 'Samples given or lent are disclosed by themselves, product by product.'
export const withWhom = 'With whom'
export const thePartsCounterAtTheQuay = 'the parts counter at the quay'
export const whichEndDoYouCallThe = 'Which end do you call the top?'
export const theThreadEnd = 'The thread end'
export const theDomeEnd = 'The dome end'
export const twoPeopleMeanOppositeEndsBy =
  'Two people mean opposite ends by it. “Top” and “bottom” are read by your answer when you type them.'
export const saved = 'Saved.'
export const reviewTitle = 'Review · Plicator'
export const thisLineUp = 'This line-up'
export const thisWasBegunAlreadyOpenIt = 'This was begun already. Open it below.'
export const reviewOfName = (name: string) => `Review: ${name}`
export const whatTheViewerGetsComposedOf =
  'What the viewer gets: composed of what is known, and frozen when it is published.'
export const onAir = 'On air'
export const nothingIsWrittenAboutThisEngine = 'Nothing is written about this engine yet.'
export const theBoxSaysOfOpenedKept = (name: string, words: string, lookedAt: number, kept: number) =>
  `${name}: the box says “${words}”; of ${lookedAt} opened, ${kept} kept it.`
export const itHoldsUnderThis = (conditions: string) => `It holds under this: ${conditions}`
export const aDraftOfJudgedByMethod = (today: string, method: number) =>
  `A draft of ${today}, judged by method ${method}.`
export const versionPublishedJudgedByMethodShaOfNumber = (
  number: number,
  publishedAt: string,
  method: number,
  hash: string,
) => `Version ${number}, published ${publishedAt}, judged by method ${method}. SHA-256 ${hash}`
