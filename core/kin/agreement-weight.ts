import type { Characteristic } from '#core/catalogue/index.ts'
import { normalShare } from '#core/quantity/normal.ts'
import { studentDensity, studentQuantile } from '#core/quantity/student.ts'
import type { KinValue } from './build-record.ts'
import type { KinFeature } from './kin-features.ts'

/** No single look proves more than this, for or against. A convention, no source. */
const mostOfOne = 200
/** Chance that a reading is a slip and says nothing. A convention, no source. */
const slip = 0.01
/** Two sizes of one part lie further apart than this in one pair of a thousand. */
const apart = 0.9995

/** Student's t at whole degrees of freedom: it is asked for in every pair. */
const limits = new Map<number, number>()

function limitAt(degrees: number): number {
  const whole = Math.min(200, Math.max(1, Math.floor(degrees)))
  const known = limits.get(whole)
  if (known !== undefined) return known
  const limit = studentQuantile(apart, whole)
  limits.set(whole, limit)
  return limit
}

/**
 * How many times likelier two values are when the part is the same than when the two filters have nothing to do with
 * each other. An answer is mistaken now and then; a size differs by its doubt and from unit to unit.
 *
 * Source: agreement weight of Fellegi and Sunter, A Theory for Record Linkage, 1969, with frequencies of the value
 * itself (Newcombe); from memory.
 *
 * @param feature in which both are known
 * @param a of the one filter
 * @param b of the other
 * @param common how common it is: a share, or a density per SI unit
 * @returns at least 1/200, at most 200
 * @example
 * agreementWeight(kinFeatures.find(({ key }) => key === 'core.seam'), { answer: 'spiral', specimen: 'a' },
 *   { answer: 'spiral', specimen: 'b' }, 0.5) // => 1.984
 */
export function agreementWeight(feature: KinFeature, a: KinValue, b: KinValue, common: number): number {
  if (common <= 0) return 1
  return Math.min(mostOfOne, Math.max(1 / mostOfOne, weigh(feature, a, b, common)))
}

function weigh({ kind, of, doubt }: KinFeature, a: KinValue, b: KinValue, common: number): number {
  if ('answer' in a || 'answer' in b) {
    const same = 'answer' in a && 'answer' in b && a.answer === b.answer
    return same ? (1 - doubt) ** 2 / common : ((1 - doubt) * doubt * 2) / ((of - 1) * common)
  }
  const distance = a.number - b.number
  if (kind === 'size') {
    const u = Math.hypot(a.u, b.u)
    const density = studentDensity(distance / u, Math.min(a.degrees, b.degrees)) / u
    return ((1 - slip) * density + slip * common) / common
  }
  const u = Math.hypot(a.u, b.u, Math.SQRT2 * doubt * of)
  const share = normalShare((distance + of / 2) / u) - normalShare((distance - of / 2) / u)
  return ((1 - slip) * share + slip * common) / common
}

/** A part is weighed with what clings to it, glue or gasket: a weight speaks against, and rules nothing out. */
const isWeight = (characteristic: Characteristic): boolean =>
  characteristic.kind === 'quantity' && characteristic.dimension === 'mass'

/**
 * Whether two sizes or counts lie further apart than the same part lets them: by Student's t, as one pair of a thousand
 * of the same part does.
 *
 * @example
 * isRuledOut(kinFeatures.find(({ key }) => key === 'can.height'),
 *   { number: 0.08, u: 0.0002, degrees: 50, specimen: 'a' }, { number: 0.09, u: 0.0002, degrees: 50, specimen: 'b' })
 * // => true
 */
export function isRuledOut({ kind, of, doubt, characteristic }: KinFeature, a: KinValue, b: KinValue): boolean {
  if ('answer' in a || 'answer' in b || characteristic.kind === 'grade' || isWeight(characteristic)) return false
  const u = Math.hypot(a.u, b.u, kind === 'step' ? Math.SQRT2 * doubt * of : 0)
  return Math.abs(a.number - b.number) > limitAt(Math.min(a.degrees, b.degrees)) * u
}
