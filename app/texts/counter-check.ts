/* Words of the interface: counter-check. */

export const checkAtTheCounterTitle = 'Check at the counter · Plicator'
export const notHere = 'Not here'
export const thisProductHasNoSpecimenIn = 'This product has no specimen in the line-up any more.'
export const back = 'Back'
export const print = 'Print'
export const checkAtTheCounter = (columnName: string) => `${columnName}: check at the counter`
export const whatTellsItFromItsLook =
  'What tells it from its look-alikes without cutting it open, the most telling first.'
export const nothingOutsideThatIsKnownTells =
  'Nothing outside that is known tells it from the others. Record marks, holes, print, colour and weight of each.'
export const aBoxThatPassesMayHold =
  'A box that passes may hold another filter all the same: makers change what is inside under one number. The engine maker’s manual comes first.'
export const others = (namesCount: number) => `${namesCount} others`
export const tellsItFrom = (ratio: string, detail: string, how: string) => `${ratio}; tells it from ${detail}. ${how}`
