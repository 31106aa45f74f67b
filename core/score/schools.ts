import type { Rule } from './criterion.ts'

/** A named set of weights and house rules. What it does not name it takes from the method. */
export interface School {
  id: string
  name: string
  /** What it holds, in two sentences with the reason. */
  says: string
  /** Weight by criterion. */
  weights: Readonly<Record<string, number>>
  /** House rules: points by criterion that differ from the method's. */
  rules: Readonly<Record<string, Rule>>
  /** True for those that ship with the app: they are copied, not changed. */
  builtIn: boolean
}

const eitherSpring: Rule = { kind: 'answers', points: { coil: 9, combination: 9, leaf: 9, none: 4 } }
const eitherBypassPlace: Rule = { kind: 'answers', points: { thread: 9, dome: 9, none: 9 } }
const eitherCaps: Rule = { kind: 'answers', points: { steel: 9, moulded: 9, fibre: 9, none: 9 } }
const nitrileIsEnough: Rule = { kind: 'answers', points: { silicone: 10, nitrile: 9, other: 5 } }
const cageCore: Rule = { kind: 'answers', points: { cage: 10, spiral: 9, perforated: 8, louvred: 6, none: 3 } }

/** The schools that ship with the app. Common practice, no published source. */
export const schools: readonly School[] = [
  {
    id: 'build',
    name: 'Build first',
    builtIn: true,
    weights: {},
    rules: {},
    says: 'What can be measured and seen on the bench decides: can, thread, glue, valves, media. Claims and price come afterwards, for nobody here has tested them.',
  },
  {
    id: 'paper',
    name: 'Paper first',
    builtIn: true,
    weights: {
      efficiency: 16,
      fine: 6,
      'claim-complete': 7,
      capacity: 5,
      'claim-interval': 5,
      area: 5,
      media: 4,
      'can-wall': 3,
      core: 2,
      spring: 0,
      caps: 0.5,
      'bypass-place': 0.5,
    },
    rules: { spring: eitherSpring, caps: eitherCaps },
    says: 'A filter is there to filter, and only a test can tell how well. The maker with a complete claim has shown more than a thick can shows.',
  },
  {
    id: 'fine',
    name: 'Fine capture',
    builtIn: true,
    weights: {
      media: 14,
      fine: 10,
      efficiency: 8,
      backing: 5,
      area: 3,
      'core-stiffness': 5,
      'glue-flood': 3,
      glue: 8,
      'claim-complete': 3,
    },
    rules: { core: cageCore },
    says: 'Small dirt wears bearings, so full synthetic media on a mesh wins, even with fewer pleats. Every way round the media is a leak, so glue and seals weigh heavily.',
  },
  {
    id: 'long',
    name: 'Long haul',
    builtIn: true,
    weights: {
      area: 16,
      capacity: 7,
      'claim-interval': 6,
      crowding: 6,
      spacing: 6,
      'adbv-material': 7,
      'gasket-material': 6,
      'oring-material': 6,
      media: 4,
    },
    rules: { media: { kind: 'answers', points: { cellulose: 4, blend: 9, synthetic: 9, glass: 9 } } },
    says: 'Long intervals need room for dirt: much media, well spread, and rubber that lasts. A blend with nearly twice the area beats fine media that is full too soon.',
  },
  {
    id: 'hard',
    name: 'Cold and hard duty',
    builtIn: true,
    weights: {
      'can-wall': 11,
      thread: 8,
      core: 7,
      'core-stiffness': 7,
      'bypass-build': 8,
      'bypass-seal': 4,
      spring: 4,
      'adbv-material': 8,
      'adbv-fit': 6,
      glue: 9,
      'gasket-hold': 4,
      caps: 4,
    },
    rules: {},
    says: 'Thick oil, pumps and boats work a filter at nearly full load, so strength and a bypass that shuts again decide. Steel, coils and spiral seams have their reasons here.',
  },
  {
    id: 'thrift',
    name: 'Thrift',
    builtIn: true,
    weights: {
      price: 34,
      'area-for-money': 10,
      spring: 0,
      caps: 0,
      'bypass-place': 0,
      maker: 0,
      print: 0,
      closure: 0,
      'can-wall': 4,
      'bypass-build': 2,
    },
    rules: {
      'adbv-material': nitrileIsEnough,
      spring: eitherSpring,
      caps: eitherCaps,
      'bypass-place': eitherBypassPlace,
    },
    says: 'Oil is changed long before a good filter is full, and the same build can be had for half. What passes without a fault and costs little wins; a few coins count on a fleet.',
  },
  {
    id: 'plain',
    name: 'No taste',
    builtIn: true,
    weights: { area: 10, glue: 8, 'glue-flood': 5 },
    rules: {
      spring: eitherSpring,
      caps: eitherCaps,
      'bypass-place': eitherBypassPlace,
      'bypass-build': { kind: 'answers', points: { coil: 9, combination: 9, leaf: 8 } },
      core: { kind: 'answers', points: { spiral: 9, cage: 9, perforated: 9, louvred: 8, none: 4 } },
      'adbv-material': nitrileIsEnough,
      backing: { kind: 'answers', points: { wire: 8, plastic: 8, none: 8 } },
    },
    says: 'Coil or leaf, steel or fibre, valve here or there: all have worked for years. Only care in the making counts: even glue and none astray, open holes, media well spread.',
  },
  {
    id: 'old',
    name: 'Old hand',
    builtIn: true,
    weights: {
      'pleat-count': 10,
      'whole-weight': 8,
      area: 0,
      own: 6,
      'can-wall': 8,
      caps: 4,
      spring: 4,
      'glue-flood': 0,
      glue: 8,
    },
    rules: {},
    says: 'Many pleats, a heavy filter, plenty of glue and a name that stands for the engine have never failed. If nothing else is known, take the one with more in it.',
  },
]

