import {
  classRange,
  findCharacteristic,
  formOfSizeClass,
  usualSizeClass,
  type FilterForm,
  type SizeClass,
} from '#core/catalogue/index.ts'
import type { Breakpoint, Criterion } from './criterion.ts'

/**
 * A criterion with the breakpoints of a size class. They are those of the usual class, moved and stretched as the range
 * in which most of the class lie is to the range in which most of the usual class lie. What has no range of its own in
 * the class keeps them.
 *
 * Source: convention of this method.
 *
 * @param criterion with the rule in force
 * @param sizeClass of the filters; undefined for the usual one
 * @example sizedCriterion(shippedCriterion('area'), undefined) // => { key: 'area', … }
 */
export function sizedCriterion(criterion: Criterion, sizeClass: SizeClass | undefined): Criterion {
  const { attribute, valueFunction } = criterion
  if (!sizeClass || valueFunction.kind !== 'scale') return criterion
  const to = classRange(attribute, sizeClass)
  const from = usualRange(attribute, formOfSizeClass(sizeClass))
  if (!to || !from || to === from) return criterion
  const stretch = (to[1] - to[0]) / (from[1] - from[0])
  const moved = ([at, points]: Breakpoint): Breakpoint => [to[0] + (at - from[0]) * stretch, points]
  const [first, ...others] = valueFunction.points
  return { ...criterion, valueFunction: { kind: 'scale', points: [moved(first), ...others.map(moved)] } }
}

/** Where most of the usual class lie. */
function usualRange(attribute: string, form: FilterForm): readonly [number, number] | undefined {
  const characteristic = findCharacteristic(attribute)
  return characteristic && 'typical' in characteristic
    ? characteristic.typical
    : classRange(attribute, usualSizeClass(form))
}
