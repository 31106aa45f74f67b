import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: house. */

export const isNotHereItMayHave = (what: string) =>
  `${what} is not here. It may have been removed, or the address is wrong.`
export const thatFormCouldNotBeRead = 'That form could not be read.'
export const eventsAreListenedToHereNothing = 'Events are listened to here, nothing can be read.'
export const thisFormWasSentBeforeWith =
  'This form was sent before, with other content. Open it anew: what was made then stays as it is.'
export const itIsNotHereAnyMore = 'It is not here any more: it was removed meanwhile.'
export const thisWasSavedMeanwhileInAnother =
  'This was saved meanwhile, in another tab or by somebody else, so nothing was saved now. Where the two differ, both stand below. Take the other value, or leave yours and save again.'
export const mb = (value: string) => `${value} MB`
export const data = 'Data'
export const inLabel = 'In'
export const theDatabaseCannotBeRead = 'The database cannot be read.'
export const theLastBackups = (map: string) => `The last backups: ${map}.`
export const thereIsNoBackupYet = 'There is no backup yet.'
export const backups = 'Backups'
export const sinceItWasStarted = 'Since it was started'
export const minutesAgoRequestsAnsweredThe = (value: number, answered: number, megabytes: string) =>
  `${formatCount(value, 'minute')} ago; ${formatCount(answered, 'request')} answered; the server takes ${megabytes} of memory.`
export const noRequestTookHalfASecond = 'No request took half a second.'
export const slowRequests = 'Slow requests'
export const when = 'When'
export const what = 'What'
export const took = 'Took'
export const theLogLiesInTheFolder =
  'The log lies in the folder log of the data: what was asked and how it ended, with no names of people and nothing that was typed.'
export const thisPage = 'This page'
export const partsOfTheInterfaceTitle = 'Parts of the interface · Plicator'
export const partsOfTheInterface = 'Parts of the interface'
export const everyPartThatPagesAreMade =
  'Every part that pages are made of, in all its states: for those who build them.'
export const stateOfTheAppTitle = 'State of the app · Plicator'
export const stateOfTheApp = 'State of the app'
export const whereEverythingLiesHowLargeIt =
  'Where everything lies, how large it is, and what took long since Plicator was started.'
export const theDatabase = 'the database'
