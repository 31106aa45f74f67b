/* Words of the interface: ui. */

export const drawing = 'Drawing…'
export const whatIsSafe = 'What is safe.'
export const whatToDo = 'What to do.'
export const backups = 'Backups'
export const toTheLineUps = 'To the line-ups'
export const noConnection = 'No connection'
export const plicatorCannotBeReachedStartIt =
  'Plicator cannot be reached. Start it again, or come back to its network, and reload this page.'
export const notHere = 'Not here'
export const nothingIsKeptUnderThisAddress = 'Nothing is kept under this address. It may have been removed.'
export const thatCannotBeDone = 'That cannot be done'
export const whatWasSentCouldNotBe = 'What was sent could not be read.'
export const somethingBroke = 'Something broke'
export const theFaultIsOursTryAgain = 'The fault is ours. Try again; the log of the server says more.'
export const savedMeanwhile = 'Saved meanwhile:'
export const nothing = 'nothing'
export const takeIt = 'Take it'
export const savedMeanwhileOfWhat = (what: string) => `Saved meanwhile, ${what}:`
export const optional = 'optional'
export const undo = 'Undo'
export const pagesOfS = (noun: string) => `Pages of ${noun}s`
export const before = 'Before'
export const toOf = (value: number, min: number, count: string) => `${value} to ${min} of ${count}`
export const next = 'Next'
export const sending = 'Sending…'
export const day = 'Day'
