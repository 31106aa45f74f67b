import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: today. */

export const thisLineUp = 'This line-up'
export const faultOfName = (name: string) => `${name}: fault`
export const noneYet = 'none yet'
export const scores = (value: string) => `Scores: ${value}`
export const to = (words: string, low: number, high: number) => `${words}, ${low} to ${high}`
export const onTheBench = 'On the bench'
export const explodedDrawing = (name: string) => `${name}, exploded drawing`
export const onTheBenchOfEngine = (engine: string) => `On the bench · ${engine}`
export const recorded = (known: number) => `${known} % recorded`
export const next = 'Next:'
export const thenMoreBefore = (value: number, step: string) => `, then ${value} more before ${step}`
export const allThatIsAskedForIs = 'All that is asked for is recorded.'
export const goOnAtTheBench = 'Go on at the bench'
export const nameTheEngine = 'Name the engine'
export const threeFieldsWhatItIsCalled = 'Three fields: what it is called, spin-on or cartridge, the thread.'
export const listTheFilters = 'List the filters'
export const typeThemOneByOneOr = 'Type them one by one, or paste the table you have.'
export const cutOne = 'Cut one'
export const theBenchAsksInTheOrder = 'The bench asks in the order of the work, and warns before anything is lost.'
export const seeTheVerdict = 'See the verdict'
export const fromOneReadingOnWhoIs = 'From one reading on: who is first, how sure that is, what would settle it.'
export const publish = 'Publish'
export const itIsFrozenWithItsGrounds = 'It is frozen with its grounds; what moves later is said.'
export const theFirstHour = 'The first hour'
export const hereWillBeWhatLiesOn =
  'Here will be what lies on your bench, each engine with its filters on one axis, and what is to settle.'
export const recent = 'Recent'
export const fault = 'Fault'
export const contradiction = 'Contradiction'
export const finding = 'Finding'
export const verdict = 'Verdict'
export const prices = 'Prices'
export const toSettle = 'To settle'
export const nothingWaitsForYou = 'Nothing waits for you.'
export const oneMoment = 'One moment …'
export const showMore = (rest: number) => `Show ${rest} more`
export const todayTitle = 'Today · Plicator'
export const thereIsNothingOfThatKind = 'There is nothing of that kind to do here.'
export const renameYoursThenBringTheDemo = (message: string) => `${message} Rename yours, then bring the demo.`
export const today = 'Today'
export const newEngine = 'New engine'
export const inTheOneThatWasLooked = (name: string, fatalFault: string) =>
  `${name}: ${fatalFault}, in the one that was looked at.`
export const openASecondOne = 'Open a second one'
export const decide = 'Decide'
export const oneFinding = 'one finding'
export const findings = (findings: number) => `${findings} findings`
export const inItsReadings = (name: string, detail: string) => `${name}: ${detail} in its readings.`
export const lookAgain = 'Look again'
export const andMore = (othersCount: number) => ` And ${othersCount} more.`
export const theVerdictOfHasMoved = (publishedAt: string, change: string, more: string) =>
  `The verdict of ${publishedAt} has moved. ${change}${more}`
export const see = 'See'
export const thePriceOfOneProductIs = 'The price of one product is'
export const thePricesOfProductsAre = (old: number) => `The prices of ${old} products are`
export const olderThanDays = (those: string, staleAfter: number) => `${those} older than ${staleAfter} days.`
export const check = 'Check'
export const specimen = (brand: string, partNumber: string, label: string) =>
  `${brand} ${partNumber}, specimen ${label}`
export const addAProduct = 'Add a product'
export const twoEnginesWithTheirFiltersAll =
  'Two engines with their filters, all invented. It counts for nothing of yours: spreads, usual ranges and rates are kept apart.'
export const putTheDemoAway = 'Put the demo away'
export const itIsPutAwayAsYou = 'It is put away, as you left it.'
export const bringTheDemoBack = 'Bring the demo back'
export const twoInventedEnginesWithTheirFilters =
  'Two invented engines with their filters, to look around in. It counts for nothing of yours, and can be put away again.'
export const bringTheDemo = 'Bring the demo'
export const theDemo = 'The demo'
export const openTheLineUp = 'Open the line-up'
export const noProductsYetAddTheFilters =
  'No products yet. Add the filters that are sold for this engine, low, middle and top.'
export const nobodyIsJudgedYetItTakes = 'Nobody is judged yet: it takes two with a reading each.'
export const whoIsFirstIsBeingWorked = 'Who is first is being worked out …'
export const productsSpecimens = (productsCount: number, specimensCount: number) =>
  `${formatCount(productsCount, 'product')}, ${formatCount(specimensCount, 'specimen')}`
export const benchSpecimen = (brand: string, partNumber: string) => `Bench: ${brand} ${partNumber}, specimen`
export const putOneOnTheBench = 'Put one on the bench'
