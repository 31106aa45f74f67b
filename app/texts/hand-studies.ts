import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: hand-studies. */

export const theReading = 'The reading'
export const mustBeMoreThanZero = (name: string) => `${name} must be more than zero.`
export const chooseWhatIsMeasured = 'Choose what is measured.'
export const theNames = 'The names'
export const theNumberOfParts = 'The number of parts'
export const theNumberOfTimes = 'The number of times'
export const chooseAUnit = 'Choose a unit.'
export const theTolerance = 'The tolerance'
export const whatIsMeasured = 'What is measured'
export const chooseAUnitOfThisInstrument = 'Choose a unit of this instrument.'
export const theReadingsCouldNotBeRead = 'The readings could not be read.'
export const thisInstrumentDoesNotMeasureThat = 'This instrument does not measure that.'
export const part = (person: string, part: string, message: string) => `${person}, part ${part}: ${message}`
export const theGradesCouldNotBeRead = 'The grades could not be read.'
export const gradeOneFirst = 'Grade one first.'
export const howSteadyIsYourHandTitle = 'How steady is your hand? · Plicator'
export const thisInstrument = 'This instrument'
export const thisStudyIsThereAlready = 'This study is there already.'
export const instruments = 'Instruments'
export const howSteadyIsYourHandWith = (name: string) => `How steady is your hand with ${name}?`
export const measureTheSamePartAgainAnd =
  'Measure the same part again and again, without looking at what you read before. How far the readings scatter goes into the doubt of every reading with it.'
export const keepTheStudy = 'Keep the study'
export const howSteadyAreYourGradesTitle = 'How steady are your grades? · Plicator'
export const theGradesThatWereGivenFirst = 'The grades that were given first are not here any more.'
export const theseGradesAreThereAlready = 'These grades are there already.'
export const grades = (againCount: number) => formatCount(againCount, 'grade')
export const howSteadyAreYourGrades = 'How steady are your grades?'
export const gradePartsAgainFromTheirPictures = (fewestGradePairs: number) =>
  `Grade parts again from their pictures, without seeing what you said first. How far the two part goes into the doubt of every grade; from ${fewestGradePairs} on it counts.`
export const noPartThatWasGradedHas =
  'No part that was graded has a picture yet. Take one at the bench: of glue, pleats or the ADBV.'
export const thatIsAllThereIsA = 'That is all there is a picture of.'
export const keep = (given: string) => `Keep ${given}`
export const takeTheLastOneBack = 'Take the last one back'
export const giveThisStudyUp = 'Give this study up'
