import type { ValueFunction } from './criterion.ts'

/** A named set of weights and house rules. What it does not name it takes from the method. */
export interface School {
  id: string
  name: string
  /** What it holds, in two sentences with the reason. */
  description: string
  /** Weight by criterion. */
  weights: Readonly<Record<string, number>>
  /** House rules: points by criterion that differ from the method's. */
  valueFunctions: Readonly<Record<string, ValueFunction>>
  /** Least points by criterion: a filter that is known to have fewer is unfit, and not low. */
  mustHaves?: Readonly<Record<string, number>>
  /** True for those that ship with the app: they are copied, not changed. */
  builtIn: boolean
}

const eitherSpring: ValueFunction = { kind: 'answers', points: { coil: 10, combination: 10, leaf: 10, none: 0 } }
const eitherBypassPlace: ValueFunction = { kind: 'answers', points: { thread: 10, dome: 10, none: 10 } }
const eitherCaps: ValueFunction = { kind: 'answers', points: { steel: 10, moulded: 10, fibre: 10, none: 10 } }
const nitrileIsEnough: ValueFunction = { kind: 'answers', points: { silicone: 10, nitrile: 9, other: 0 } }
const cageCore: ValueFunction = { kind: 'answers', points: { cage: 10, perforated: 5, louvred: 2, none: 0 } }

/** The schools that ship with the app. Common practice, no published source. */
export const schools: readonly [School, ...School[]] = [
  {
    id: 'build',
    name: 'Build first',
    builtIn: true,
    weights: {},
    valueFunctions: {},
    description:
      'What can be measured and seen on the bench decides: can, thread, glue, valves, media. Claims and price ' +
      'come afterwards, for nobody here has tested them.',
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
    valueFunctions: { spring: eitherSpring, caps: eitherCaps },
    description:
      'A filter is there to filter, and only a test can tell how well. The maker with a complete claim has shown ' +
      'more than a thick can shows.',
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
    valueFunctions: { core: cageCore },
    description:
      'Small dirt wears bearings, so full synthetic media on a mesh wins, even with fewer pleats. Every way ' +
      'round the media is a leak, so glue and seals weigh heavily.',
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
      band: 2,
      'adbv-material': 7,
      'gasket-material': 6,
      'oring-material': 6,
      media: 4,
    },
    valueFunctions: { media: { kind: 'answers', points: { cellulose: 0, blend: 10, synthetic: 9, glass: 9 } } },
    description:
      'Long intervals need room for dirt: much media, well spread, and rubber that lasts. A blend with nearly ' +
      'twice the area beats fine media that is full too soon.',
  },
  {
    id: 'hard',
    name: 'Cold and hard duty',
    builtIn: true,
    weights: {
      'can-wall': 11,
      thread: 8,
      band: 2,
      core: 5,
      'core-seam': 2,
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
    valueFunctions: {},
    description:
      'Thick oil, pumps and boats work a filter at nearly full load, so strength and a bypass that shuts again ' +
      'decide. Steel, coils and spiral seams have their reasons here.',
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
    valueFunctions: {
      'adbv-material': nitrileIsEnough,
      spring: eitherSpring,
      caps: eitherCaps,
      'bypass-place': eitherBypassPlace,
    },
    description:
      'Oil is changed long before a good filter is full, and the same build can be had for half. What passes ' +
      'without a fault and costs little wins; a few coins count on a fleet.',
  },
  {
    id: 'plain',
    name: 'Neutral',
    builtIn: true,
    weights: {
      'pleat-count': 0,
      area: 0,
      efficiency: 0,
      fine: 0,
      media: 0,
      backing: 0,
      spring: 0,
      'bypass-place': 0,
      'bypass-build': 0,
      caps: 0,
      core: 0,
      'core-seam': 0,
      'adbv-material': 0,
      'glue-flood': 0,
      'whole-weight': 0,
      own: 0,
      price: 0,
      'area-for-money': 0,
      'claim-interval': 0,
      capacity: 0,
      print: 0,
      maker: 0,
    },
    valueFunctions: {},
    description:
      'Coil or leaf, steel or fibre, more paper or finer paper: on these good people differ, so none of it counts ' +
      'here. What nobody disputes is judged: no fault, tight glue, open holes, sound walls and seals.',
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
    valueFunctions: {},
    description:
      'Many pleats, a heavy filter, plenty of glue and a name that stands for the engine have never failed. If ' +
      'nothing else is known, take the one with more in it.',
  },
]

/**
 * A school that ships with the app.
 *
 * @example findSchool('thrift')?.name // => 'Thrift'
 */
export const findSchool = (id: string): School | undefined => schools.find((school) => school.id === id)

/**
 * A school that ships with the app.
 *
 * @throws Error when there is none: a fault of the program
 * @example shippedSchool('thrift').name // => 'Thrift'
 */
export function shippedSchool(id: string): School {
  const school = findSchool(id)
  if (!school) throw new Error(`There is no school "${id}"`)
  return school
}
