/* Words of the interface: oil-way. */

export const thisSpecimen = 'This specimen'
export const svg = (name: string, label: string) => `${name} ${label}.svg`
export const howItWorksTitle = 'How it works · Plicator'
export const howItWorks = 'How it works'
export const whatTheEngineDoes = 'What the engine does'
export const holdItStill = 'Hold it still'
export const letItFlow = 'Let it flow'
export const saveThisPicture = 'Save this picture'
export const amberIsOilAsItComes =
  'Amber is oil as it comes, pale what has passed the media. What nobody measured is drawn as such filters usually are.'
export const eachPartAndItsJob = 'Each part and its job'
export const part = 'Part'
export const itsJob = 'Its job'
export const inThisOne = 'In this one'
export const notLookedAt = 'not looked at'
export const whatIsBelievedAndWhatIs = 'What is believed, and what is so'
export const whichWayTheOilTakesIn =
  'Which way the oil takes in an engine is said by its maker’s manual; that and a qualified mechanic come first.'
export const toTheBench = 'To the bench'
