import { normalDensity, normalShare } from './normal.ts'
import { studentT95 } from './student.ts'

/** Points and weights of Gauss and Legendre's rule between -1 and 1: Newton's method on the polynomial. */
function gaussLegendre(count: number): { at: number; weight: number }[] {
  return Array.from({ length: count }, (_, index) => {
    let at = Math.cos((Math.PI * (index + 0.75)) / (count + 0.5))
    for (let turn = 0; ; turn++) {
      let [one, other] = [1, 0]
      for (let order = 1; order <= count; order++)
        [one, other] = [((2 * order - 1) * at * one - (order - 1) * other) / order, one]
      const slope = (count * (at * one - other)) / (at * at - 1)
      const step = one / slope
      at -= step
      if (Math.abs(step) < 1e-14 || turn > 50) return { at, weight: 2 / ((1 - at * at) * slope * slope) }
    }
  })
}

const inner = gaussLegendre(48)
const outer = gaussLegendre(24)

const density = (z: number): number => normalDensity(z, 0, 1)

/** Share of ranges of so many standard normal values that lie below a width. */
function rangeShare(width: number, count: number): number {
  const half = 8
  let sum = 0
  for (const { at, weight } of inner) {
    const z = half * at
    sum += weight * density(z) * (normalShare(z) - normalShare(z - width)) ** (count - 1)
  }
  return Math.min(1, count * half * sum)
}

/** Share of studentised ranges below q: the range over an estimate of the deviation of its own. */
function studentisedShare(q: number, count: number, degrees: number): number {
  if (!Number.isFinite(degrees)) return rangeShare(q, count)
  // The deviation is chi over the root of its degrees: nearly all of it lies within five of its own deviations.
  const reach = 5 / Math.sqrt(2 * degrees)
  const [low, high] = [Math.max(1e-3, 1 - reach), 1 + reach]
  let [sum, mass] = [0, 0]
  for (const { at, weight } of outer) {
    const s = (low + high) / 2 + ((high - low) / 2) * at
    const own = (weight * Math.exp(degrees * (Math.log(s) - (s * s - 1) / 2))) / s
    sum += own * rangeShare(q * s, count)
    mass += own
  }
  return sum / mass
}

/** Degrees of freedom for which the quantile is worked out; others take the next below. */
const ladder = [2, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 17, 20, 25, 30, 40, 60, 120, Infinity]
/** By count, then by rung. */
const kept = new Map<number, Map<number, number>>()

/**
 * The range that so many equal means exceed in one case of twenty, in units of their standard uncertainty: Tukey's
 * q at 5 %.
 *
 * Source: J. W. Tukey, The problem of multiple comparisons, 1953; values as in the usual tables, checked in the tests
 * against jstat. Degrees of freedom are rounded down to the next that are worked out.
 *
 * @param count means that are compared, from 2 up
 * @param degrees of freedom of the uncertainty, from 2 up; fewer count as 2
 * @throws RangeError for fewer than two means
 * @example studentisedRange95(3, 10) // => 3.877
 */
export function studentisedRange95(count: number, degrees: number): number {
  if (!(count >= 2)) throw new RangeError(`Two means are compared at least, got ${count}`)
  const rung = ladder.findLast((one) => one <= degrees) ?? 2
  // The range of two is their difference: Student's t.
  if (count === 2) return Math.SQRT2 * studentT95(rung)
  const own = kept.get(count) ?? new Map<number, number>()
  kept.set(count, own)
  const found = own.get(rung)
  if (found !== undefined) return found
  let [low, high] = [0.5, 60]
  for (let turn = 0; turn < 30; turn++) {
    const middle = (low + high) / 2
    if (studentisedShare(middle, count, rung) < 0.95) low = middle
    else high = middle
  }
  own.set(rung, high)
  return high
}
