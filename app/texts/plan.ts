import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: plan. */

export const howMany = 'How many'
export const sayHowMany = 'Say how many.'
export const theReason = 'The reason'
export const theFilter = 'The filter'
export const loadThePageAgain = 'Load the page again.'
export const theShop = 'The shop'
export const thePrice = 'The price'
export const theDayOfTheOrder = 'The day of the order'
export const theDayItIsExpected = 'The day it is expected'
export const sayWhenItWasOrdered = 'Say when it was ordered.'
export const itCannotArriveBeforeItWas = 'It cannot arrive before it was ordered.'
export const aPriceNeedsItsCurrency = 'A price needs its currency.'
export const theDay = 'The day'
export const whatIsToBeDone = 'What is to be done'
export const thisEngine = 'This engine'
export const late = 'Late'
export const today = 'Today'
export const withinAWeek = 'Within a week'
export const withinAMonth = 'Within a month'
export const later = 'Later'
export const days = 'Days'
export const daysOnWhichSomethingIsTo =
  'Days on which something is to be done will stand here, with the parcels that are expected: a day to cut, to film, to publish. Add the first below.'
export const doneThisWeek = 'Done this week'
export const itIsOffThePlan = 'It is off the plan.'
export const from = (shop: string) => `from ${shop} `
export const ofExpected = (count: number, brand: string, partNumber: string, detail: string) =>
  `${count} of ${brand} ${partNumber} ${detail}expected`
export const notDoneAfterAll = 'Not done after all'
export const done = 'Done'
export const notDone = 'Not done'
export const takeOffThePlan = (words: string) => `Take off the plan: ${words}`
export const takeOff = 'Take off'
export const day = 'Day'
export const cutTheTwoNewOnes = 'cut the two new ones'
export const forLabel = 'For'
export const noEngine = 'no engine'
export const addTheDay = 'Add the day'
export const toOrder = 'to order'
export const toBuy = 'To buy'
export const filtersThatYouMeanToBuy =
  'Filters that you mean to buy will stand here, until the parcel is opened: then each becomes a specimen with its shop and price. Name one, or put one on the list from above.'
export const product = 'Product'
export const pieces = 'Pieces'
export const where = 'Where'
export const each = 'Each'
export const howFar = 'How far'
export const act = 'Act'
export const filters = (reduce: number, value: string) => `${formatCount(reduce, 'filter')}${value}`
export const ofNoPriceIsKnown = (unpriced: number) => `; of ${unpriced} no price is known`
export const isOffTheList = (name: string) => `${name} is off the list.`
export const isHereSealedAndReadyFor = (name: string) => `${name} is here. Sealed, and ready for the bench:`
export const specimen = (label: string) => `specimen ${label}`
export const lateSince = 'late since'
export const expected = 'expected'
export const orderOrChange = (name: string) => `Order or change ${name}`
export const order = 'Order …'
export const change = 'Change …'
export const arrivedOfName = (name: string) => `${name} arrived`
export const arrived = 'Arrived'
export const takeOffTheList = (name: string) => `Take off the list: ${name}`
export const filter = 'Filter'
export const norrithN40 = 'Norrith N-40'
export const whatFor = 'What for'
export const aSecondOneForTheSpread = 'a second one, for the spread'
export const putItOnTheList = 'Put it on the list'
export const theHour = 'the hour'
export const theMoney = 'the money'
export const worthDoingNext = 'Worth doing next'
export const mostFor = 'Most for'
export const byHowManyPointsOfA =
  'By how many points of a hundred the chance of naming the right filter grows, judged for anybody by the first school. Estimates: what is not known is drawn from what such filters have.'
export const whatIsWorthDoingNextWill =
  'What is worth doing next will stand here, once an engine has filters that can be told apart.'
export const nothingThatIsOpenWouldChange =
  'Nothing that is open would change much: what is named now would most likely be named then.'
export const itTakesTwoFiltersWithSomething =
  'It takes two filters with something recorded before one can be told from the other:'
export const what = 'What'
export const points = 'Points'
export const time = 'Time'
export const money = 'Money'
export const pointsAnHour = 'Points an hour'
export const oneEngine = 'one engine'
export const engines = (missing: number) => `${missing} engines`
export const workingOut = (detail: string) => `Working out ${detail} …`
export const min = (fixed: string) => `${fixed} min`
export const noPrice = 'no price'
export const doLabel = (words: string) => `Do: ${words}`
export const toTheBench = 'To the bench'
export const lookItUp = 'Look it up'
export const onTheListBelow = 'on the list below'
export const putOnTheListOfWords = (words: string) => `Put on the list: ${words}`
export const putOnTheList = 'Put on the list'
export const planTitle = 'Plan · Plicator'
export const thereIsNothingOfThatKind = 'There is nothing of that kind to do here.'
export const noOneFilterIsCalledHere = (filter: string) =>
  `No one filter is called ${filter} here. Write its brand and number as the library does.`
export const thisIsOnTheListAlready = 'This is on the list already.'
export const thatFilterIsNotHereAny = 'That filter is not here any more.'
export const thatEngineIsNotHereAny = 'That engine is not here any more.'
export const thisIsThereAlready = 'This is there already.'
export const thisPurchase = 'This purchase'
export const itHasArrivedBeforeOrIs = 'It has arrived before, or is not on the list any more.'
export const plan = 'Plan'
export const whatIsWorthDoingNextWhat = 'What is worth doing next, what is to be bought for it, and when.'
export const saveThePurchase = 'Save the purchase'
export const shop = 'Shop'
export const priceOfOne = 'Price of one'
export const currency = 'Currency'
export const orderedOn = 'Ordered on'
export const expectedOn = 'Expected on'
export const aPurchaseTitle = 'A purchase · Plicator'
export const toBuyLead = 'To buy:'
export const ofLabel = (label: string, names: string) => `${label} of ${names}`
export const moreOf = (more: number, anySubjectsCount: boolean, names: string) =>
  `${more} more of ${anySubjectsCount ? 'each of ' : ''}${names}`
export const openWhichLiesThere = (names: string) => `Open ${names}, which lies there`
export const openWhichNobodyHasOpened = (names: string) => `Open ${names}, which nobody has opened`
