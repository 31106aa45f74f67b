import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: drivers. */

export const distanceAYear = 'Distance a year'
export const hottestOil = 'Hottest oil'
export const theName = 'The name'
export const writeTheDistanceAYearSuch = 'Write the distance a year, such as 18000 km.'
export const theHabit = 'The habit'
export const engineHoursAYear = 'Engine hours a year'
export const chooseTheDuty = 'Choose the duty.'
export const chooseTheClimate = 'Choose the climate.'
export const chooseHowTheFilterSits = 'Choose how the filter sits.'
export const chooseTheOil = 'Choose the oil.'
export const vehicles = 'Vehicles'
export const sayHowManyHoursAYear =
  'Say how many hours a year the engine runs, so that a change by the hour can be counted.'
export const name = 'Name'
export const theFerryTaxi = 'the ferry taxi'
export const n18000Km = '18000 km'
export const changesOilAfter = 'Changes oil after'
export const n10000Km = '10000 km'
export const orMonthsOrHours12Months = 'Or months, or hours: 12 months; 250 h.'
export const duty = 'Duty'
export const climate = 'Climate'
export const theFilterSits = 'The filter sits'
export const oil = 'Oil'
export const claimsMayHoldWithACertain = 'Claims may hold with a certain oil only.'
export const noneYetAddTheOneYou = 'None yet. Add the one you buy for.'
export const driver = 'Driver'
export const aYear = 'A year'
export const changesAfter = 'Changes after'
export const filterSits = 'Filter sits'
export const changeOfName = (name: string) => `Change ${name}`
export const change = 'Change'
export const removeOfName = (name: string) => `Remove ${name}`
export const remove = 'Remove'
export const engineHours = (annualHours: number) => formatCount(annualHours, 'engine hour')
export const asClaimOrManualSay = 'as claim or manual say'
export const oilOfLabel = (label: string) => `${label} oil`
export const driversTitle = 'Drivers · Plicator'
export const anotherDriverHasThisName = 'Another driver has this name.'
export const thisDriverIsNotHereAny = 'This driver is not here any more.'
export const drivers = 'Drivers'
export const whoBuysAndForWhatDuty =
  "Who buys, and for what duty. An interval beyond one's own habit is worth nothing to that driver."
