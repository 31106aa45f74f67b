import type { Characteristic } from './characteristic.ts'
import type { FilterForm } from './filter-form.ts'
import { classRanges, type Range } from './size-ranges.ts'

/** Filters of one size, which are compared with each other and with no others. */
export const sizeClasses = [
  { key: 'small-engine', form: 'spin-on', label: 'Small engine', description: 'Motorcycles, mowers, small tractors.' },
  { key: 'car', form: 'spin-on', label: 'Car', description: 'Cars and light vans.' },
  { key: 'large-diesel', form: 'spin-on', label: 'Large diesel', description: 'Lorries, farm and plant engines.' },
  { key: 'small-cartridge', form: 'cartridge', label: 'Small cartridge', description: 'Cars and light vans.' },
  {
    key: 'large-cartridge',
    form: 'cartridge',
    label: 'Large cartridge',
    description: 'Lorries, farm and plant engines.',
  },
] as const satisfies readonly { key: string; form: FilterForm; label: string; description: string }[]

export type SizeClass = (typeof sizeClasses)[number]['key']

/**
 * What a size class is called.
 *
 * @example sizeClassLabel('large-diesel') // => 'Large diesel'
 */
export const sizeClassLabel = (key: SizeClass): string => sizeClasses.find((one) => one.key === key)?.label ?? key

/**
 * The form of the filters of a size class.
 *
 * @example formOfSizeClass('large-cartridge') // => 'cartridge'
 */
export const formOfSizeClass = (key: SizeClass): FilterForm =>
  sizeClasses.find((one) => one.key === key)?.form ?? 'spin-on'

/**
 * The class whose sizes the catalogue states: cars.
 *
 * @example usualSizeClass('cartridge') // => 'small-cartridge'
 */
export const usualSizeClass = (form: FilterForm): SizeClass => (form === 'spin-on' ? 'car' : 'small-cartridge')

/**
 * Where most of a class lie in a characteristic or figure, where that differs from the usual class.
 *
 * @param attribute its key
 * @param sizeClass of the filter
 * @returns SI; undefined where the class is as the usual one
 * @example classRange('media.length', 'large-diesel') // => [1.8, 3.5]
 */
export const classRange = (attribute: string, sizeClass: SizeClass): Range | undefined =>
  classRanges[sizeClass]?.[attribute]

/** Keys of what differs between the classes, each once. */
export const sizedAttributes: readonly string[] = [
  ...new Set(sizeClasses.flatMap(({ key }) => Object.keys(classRanges[key] ?? {}))),
]

/** So far below and above what is typical of its class a value is still likely enough not to be asked about. */
const [farBelow, farAbove] = [0.6, 1.5]

/**
 * A characteristic with the ranges of a size class. While the class is not known, whatever one of them has is
 * plausible.
 *
 * @param characteristic from the catalogue
 * @param sizeClass of the filter; undefined where its first sizes are not taken
 * @example sized(characteristicOf('media.length'), 'large-diesel') // => { typical: [1.8, 3.5], … }
 */
export function sized<One extends Characteristic>(characteristic: One, sizeClass: SizeClass | undefined): One {
  if (characteristic.kind !== 'quantity' && characteristic.kind !== 'count') return characteristic
  const { key, forms, plausible, typical } = characteristic
  const classes = sizeClasses.filter((one) => forms.includes(one.form) && (!sizeClass || one.key === sizeClass))
  const ranges = classes.flatMap((one) => (classRange(key, one.key) ? [classRange(key, one.key) ?? typical] : []))
  if (ranges.length === 0) return characteristic
  return {
    ...characteristic,
    plausible: [
      Math.min(plausible[0], ...ranges.map(([low]) => farBelow * low)),
      Math.max(plausible[1], ...ranges.map(([, high]) => farAbove * high)),
    ],
    typical: sizeClass ? (ranges[0] ?? typical) : typical,
  }
}
