import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: library. */

export const thoseAreTooManyAtOnce = 'Those are too many at once: choose 200 at most.'
export const chooseAProductFirst = 'Choose a product first.'
export const choose200ProductsAtMost = 'Choose 200 products at most.'
export const theTag = 'The tag'
export const brands = 'Brands'
export const brandsWillStandHereEachWith =
  'Brands will stand here, each with its range over all engines; a product brings its brand along.'
export const newBrand = 'New brand'
export const addTheBrand = 'Add the brand'
export const search = 'Search'
export const brandNumberEngine = 'brand, number, engine'
export const allOnThisPage = 'All on this page'
export const product = 'Product'
export const engine = 'Engine'
export const form = 'Form'
export const tier = 'Tier'
export const revisions = 'Revisions'
export const specimens = 'Specimens'
export const choose = (brand: string, partNumber: string) => `Choose ${brand} ${partNumber}`
export const chosenProducts = 'Chosen products'
export const productsChosen = (chosenCount: number) => `${formatCount(chosenCount, 'product')} chosen`
export const tag = 'Tag …'
export const merge = 'Merge …'
export const deleteLabel = 'Delete'
export const chooseNone = 'Choose none'
export const tag2 = 'Tag'
export const winterTest = 'winter test'
export const giveTheTag = 'Give the tag'
export const takeOff = (one: string) => `Take off “${one}”`
export const keepAs = 'Keep as'
export const makeThemOne = 'Make them one'
export const everySpecimenReadingClaimAndPrice =
  'Every specimen, reading, claim and price goes along; the others become revisions of it.'
export const mostSpecimens = 'most specimens'
export const products = 'Products'
export const tagged = 'Tagged'
export const sortedBy = 'Sorted by'
export const merged = (name: string) => `Merged: ${name}.`
export const deleted = (name: string) => `Deleted: ${name}.`
export const nothingFitsTheseWordsAndChoices = 'Nothing fits these words and choices.'
export const filtersOfAllEnginesWillStand =
  'Filters of all engines will stand here, to be found, tagged and put together; each belongs to an engine.'
export const toTheEngines = 'To the engines'
export const trash = 'Trash'
export const emptyWhatIsDeletedLiesHere =
  'Empty. What is deleted lies here for thirty days, with its specimens and all their readings.'
export const thingsKeptForThirtyDays = (trashCount: number) =>
  `${formatCount(trashCount, 'thing')}, kept for thirty days.`
export const mergedOfName = (name: string) => `Merged: ${name}`
export const takeApart = 'Take apart'
export const bringBack = 'Bring back'
export const removeForGoodOfName = (name: string) => `Remove for good: ${name}`
export const removeForGood = 'Remove for good'
export const libraryTitle = 'Library · Plicator'
export const thereIsABrandOfThis = 'There is a brand of this name already.'
export const noneOfTheseIsHereAny = 'None of these is here any more.'
export const library = 'Library'
export const theReviewer = 'The reviewer'
export const backups = 'Backups'
export const importReadings = 'Import readings'
export const exportAllReadings = 'Export all readings'
export const dateCodes = 'Date codes'
export const giveTwoCodesOfWhichYou =
  'Give two codes of which you know the day, month or year: from these it is worked out how all others read. One that reads in several ways is given with all of them.'
export const taughtBy = (map: string) => `taught by ${map}`
export const forgetOfTemplateWords = (templateWords: string) => `Forget ${templateWords}`
export const forget = 'Forget'
export const yearInTwo = 'year in two'
export const yearInOne = 'year in one'
export const monthAsALetter = 'month as a letter'
export const dayOfTheYear = 'day of the year'
export const aFigure = 'a figure'
export const aLetter = 'a letter'
export const firstCode = 'First code'
export const means = 'means'
export const whatTheFirstMeans = 'What the first means'
export const secondCode = 'Second code'
export const whatTheSecondMeans = 'What the second means'
export const kept = 'Kept'
export const keep = 'Keep'
export const notRead = 'not read'
export const is = (code: string, detail: string) => `${code} is ${detail}`
export const thisIsNotInTheTrash = 'This is not in the trash any more.'
export const somethingWasRecordedOrChangedIn =
  'Something was recorded or changed in it since: it cannot be taken apart any more.'
export const thereIsOneOfThisName = 'There is one of this name again by now. Rename it, then bring this back.'
export const itsEngineOrAFilterThat =
  'Its engine, or a filter that it was compared with, is not here. If that lies in the trash, bring it back first.'
