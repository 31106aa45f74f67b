import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: outbox. */

export const post = 'POST'
export const theServerAnswersWithAFault = (status: number) => `The server answers with a fault (${status}).`
export const theServerGivesNoAnswerThat = 'The server gives no answer that can be read.'
export const thereIsNoConnectionToPlicator = 'There is no connection to Plicator.'
export const thisBrowserCannotGetAtWhat = 'This browser cannot get at what it keeps.'
export const aReadingStruck = 'A reading struck'
export const aReadingBroughtBack = 'A reading brought back'
export const noteOn = (partLabel: string, text: string) => `Note on ${partLabel}: ${text}`
export const pictureOf = (partLabel: string, name: string) => `Picture of ${partLabel}: ${name}`
export const aNoteRemoved = 'A note removed'
export const aPictureRemoved = 'A picture removed'
export const goneOnPast = (label: string, reason: string) => `Gone on past ${label}: ${reason}`
export const zeroOfAnInstrument = (shows: string) => `Zero of an instrument: ${shows}`
export const toBeShownLater = (label: string) => `To be shown later: ${label}`
export const shownAsWasPromised = 'Shown, as was promised'
export const predicted = (label: string, typed: string) => `Predicted: ${label} ${typed}`
export const aComparisonTakenBack = 'A comparison taken back'
export const whatToRecord = (label: string) => `What to record: ${label}`
export const whatToRecordAsOfAnother = 'What to record, as of another specimen'
export const notOnTheServerYet = 'Not on the server yet'
export const whatWaits = 'What waits'
export const tryNow = 'Try now'
export const oneEntryWaits = 'One entry waits'
export const entriesWait = (waiting: number) => `${waiting} entries wait`
export const entrysCouldNotBeKeptHere = (unkeptCount: number) =>
  `${formatCount(unkeptCount, 'entry')} could not be kept here: do not close this page.`
export const theServerDidNotTakeEntries = (refused: number) =>
  `The server did not take ${formatCount(refused, 'entry', 'entries')}.`
export const writeAnew = (said: string) => `Write anew: ${said}`
export const sendItSo = 'Send it so'
export const editOfSaid = (said: string) => `Edit ${said}`
export const edit = 'Edit'
export const copyOfSaid = (said: string) => `Copy ${said}`
export const copy = 'Copy'
export const sendOfSaid = (said: string) => `Send ${said}`
export const send = 'Send'
export const strikeBeforeItIsSent = (said: string) => `Strike ${said} before it is sent`
export const strike = 'Strike'
