import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: money. */

export const n10000Km = '10,000 km'
export const n10000Mi = '10,000 mi'
export const theClaim = 'the claim'
export const theManual = 'the manual'
export const yourHabit = 'your habit'
export const prices = 'Prices'
export const product = 'Product'
export const landedEach = (currency: string) => `Landed, each, ${currency}`
export const usableInterval = 'Usable interval'
export const forLabel = (label: string, currency: string) => `For ${label}, ${currency}`
export const aYear = (currency: string) => `A year, ${currency}`
export const paidForNotUsed = (unit: string) => `Paid for, not used, ${unit}`
export const areaForOne = (currency: string, areaUnit: string) => `Area for one ${currency}, ${areaUnit}`
export const score = 'Score'
export const sampleGivenBy = (given: string) => `sample given by ${given}`
export const staleDaysOld = (age: number) => `stale: ${formatCount(age, 'day')} old`
export const inNeedsARate = (unconverted: string) => `in ${unconverted}: needs a rate`
export const noPrice = 'no price'
export const setBy = (limitWord: string) => `set by ${limitWord}`
export const theClaimDoesNotCount = (claimFails: string) => `; the claim does not count: ${claimFails}`
export const notKnown = 'not known'
export const engineHoursNotCountedHowMany = 'engine hours not counted: how many a year is not said of this driver'
export const forLabelOfPackSize = (packSize: number) => ` for ${packSize}`
export const freight = (money: string) => `freight ${money}`
export const leftOver = (value: number) => `${value} left over`
export const worthOff = (extras: string, money: string) => `${extras} worth ${money} off`
export const atOf = (toPrecision: string, rateQuotedOn: string) => `at ${toPrecision} of ${rateQuotedOn}`
export const theFigures = 'The figures'
export const addADriver = 'Add a driver'
export const toSeeTheUsableIntervalAnd = 'to see the usable interval and what a year costs.'
export const andEngineHours = (annualHours: number) => ` and ${formatCount(annualHours, 'engine hour')}`
export const aYearDuty = (duty: string) => `a year, ${duty} duty`
export const vehicles = (vehicles: number) => `, ${vehicles} vehicles`
export const drivers = 'Drivers'
export const vehiclesAYear = (vehicles: number) => `${vehicles} vehicles, a year`
export const filters = 'Filters'
export const cost = 'Cost'
export const moreThanTheLeast = 'More than the least'
export const driver = 'Driver'
export const noneYet = 'none yet'
export const buysAtOnce = 'buys at once'
export const inLabel = 'in'
export const rateOf = (base: string) => `Rate of ${base}`
export const somePricesAreInThisPage = (base: string, quote: string) =>
  `Some prices are in ${base}, this page is in ${quote}. They stay out of the comparison until you give a rate.`
export const oneIn = (base: string, quote: string) => `One ${base} in ${quote}`
export const onTheDay = 'On the day'
export const useThisRate = 'Use this rate'
export const buysSomething = 'buys something'
export const buysLess = 'buys less'
export const buysNothingThatCountsHere = 'buys nothing that counts here'
export const pointsOf100 = (signed: string) => `(${signed} points of 100)`
export const noDifferenceThatIsLargerThan = 'No difference that is larger than its uncertainty.'
export const better = 'better'
export const worse = 'worse'
export const landed = (money: string) => `${money} landed`
export const atPointsAboveTheCheapest = (name: string, money: string, height: number) =>
  `${name} at ${money}, ${height} points above the cheapest`
export const stairs = (said: string) => `Stairs: ${said}`
export const whatTheNextStepBuys = 'What the next step buys'
export const stepsAppearWhenTwoFiltersThat = 'Steps appear when two filters that pass have a price.'
export const fromTheCheapestThatPassesUpward =
  'From the cheapest that passes upward: a step is what buys something over the last one. Differences within their uncertainty are left out; weights are those of this driver.'
export const theCheapestThatPasses = (money: string) => `, ${money}: the cheapest that passes.`
export const moreThan = (money: string, name: string) => `, ${money} more than ${name}:`
export const nothingDearerBuysAnythingThat = 'Nothing dearer buys anything that counts here.'
export const filtersBesideTheStairsDearerThan = (besideCount: number) =>
  `${formatCount(besideCount, 'filter')} beside the stairs: dearer than a step, and no better than it`
export const atThePriceOf = 'at the price of'
export const moreThanOfMoney = (money: string) => `${money} more than`
export const noRealDifference = 'No real difference.'
export const insideOneBrand = 'Inside one brand'
export const whatTheNextTierBuysOver =
  'What the next tier buys over the one below it. Differences within their uncertainty are left out.'
export const insteadOf = 'instead of'
export const aYearOfMoneyMore = (moneyMore: string) => `, ${moneyMore} a year`
export const to = (costLow: string, costHigh: string) => `${costLow} to ${costHigh}`
export const scoreOfName = (name: string, costText: string, score: string) => `${name}: ${costText}, score ${score}`
export const nothingBeatsIt = 'nothing beats it'
export const beatenOnPriceAndScore = 'beaten on price and score'
export const constructionScore = 'construction score'
export const againstConstructionScoreTheTable = (costName: string) =>
  `${costName} against construction score; the table below has the same figures`
export const value = 'Value'
export const costFor = (label: string) => `cost for ${label}`
export const landedPrice = 'landed price'
export const uprightBarsShowWhereTheScore =
  'Upright bars show where the score lies in 95 of 100 draws, level ones what the cost may be. Pick a point to open its score.'
export const costForOfLabel = (label: string, currency: string) => `cost for ${label}, ${currency}`
export const landedPriceOfCurrency = (currency: string) => `landed price, ${currency}`
export const theInterval = 'the interval'
export const notShownForItIsNot = 'Not shown, for it is not judged:'
export const notShownForItHasNo = 'Not shown, for it has no price, or no interval to go by:'
export const aCostIsASpanWhere = (what: string, anyUnknownCount: boolean) =>
  `A cost is a span where ${what} ${anyUnknownCount ? 'are' : 'is'} not known:`
export const moneyTitle = 'Money · Plicator'
export const thisLineUp = 'This line-up'
export const thisRateIsThereAlready = 'This rate is there already.'
export const money = (name: string) => `Money: ${name}`
export const whatAFilterCostsWhenIt =
  'What a filter costs when it has arrived, how long you may use it, and what the next better one buys.'
export const pasteAPriceList = 'Paste a price list'
export const whatEachFilterCostsWhenIt =
  'What each filter costs when it has arrived, and what the next better one buys, will stand here once one was opened and has a price.'
export const pricesAreTheShopsIntervalsAre = (version: number) =>
  `Prices are the shops'; intervals are claims, the manual's or your own. The engine maker's manual comes first. Scores are by method ${version}.`
export const shopNotNamed = 'shop not named'
