import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: instruments. */

export const mustBeMoreThanZero = (name: string) => `${name} must be more than zero.`
export const theName = 'The name'
export const chooseWhatItIs = 'Choose what it is.'
export const theResolution = 'The resolution'
export const theAccuracy = 'The accuracy'
export const theDaysBetweenChecks = 'The days between checks'
export const theKnownPiece = 'The known piece'
export const whatItShowed = 'What it showed'
export const theNameOfThePiece = 'The name of the piece'
export const checkOf = (name: string) => `Check of ${name}`
export const knownPiece = 'Known piece'
export const itShowed = 'It showed'
export const keep = 'Keep'
export const aPartToGrade = (label: string) => `A part to grade: ${label}`
export const name = 'Name'
export const theLongCaliper = 'the long caliper'
export const whatItIs = 'What it is'
export const resolution = 'Resolution'
export const theSmallestStepItShows0 = 'The smallest step it shows: 0.01 mm, 0.1 g.'
export const accuracy = 'Accuracy, ±'
export const fromItsSheet003Mm = 'From its sheet: 0.03 mm, 0.3 g.'
export const checkEveryDays = 'Check every, days'
export const takenWhenNothingElseIsSaid = 'Taken when nothing else is said'
export const yes = 'Yes'
export const onlyWhenChosen = 'Only when chosen'
export const noneYetAddTheCaliperMicrometer =
  'None yet. Add the caliper, micrometer, tape and scale that lie on your bench.'
export const instrument = 'Instrument'
export const showsTo = 'Shows to'
export const rightTo = 'Right to ±'
export const atZeroShows = 'At zero shows'
export const check = 'Check'
export const checkItNowAgainstAKnown = 'Check it now against a known piece'
export const takenWhenNothingElseIsSaid2 = ', taken when nothing else is said'
export const changeOfName = (name: string) => `Change ${name}`
export const change = 'Change'
export const studyYourHandWith = (name: string) => `Study your hand with ${name}`
export const study = 'Study'
export const removeOfName = (name: string) => `Remove ${name}`
export const remove = 'Remove'
export const showed = (shown: string, shown2: string) => `${shown} showed ${shown2}`
export const neverChecked = 'Never checked'
export const overdueCheckedDaysAgo = (days: number) => `Overdue: checked ${formatCount(days, 'day')} ago`
export const offBy = (quantity: string) => `Off by ${quantity}`
export const soundCheckedToday = 'Sound, checked today'
export const soundCheckedDaysAgo = (days: number) => `Sound, checked ${formatCount(days, 'day')} ago`
export const howSteadyAreHandAndEye = 'How steady are hand and eye?'
export const notStudiedYetAUsualHand =
  'Not studied yet: a usual hand is assumed. Ten readings of one part with an instrument, and its readings carry the doubt that is yours.'
export const studiesOfTheHand = 'Studies of the hand'
export const measured = 'Measured'
export const oneHandScattersBy = 'One hand scatters by'
export const betweenPeople = 'Between people'
export const ofWhatDiffers = 'Of what differs'
export const ofTheTolerance = 'Of the tolerance'
export const day = 'Day'
export const readingsOfShown = (shown: string, value: number) => `${shown}, ${formatCount(value, 'reading')}`
export const onePerson = 'one person'
export const removeTheStudyOfWith = (label: string, name: string) => `Remove the study of ${label} with ${name}`
export const gradesAreHeldToHalfA =
  'Grades are held to half a step; how far yours wander from one look to the next is not known yet.'
export const gradesGivenAgainFromOnThey = (pairsCount: number, fewestGradePairs: number) =>
  `${formatCount(pairsCount, 'grade')} given again: from ${fewestGradePairs} on they count.`
export const gradesGivenAgainYoursScatterBy = (pairsCount: number, fixed: string) =>
  `${pairsCount} grades given again: yours scatter by ${fixed} of a step,`
export const besideTheHalfStepOfThe = 'beside the half step of the scale.'
export const gradeAgainBlind = 'Grade again, blind'
export const removeTheLatestGradesGivenAgain = 'Remove the latest grades given again'
export const removeTheLatest = 'Remove the latest'
export const theReadings = 'The readings'
export const who = 'Who'
export const part = 'Part'
export const readings = 'Readings'
export const standsApartTakeItAgain = 'stands apart: take it again'
export const repeatabilityOneHandOnePart = 'Repeatability: one hand, one part'
export const reproducibilityBetweenPeople = 'Reproducibility: between people'
export const onePersonAlone = 'one person alone'
export const bothTogether = 'Both together'
export const betweenTheParts = 'Between the parts'
export const onePartAlone = 'one part alone'
export const theMeasuringOfAllThatDiffers = 'The measuring, of all that differs'
export const theMeasuringOfTheTolerance = 'The measuring, of the tolerance'
export const whatTheStudySays = 'What the study says'
export const scatterOneStandardDeviation = 'Scatter, one standard deviation'
export const peoplePartsTimesEach = (people: number, parts: number, repeats: number) =>
  `${formatCount(people, 'person', 'people')}, ${formatCount(parts, 'part')}, ${repeats} times each`
export const aSingleReadingWithItWas = (shown: string) =>
  `A single reading with it was held to scatter by ${shown}; with this study by`
export const degreesOfFreedom = (degrees: number) => `, ${degrees} degrees of freedom.`
export const under10ItTellsSuchParts = 'Under 10 %: it tells such parts apart well.'
export const between10And30ItTells = 'Between 10 and 30 %: it tells such parts apart where they differ plainly.'
export const over30WhatDiffersBetweenSuch =
  'Over 30 %: what differs between such parts is for the most part the measuring.'
export const tellsRepeatabilityAnd =
  'Tells repeatability and reproducibility by analysis of variance, in the words of common handbooks of measurement systems. Another person’s readings are not corrected by it.'
export const theStudy = 'The study'
export const whatIsMeasured = 'What is measured'
export const parts = 'Parts'
export const oneIsEnoughForAHand = 'One is enough for a hand of one’s own.'
export const timesEach = 'Times each'
export const tenOfOnePartTwoOf = 'Ten of one part, two of several.'
export const whoMeasures = 'Who measures'
export const namesWithCommasBetweenMaraTom =
  'Names with commas between: Mara, Tom. Two people, three parts, twice each, tell hands apart.'
export const me = 'me'
export const typedIn = 'Typed in'
export const toleranceItsWholeWidth = 'Tolerance, its whole width'
export const whatThePartMayDifferBy = 'What the part may differ by, where somebody says.'
export const begin = 'Begin'
export const partOfPart = (part: string) => `part ${part}`
export const readingOfLayThePartDown = (value: number, readingsCount: number) =>
  `Reading ${value} of ${readingsCount}. Lay the part down and take it up again between readings.`
export const takeIt = 'Take it'
export const takeTheLastOneAgain = 'Take the last one again'
export const giveThisStudyUp = 'Give this study up'
export const instrumentsTitle = 'Instruments · Plicator'
export const readingsWereTakenWithItSo = 'Readings were taken with it, so it stays in the list.'
export const thisStudyIsNotHereAny = 'This study is not here any more.'
export const thatInstrumentIsNotInThe = 'That instrument is not in the list any more.'
export const thisCheckIsThereAlready = 'This check is there already.'
export const anotherInstrumentHasThisName = 'Another instrument has this name.'
export const thisInstrumentIsNotHereAny = 'This instrument is not here any more.'
export const instruments = 'Instruments'
export const whatYouMeasureWithResolutionAnd =
  'What you measure with. Resolution and accuracy go into the doubt of every figure; until an instrument is named, an ordinary one is assumed.'
