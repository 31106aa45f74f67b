import { gammaln } from 'simple-statistics'
import { normalDensity, normalQuantile } from './normal.ts'

/**
 * Quantile of Student's t distribution: Hill's expansion, right to four digits at whole degrees of freedom and from
 * three up, and to two between one and two.
 *
 * Source: G. W. Hill, Algorithm 396, Communications of the ACM 13 (1970) 619-620, coefficients from memory; checked in
 * the tests against jstat and against the table of the GUM.
 *
 * @param share 0 to 1, both excluded
 * @param degreesOfFreedom from 1 up, fractions allowed; Infinity is the normal distribution
 * @throws RangeError outside
 * @example studentQuantile(0.975, 4) // => 2.7764
 */
export function studentQuantile(share: number, degreesOfFreedom: number): number {
  const n = degreesOfFreedom
  if (!(n >= 1)) throw new RangeError(`Student's t needs at least one degree of freedom, got ${n}`)
  if (n > 1e6) return normalQuantile(share)
  if (!(share > 0 && share < 1)) throw new RangeError(`A share lies between 0 and 1, got ${share}`)
  return share < 0.5 ? -upperQuantile(2 * share, n) : upperQuantile(2 * (1 - share), n)
}

/** Quantile that is exceeded, in size, by a share p. */
function upperQuantile(p: number, n: number): number {
  if (p >= 1) return 0
  if (n === 1) return 1 / Math.tan((p * Math.PI) / 2)
  if (n === 2) return Math.sqrt(2 / (p * (2 - p)) - 2)
  const a = 1 / (n - 0.5)
  const b = 48 / (a * a)
  let c = (((20700 * a) / b - 98) * a - 16) * a + 96.36
  const d = ((94.5 / (b + c) - 3) / b + 1) * Math.sqrt((a * Math.PI) / 2) * n
  let y = (d * p) ** (2 / n)
  if (y > 0.05 + a) {
    const x = normalQuantile(p / 2)
    y = x * x
    if (n < 5) c += 0.3 * (n - 4.5) * (x + 0.6)
    c += (((0.05 * d * x - 5) * x - 7) * x - 2) * x + b
    y = (((((0.4 * y + 6.3) * y + 36) * y + 94.5) / c - y - 3) / b + 1) * x
    y = Math.expm1(a * y * y)
  } else {
    y =
      ((1 / (((n + 6) / (n * y) - 0.089 * d - 0.822) * (n + 2) * 3) + 0.5 / (n + 4)) * y - 1) * ((n + 1) / (n + 2)) +
      1 / y
  }
  return Math.sqrt(n * y)
}

/**
 * Two-sided 95 % coverage factor of Student's t.
 *
 * Source: GUM (JCGM 100:2008), G.3 and table G.2.
 *
 * @param degreesOfFreedom from 1 up; fractions are not rounded
 * @throws RangeError below 1
 * @example studentT95(4) // => 2.7764
 */
export const studentT95 = (degreesOfFreedom: number): number => studentQuantile(0.975, degreesOfFreedom)

/**
 * Degrees of freedom at which Student's t covers 95 % within so many standard uncertainties.
 *
 * @param factor coverage factor
 * @returns from 1 to Infinity
 * @example Math.round(degreesOfFactor(2.7764)) // => 4
 */
export function degreesOfFactor(factor: number): number {
  if (factor <= studentT95(Infinity)) return Infinity
  let [low, high] = [1, 1e4]
  // Each turn halves the logarithm: after these it is known to eight digits.
  for (let turn = 0; turn < 30; turn++) {
    const middle = Math.sqrt(low * high)
    if (studentT95(middle) > factor) low = middle
    else high = middle
  }
  return high
}

/** From so many degrees of freedom on the density is that of the normal distribution to two digits. */
const manyDegrees = 60
/** By degrees of freedom: the density at nought; it is asked for again and again. */
const peaks = new Map<number, number>()

/**
 * Density of Student's t.
 *
 * Source: handbook; checked in the tests against jstat.
 *
 * @param t where
 * @param degreesOfFreedom from 1 up; fractions count as the whole number below
 * @example studentDensity(0, 4) // => 0.375
 */
export function studentDensity(t: number, degreesOfFreedom: number): number {
  if (degreesOfFreedom >= manyDegrees) return normalDensity(t, 0, 1)
  const v = Math.max(1, Math.floor(degreesOfFreedom))
  const peak = peaks.get(v) ?? Math.exp(gammaln((v + 1) / 2) - gammaln(v / 2)) / Math.sqrt(v * Math.PI)
  peaks.set(v, peak)
  return peak * (1 + t ** 2 / v) ** (-(v + 1) / 2)
}
