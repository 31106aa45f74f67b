import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: line-up. */

export const pricesAreInTheyCannotBe = (value: string) =>
  `Prices are in ${value}: they cannot be sorted without a rate.`
export const noFilterYet = 'No filter yet'
export const oneFilterSoFar = 'One filter so far'
export const addTheFirstFilter = 'Add the first filter'
export const addASecondFilter = 'Add a second filter'
export const noSpecimenYet = 'No specimen yet'
export const open = (name: string) => `Open ${name}`
export const nothingRecordedYet = 'Nothing recorded yet'
export const putOnTheBench = (name: string) => `Put ${name} on the bench`
export const tooLittleYet = 'Too little yet'
export const toTheLineUp = 'To the line-up'
export const thisLineUp = 'This line-up'
export const lineUpCsv = (name: string) => `${name} line-up.csv`
export const whatComesFirst = 'What comes first'
export const lineUp = 'Line-up'
export const title = (name: string) => `${name} · Plicator`
export const nameAnEngine = 'Name an engine'
export const tablesAndFiles = 'Tables and files'
export const bringYourTable = 'Bring your table'
export const pasteAPriceList = 'Paste a price list'
export const saveAsCsv = 'Save as CSV'
export const readingsOneARow = 'Readings, one a row'
export const whatWasSaid = 'What was said'
export const figuresWithTheirUncertainty = 'Figures with their uncertainty'
export const allOfItAsAData = 'All of it as a data package'
export const sortBy = 'Sort by'
export const rising = 'rising'
export const falling = 'falling'
export const product = 'Product'
export const specimens = (specimens: number) => `${specimens} specimens`
export const sampleGivenBy = (given: string) => `sample given by ${given}`
export const dragIntoOrderOrTakeOne =
  'Drag into order, or take one up with Enter on its handle. Sorting by a row puts them back.'
export const columnsOfTheLineUp = 'Columns of the line-up'
export const move = (name: string) => `Move ${name}`
export const unpin = 'Unpin'
export const pin = 'Pin'
export const show = 'Show'
export const hide = 'Hide'
export const missing = 'missing'
export const cannotBe = 'cannot be'
export const notJudged = (unjudged: string) => `not judged: ${unjudged}`
export const ofSpecimens = (ofText: number, specimens: number) => `${ofText} of ${specimens} specimens`
export const unitToUnit = (spreadSourceLabel: string) => `unit to unit ${spreadSourceLabel}`
export const aTie = 'a tie'
export const differencesOnly = 'Differences only'
export const show2 = 'Show ±'
export const rowsNobodyHasLookedAt = (unread: number, isShowsAll: boolean) =>
  `${formatCount(unread, 'row')} nobody has looked at: ${isShowsAll ? 'hide' : 'show'}`
export const columns = 'Columns'
export const findARow = 'Find a row'
export const print = 'Print'
export const constructionScore = 'Construction score'
export const score = (name: string) => `Score: ${name}`
export const inAWord = 'In a word'
export const theReviewers = (value: string) => `the reviewer’s${value}`
export const byTheRulesSure = (chance: string) => `by the rules, ${chance} sure`
export const pricePaid = 'Price paid'
export const canBeHad = 'Can be had'
export const contradictionsFound = 'Contradictions found'
export const toIn95Of100Known = (low: number, high: number, value: number) =>
  `${low} to ${high} in 95 of 100, ${value} % known`
export const known = (value: number) => `${value} % known`
export const firstIn = (detail: string, chance: string) => `${detail}, first in ${chance}`
export const unfit = (unfit: string) => `unfit: ${unfit}`
export const doesNotFit = (misfits: string) => `does not fit: ${misfits}`
export const openedValue = 'Opened value'
export const specimen = (brand: string, partNumber: string, label: string) =>
  `${brand} ${partNumber}, specimen ${label} ·`
export const itsPage = 'its page'
export const close = 'Close'
export const opening = 'Opening …'
export const lineUpTable = 'Line-up table'
export const products = (shownCount: number) => `· ${formatCount(shownCount, 'product')}`
export const hidden = (hiddenCount: number) => `, ${hiddenCount} hidden`
export const rows = (wantedCount: number) => `, ${formatCount(wantedCount, 'row')}`
export const constructionIsJudgedNotFiltration =
  'Construction is judged, not filtration. Best and worst: only beyond what is uncertain.'
export const noSpecimenYetLead = 'No specimen yet:'
export const asItsSizesSay = ', as its sizes say'
export const addAProduct = 'Add a product'
export const theFiltersThatAreSoldFor =
  'The filters that are sold for this engine will stand here side by side, part by part: each takes its place with its first specimen.'
export const edit = 'edit'
export const aProductThatIsGone = 'a product that is gone'
export const firstRevision = 'first revision'
export const onLoan = (givenBy: string) => `${givenBy} (on loan)`
export const keptBesideTheNewOnes = (states: string) => `${states}: kept beside the new ones`
export const makerGuessed = (maker: string) => `maker guessed: ${maker}`
export const madeBy = (maker: string, makerEvidence: string) => `made by ${maker} (${makerEvidence})`
export const notScored = 'not scored'
export const toBeShownLater = 'to be shown later'
