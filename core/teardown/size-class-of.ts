import { sizeClasses, usualSizeClass, type FilterForm, type SizeClass } from '#core/catalogue/index.ts'
import { groupBy } from '#core/group-by.ts'
import type { ResolvedValues } from './resolve.ts'

/** A size, m, with the bounds of the classes: below the first a small engine, from the second up a large one. */
type Bounds = readonly [key: string, small: number, large: number]

/** Sizes that tell the class; the first group of which one is known decides. */
const sizes: Record<FilterForm, readonly (readonly Bounds[])[]> = {
  'spin-on': [
    [
      ['can.diameter', 0.063, 0.09],
      ['can.height', 0.055, 0.13],
    ],
    [
      ['element.od', 0.053, 0.078],
      ['element.height', 0.04, 0.1],
    ],
    [['media.length', 0.5, 2]],
  ],
  cartridge: [
    [
      ['element.od', 0, 0.08],
      ['element.height', 0, 0.135],
    ],
    [['media.length', 0, 2.5]],
  ],
}

/**
 * The size class of a filter: the one that was chosen for its engine, else what its first sizes say:
 * those of the can, where none is known those of the element, else the length of the strip.
 *
 * Source: estimates from memory; what people call a small or a large one differs.
 *
 * @param form of the filter
 * @param chosen for the engine; empty for none
 * @param known of it so far
 * @returns undefined while no size is known
 * @example sizeClassOf('spin-on', '', known({ 'can.diameter': '110 mm' })) // => 'large-diesel'
 */
export function sizeClassOf(form: FilterForm, chosen: SizeClass | '', known: ResolvedValues): SizeClass | undefined {
  if (sizeClasses.some(({ key, form: of }) => key === chosen && of === form)) return chosen || undefined
  const [first] = sizes[form].map((group) => sizesOf(group, known)).filter((group) => group.length > 0)
  if (!first) return undefined
  const beyond = first.find((size) => size !== 'usual')
  if (beyond === 'small') return 'small-engine'
  if (beyond === 'large') return form === 'spin-on' ? 'large-diesel' : 'large-cartridge'
  return usualSizeClass(form)
}

const sizesOf = (group: readonly Bounds[], known: ResolvedValues): ('small' | 'usual' | 'large')[] =>
  group.flatMap(([key, small, large]) => {
    const value = known.get(key)?.number?.value
    return value === undefined ? [] : [value < small ? 'small' : value >= large ? 'large' : 'usual']
  })

/**
 * The size class of the filters of one engine: the one that was chosen, else the one that most of them are of.
 *
 * @param form of the filters
 * @param chosen for the engine; empty for none
 * @param all what is known of each
 * @returns undefined while no size is known
 * @example sizeClassOfLineup('spin-on', '', [known({ 'can.height': '180 mm' })]) // => 'large-diesel'
 */
export function sizeClassOfLineup(
  form: FilterForm,
  chosen: SizeClass | '',
  all: readonly ResolvedValues[],
): SizeClass | undefined {
  const found = groupBy(
    all.flatMap((known) => sizeClassOf(form, chosen, known) ?? []),
    (one) => one,
  )
  return [...found].sort(([, a], [, b]) => b.length - a.length)[0]?.[0] ?? sizeClassOf(form, chosen, new Map())
}