/**
 * A school that ships with the app.
 *
 * @example findSchool('thrift')?.name // => 'Thrift'
 */
export const findSchool = (id: string): School | undefined => schools.find((school) => school.id === id)

/** A question on which practitioners differ, and which schools take which side. Common practice, no published source. */
export interface Disagreement {
  question: string
  sides: { says: string; schools: string[] }[]
}

export const disagreements: readonly Disagreement[] = [
  {
    question: 'What stands for filtering?',
    sides: [
      { says: 'pleat count, if nothing else is known', schools: ['old'] },
      { says: 'unfolded area', schools: ['build', 'long', 'hard', 'plain', 'thrift'] },
      { says: 'the claimed efficiency', schools: ['paper', 'fine'] },
    ],
  },
  {
    question: 'Fine media or much media?',
    sides: [
      { says: 'full synthetic with mesh stops smaller dirt', schools: ['fine', 'build'] },
      { says: 'a blend with far more area lasts longer', schools: ['long'] },
    ],
  },
  {
    question: 'Retainer spring',
    sides: [
      { says: 'a coil keeps its force', schools: ['build', 'hard', 'old', 'long', 'fine'] },
      { says: 'a leaf does the same for less', schools: ['thrift', 'plain', 'paper'] },
    ],
  },
  {
    question: 'Bypass place',
    sides: [
      {
        says: 'thread end: settled dirt is not swept through',
        schools: ['build', 'hard', 'old', 'long', 'fine', 'paper'],
      },
      { says: 'either: the build matters more', schools: ['plain', 'thrift'] },
    ],
  },
  {
    question: 'End caps',
    sides: [
      { says: 'steel is rugged', schools: ['build', 'hard', 'old', 'long', 'fine'] },
      { says: 'fibre or none is glued just as well', schools: ['plain', 'thrift', 'paper'] },
    ],
  },
  {
    question: 'Core',
    sides: [
      { says: 'steel with a spiral seam', schools: ['build', 'hard', 'old', 'long', 'paper', 'thrift'] },
      { says: 'a nylon cage: far larger openings', schools: ['fine'] },
      { says: 'either', schools: ['plain'] },
    ],
  },
  {
    question: 'Anti-drain-back valve',
    sides: [
      { says: 'silicone always', schools: ['build', 'hard', 'long', 'old', 'fine', 'paper'] },
      { says: 'nitrile is enough at short intervals', schools: ['thrift', 'plain'] },
    ],
  },
  {
    question: 'Glue',
    sides: [
      { says: 'plenty', schools: ['old', 'hard'] },
      { says: 'clean: excess may travel', schools: ['plain', 'fine', 'build', 'long', 'paper', 'thrift'] },
    ],
  },
  {
    question: 'Weight',
    sides: [
      { says: 'a good sign of steel where it counts', schools: ['old'] },
      { says: 'says nothing about filtering', schools: ['build', 'paper', 'fine', 'long', 'hard', 'thrift', 'plain'] },
    ],
  },
  {
    question: "Engine maker's own filter",
    sides: [
      { says: 'the safest', schools: ['old'] },
      { says: 'look inside first', schools: ['build', 'paper', 'fine', 'long', 'hard', 'thrift', 'plain'] },
    ],
  },
  {
    question: 'Price',
    sides: [
      { says: 'the same build can be had for half', schools: ['thrift'] },
      {
        says: 'a few coins for the top tier are nothing on one change',
        schools: ['build', 'paper', 'fine', 'long', 'hard', 'old', 'plain'],
      },
    ],
  },
  {
    question: 'Service context',
    sides: [
      {
        says: 'a car cruises at a fifth of its power',
        schools: ['build', 'paper', 'fine', 'long', 'thrift', 'plain', 'old'],
      },
      { says: 'a pump or a boat works near its limit: buy for the duty', schools: ['hard'] },
    ],
  },
]
