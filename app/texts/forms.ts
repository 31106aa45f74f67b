import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: forms. */

export const thisPageIsOutOfDate = 'This page is out of date. Load it again.'
export const isMissing = (name: string) => `${name} is missing.`
export const isTooLongAtMostCharacters = (name: string, most: number) =>
  `${name} is too long: at most ${most} characters.`
export const isTooLong = (name: string) => `${name} is too long.`
export const and = (quantity: string, quantity2: string) => `${quantity} and ${quantity2}`
export const cannotBeTheItLiesBetween = (text: string, name: string, limits: string) =>
  `${text} cannot be the ${name}: it lies between ${limits}.`
export const isNoAmountOfMoneyWrite = (text: string) => `"${text}" is no amount of money. Write 12.50.`
export const cannotBeBelowZero = (name: string) => `${name} cannot be below zero.`
export const isMoreThanAnyFilterCosts = (text: string) => `${text} is more than any filter costs.`
export const hasNoDecimalsWriteAWhole = (currency: string) => `${currency} has no decimals: write a whole number.`
export const hasDecimalsAtMost = (currency: string, digits: number) => `${currency} has ${digits} decimals at most.`
export const isAWholeNumberFromTo = (name: string, low: number, high: number) =>
  `${name} is a whole number from ${low} to ${high}.`
export const isADaySuchAs2026 = (name: string) => `${name} is a day, such as 2026-05-31.`
export const liesTooFarBack = (name: string) => `${name} lies too far back.`
export const liesAhead = (name: string) => `${name} lies ahead.`
export const liesMoreThanTenYearsAhead = (name: string) => `${name} lies more than ten years ahead.`
export const chooseACurrency = 'Choose a currency.'
export const somethingOfThisFormDidNot = 'Something of this form did not arrive. Load the page again.'
export const thatIsTooMuchAtOnce = 'That is too much at once.'
export const whatWasSentCouldNotBe = 'What was sent could not be read. Load the page again.'
export const months = (months: number) => `${months} months`
export const low = 'Low'
export const middle = 'Middle'
export const top = 'Top'
export const engineMakersOwn = "Engine maker's own"
export const spinOn = 'Spin-on'
export const cartridge = 'Cartridge'
export const chooseAPart = 'Choose a part.'
export const sayHowItFits = 'Say how it fits.'
export const whoTriedIt = 'Who tried it'
export const theNote = 'The note'
export const theFileDidNotArriveIs = 'The file did not arrive. Is the app still running?'
export const post = 'POST'
export const leaveWithoutSaving = 'Leave without saving?'
export const whatYouTypedOnThisPage = 'What you typed on this page is not saved yet.'
export const stay = 'Stay'
export const leave = 'Leave'
export const ctrlEnter = 'Ctrl Enter'
export const leaveIt = 'Leave it'
export const back = 'Back'
export const saves = 'saves'
export const change = (name: string) => `Change ${name}`
export const add = (article: string, noun: string) => `Add ${article} ${noun}`
export const saveThe = (noun: string) => `Save the ${noun}`
export const addThe = (noun: string) => `Add the ${noun}`
export const more = (label: string) => `More: ${label}`
export const filledIn = (filled: number) => `· ${formatCount(filled, 'filled in', 'filled in')}`
export const allOfThem = 'all of them'
export const ofRevision = 'Of revision'
