import type { UnitSystem } from './units.ts'

/** Units that each kind can be read in: that of the metric system first, that of the imperial one second. */
export const unitChoices = {
  small: ['mm', 'in', 'thou'],
  long: ['mm', 'in', 'cm'],
  weight: ['g', 'oz'],
  pressure: ['kPa', 'psi', 'bar'],
  distance: ['km', 'mi'],
} as const

/** What somebody reads in a unit of their own: thou and grams, or bar and inches. */
export type UnitKind = keyof typeof unitChoices

/** The kinds, in the order in which they are asked for. */
export const unitKinds: readonly { key: UnitKind; label: string }[] = [
  { key: 'small', label: 'Small lengths' },
  { key: 'long', label: 'Long lengths' },
  { key: 'weight', label: 'Weights' },
  { key: 'pressure', label: 'Pressures' },
  { key: 'distance', label: 'Distances' },
]

/** A unit for each kind; the system for all that is none of them: areas, volumes, temperatures. */
export type UnitsByKind = { readonly [Kind in UnitKind]: (typeof unitChoices)[Kind][number] } & {
  readonly rest: UnitSystem
}

/** Units as somebody thinks in them: those of a system, or one by kind. */
export type UnitHabit = UnitSystem | UnitsByKind

/**
 * The system that a habit has where nothing else is said.
 *
 * @example systemOf('imperial') // => 'imperial'
 */
export const systemOf = (habit: UnitHabit): UnitSystem => (typeof habit === 'string' ? habit : habit.rest)

/**
 * The unit of a kind in a habit.
 *
 * @example unitOfKind('imperial', 'distance') // => 'mi'
 */
export const unitOfKind = <Kind extends UnitKind>(habit: UnitHabit, kind: Kind): UnitsByKind[Kind] =>
  unitsByKind(habit)[kind]

const metric: UnitsByKind = { small: 'mm', long: 'mm', weight: 'g', pressure: 'kPa', distance: 'km', rest: 'metric' }
const imperial: UnitsByKind = {
  small: 'in',
  long: 'in',
  weight: 'oz',
  pressure: 'psi',
  distance: 'mi',
  rest: 'imperial',
}

/**
 * A habit unit by unit.
 *
 * @example unitsByKind('metric').small // => 'mm'
 */
export const unitsByKind = (habit: UnitHabit): UnitsByKind =>
  typeof habit === 'string' ? { metric, imperial }[habit] : habit
