import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: prices. */

export const thatIsTooLong = 'That is too long.'
export const theDiscountIsAPercentageFrom = 'The discount is a percentage from 0 to 90.'
export const theShop = 'The shop'
export const sayWhetherTheShopIsNamed = 'Say whether the shop is named.'
export const theDay = 'The day'
export const thePrice = 'The price'
export const writeThePrice = 'Write the price.'
export const filtersInAPack = 'Filters in a pack'
export const sayWhatThePackHolds = 'Say what the pack holds.'
export const freightForTheOrder = 'Freight for the order'
export const freightForAPack = 'Freight for a pack'
export const theLeastFreight = 'The least freight'
export const theWorthFromWhichFreightIs = 'The worth from which freight is free'
export const theExtras = 'The extras'
export const theWorthOfTheExtras = 'The worth of the extras'
export const aPriceNeedsItsCurrency = 'A price needs its currency.'
export const aFilterThatCostsNothingWas = 'A filter that costs nothing was given: say so at its specimen.'
export const freightIsFreeFromThereOn =
  'Freight is free from there on, but no freight is charged below. Write what it costs, or leave this empty.'
export const thatFreightIsMoreThanFifty = 'That freight is more than fifty packs cost. Read it again.'
export const sayWhatComesAlong = 'Say what comes along.'
export const whatComesAlongCannotBeWorth = 'What comes along cannot be worth as much as the pack.'
export const writeTheRate = 'Write the rate.'
export const isNoRateWrite117 = (text: string) => `"${text}" is no rate. Write 1.17.`
export const aRateIsBetweenTwoCurrencies = 'A rate is between two currencies.'
export const theListIsMissing = 'The list is missing.'
export const pasteOrTypeThePricesFirst = 'Paste or type the prices first.'
export const thatIsTooLongAtMost = (longestPriceList: number) =>
  `That is too long: at most ${longestPriceList} characters at once.`
export const namesNoShopWriteItThere = (words: string) =>
  `"${words}" names no shop: write it there, or for the whole list.`
export const itCannotBeKeptSo = 'it cannot be kept so.'
export const pricesWillStandHereByDay =
  'Prices will stand here by day and shop, with what each comes to when it has arrived: add the first one below.'
export const day = 'Day'
export const shop = 'Shop'
export const price = 'Price'
export const freight = 'Freight'
export const comesAlong = 'Comes along'
export const remove = 'Remove'
export const stale = 'stale'
export const staysWithYou = 'stays with you'
export const forLabel = (packSize: number, packWord: string) => ` for ${packSize}${packWord}`
export const offBySubscription = (value: number) => `, ${value} % off by subscription`
export const removeThePriceOf = (observedOn: string) => `Remove the price of ${observedOn}`
export const notLookedWhetherThePackHolds = ', not looked whether the pack holds the same'
export const theSameAsTheSingleBox = ', the same as the single box'
export const thePackDiffersItCountsFor = ', the pack differs: it counts for nothing here'
export const anOrder = (money: string) => `${money} an order`
export const aPack = (money: string) => `${money} a pack`
export const atLeast = (money: string) => `at least ${money}`
export const freeFromOfMoney = (money: string) => `free from ${money}`
export const whereItCanBeHad = 'Where it can be had'
export const halfTheAdviceTheBestFilter =
  'Half the advice: the best filter is none where it cannot be bought. The latest counts.'
export const itIs = 'It is'
export const where = 'Where'
export const theCountersOfThreeTowns = 'the counters of three towns'
export const seenOn = 'Seen on'
export const whoSaysSo = 'Who says so'
export const theDealerByTelephone = 'the dealer by telephone'
export const addHowItCanBeHad = 'Add how it can be had'
export const removeWhatWasSeenOn = (seenOn: string) => `Remove what was seen on ${seenOn}`
export const addAPrice = 'Add a price'
export const inWhatLeaves = 'In what leaves'
export const theShopIsNamed = 'the shop is named'
export const theShopStaysWithMe = 'the shop stays with me'
export const priceOfAPack = 'Price of a pack'
export const currency = 'Currency'
export const freightAnOrder = 'Freight, an order'
export const freeFrom = 'Free from'
export const aSubscriptionWhatIsInA = 'a subscription, what is in a pack, freight a pack, what comes along'
export const inAPack = 'In a pack'
export const notLookedAt = 'not looked at'
export const sameNumberAndInsides = 'same number and insides'
export const anotherFilterInside = 'another filter inside'
export const offBySubscription2 = 'Off by subscription, %'
export const freightAPack = 'Freight, a pack'
export const freightAtLeast = 'Freight, at least'
export const drainWasher = 'drain washer'
export const worthAloneEach = 'worth alone, each'
export const addThePrice = 'Add the price'
export const whatItBecame = 'What it became'
export const line = 'Line'
export const product = 'Product'
export const readAs = 'Read as'
export const noProductOfThisLineUp = 'no product of this line-up'
export const noAmountThisLineIsLeft = 'no amount: this line is left away'
export const thisLineIsLeftAway = 'this line is left away'
export const forFilters = (packSize: number) => ` for ${formatCount(packSize, 'filter')}`
export const noShopYet = 'no shop yet'
export const freightOfSaid = (said: string) => `freight ${said}`
export const noFreight = 'no freight'
export const freeFromOfSaid = (said: string) => `free from ${said}`
export const offBySubscriptionOfValue = (value: number) => `${value} % off by subscription`
export const priceListTitle = 'Price list · Plicator'
export const thisLineUp = 'This line-up'
export const noLineNamesAProductOf = 'No line names a product of this line-up with an amount.'
export const thesePricesAreThereAlready = 'These prices are there already.'
export const money = 'Money'
export const pricesOfOfBrand = (brand: string, partNumber: string) => `Prices of ${brand} ${partNumber}`
export const priceListOf = (name: string) => `Price list of ${name}`
export const typeOrPastePricesAsThey =
  'Type or paste prices as they are said, a product a line, with its revision where the price is of one alone; each is shown as what it becomes before it is kept.'
export const pricesALineEach = 'Prices, a line each'
export const n1197AtQuayParts3 = '11.97 at Quay Parts, 3-pack 29.95, ship 6'
export const understoodPacksFreightFreeFrom =
  'Understood: packs, freight, free from, shipped, off by subscription, and a currency.'
export const shopWhereALineNamesNone = 'Shop, where a line names none'
export const keepThePrices = 'Keep the prices'
export const keepPrices = (count: number) => `Keep ${formatCount(count, 'price')}`
export const pricesTitle = 'Prices · Plicator'
export const thisProduct = 'This product'
export const thisPriceIsThereAlready = 'This price is there already.'
export const thisIsThereAlready = 'This is there already.'
export const pricesOf = 'Prices of'
export const everyPriceThatWasReadWith =
  'Every price that was read, with its day; the latest of each shop counts. What was paid for specimens counts too.'
export const typePricesInALine = 'Type prices in a line'
