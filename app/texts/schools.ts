import { formatCount } from '#core/quantity/format.ts'

/* Words of the interface: schools. */

export const aWeightIsANumberFrom = 'A weight is a number from 0 to 100.'
export const whatItMustHaveIsA = (least: number, most: number) =>
  `What it must have is a number of points above ${least}, up to ${most}.`
export const thePageIsOutOfDate = 'The page is out of date. Load it again; nothing was changed.'
export const whatWasChanged = 'What was changed'
export const theName = 'The name'
export const whatItHolds = 'What it holds'
export const school = 'School'
export const forLabel = 'for'
export const schools = 'Schools'
export const drivers = 'Drivers'
export const method = (grounds: string, version: number) => `${grounds} Method ${version}`
export const chancesBySchool = 'Chances by school'
export const product = 'Product'
export const of100DrawsTheLikeliestOf =
  'Of 100 draws; the likeliest of a school is framed. Pick a school to judge by it.'
export const othersAreFirstByNoSchool = (hidden: number) =>
  ` ${formatCount(hidden, 'other is', 'others are')} first by no school.`
export const methodOfVersion = (version: number, note: string) => `Method ${version}: ${note}.`
export const wherePractitionersDisagreeAndThe = 'Where practitioners disagree, and the side that is in force'
export const anotherSchoolHasThisName = 'Another school has this name.'
export const criterion = 'Criterion'
export const weight = 'Weight'
export const mustHave = 'Must have'
export const leastPointsOrItIsUnfit = 'least points, or it is unfit'
export const points = 'Points'
export const weightOf = (label: string) => `Weight of ${label}`
export const iDoNotCareAbout = (label: string) => `I do not care about ${label}`
export const iDoNotCare = 'I do not care'
export const leastPointsOf = (label: string) => `Least points of ${label}`
export const byItsWrittenAnchors = 'by its written anchors'
export const pointsOf = (label: string) => `Points of ${label}`
export const inLabel = (valueFunctionUnit: string) => `In ${valueFunctionUnit}. `
export const whatItWouldDoTo = (name: string) => `What it would do to ${name}`
export const againstAsItStands = (name: string) => `Against ${name} as it stands.`
export const weightsByQuestionTitle = 'Weights by question · Plicator'
export const thisSchool = 'This school'
export const weighedByQuestion = 'Weighed by question'
export const houseRulesAfterWeighedPartBy = (name: string) =>
  `House rules after ${name}; weighed part by part, from worst to best.`
export const weightsByQuestion = 'Weights by question'
export const aFewQuestionsMakeASchool = (name: string) =>
  `A few questions make a school of your own; within a part, proportions and house rules are those of ${name}. The way back of the browser takes an answer back.`
export const aSchoolTitle = 'A school · Plicator'
export const thisSchoolIsNotHereAny = 'This school is not here any more.'
export const myWay = (name: string) => `${name}, my way`
export const aSchoolAfter = (name: string) => `A school after ${name}`
export const schoolsSideBySideTitle = 'Schools side by side · Plicator'
export const schoolsSideBySide = 'Schools side by side'
export const whatEachHoldsWeightyWhereThey = 'What each holds weighty, where they part, and whom each names.'
export const allSchools = 'All schools'
export const schoolsToCompare = 'Schools to compare'
export const upToAtATime = (most: number) => `Up to ${most} at a time.`
export const whomTheyNameIn = (name: string) => `Whom they name in ${name}`
export const lineUp = 'Line-up'
export const weightByPart = 'Weight by part'
export const whereTheyPartFurthestFirst = 'Where they part, furthest first'
export const chooseASecondOneToSee = 'Choose a second one to see where they part.'
export const andBy = (name: string, name2: string, number: string) => `${name} and ${name2} by ${number} %`
export const howFarApartTheyAreAs = (list: string) =>
  `How far apart they are, as the share of the weight that lies elsewhere: ${list}.`
export const schoolsTitle = 'Schools · Plicator'
export const tasteIsDataEachSchoolIs =
  'Taste is data: each school is a named set of weights and house rules. Copy one to make your own.'
export const makeOneByQuestion = 'Make one by question'
export const sideBySide = 'Side by side'
