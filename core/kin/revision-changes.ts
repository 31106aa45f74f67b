import { studentT95 } from '#core/quantity/student.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { BuildRecord, KinValue } from './build-record.ts'
import { formatKinValue } from './format-kin-value.ts'
import { kinFeatures } from './kin-features.ts'

/** Two sizes differ when they are further apart than their doubt, two answers when they are not the same. */
function differ(a: KinValue, b: KinValue, stepDoubt: number): boolean {
  if ('answer' in a || 'answer' in b) return !('answer' in a && 'answer' in b && a.answer === b.answer)
  const halfWidth = studentT95(Math.min(a.degrees, b.degrees)) * Math.hypot(a.u, b.u, stepDoubt)
  return Math.abs(a.number - b.number) > halfWidth
}

/**
 * What differs between two revisions of a product, from what was seen and measured of both: what the makers do not say.
 *
 * @param before the older revision
 * @param after the newer one
 * @param system of units
 * @returns a phrase each, in the order of the parts
 * @example revisionChanges(unrecorded('a'), unrecorded('b'), 'metric') // => []
 */
export function revisionChanges(before: BuildRecord, after: BuildRecord, system: UnitHabit): string[] {
  return kinFeatures.flatMap((feature, at) => {
    const [a, b] = [before.values[at], after.values[at]]
    if (!a || !b || !differ(a, b, feature.kind === 'step' ? Math.SQRT2 * feature.doubt * feature.of : 0)) return []
    const [from, to] = [formatKinValue(feature, a, system), formatKinValue(feature, b, system)]
    return from === to ? [] : [`${feature.label.toLowerCase()} ${lower(from)} → ${lower(to)}`]
  })
}

const lower = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1)
