/**
 * Quantile of the standard normal distribution: Acklam's rational approximation, relative error below 1.2e-9.
 *
 * Source: P. J. Acklam's algorithm, coefficients from memory, checked in the tests against jstat's.
 *
 * @param share 0 to 1, both excluded
 * @throws RangeError outside
 * @example normalQuantile(0.975) // => 1.95996
 */
export function normalQuantile(share: number): number {
  if (!(share > 0 && share < 1)) throw new RangeError(`A share lies between 0 and 1, got ${share}`)
  const tail = 0.02425
  if (share < tail) return lower(Math.sqrt(-2 * Math.log(share)))
  if (share > 1 - tail) return -lower(Math.sqrt(-2 * Math.log(1 - share)))
  const q = share - 0.5
  const r = q * q
  return (
    ((((((a[0] * r + a[1]) * r + a[2]) * r + a[3]) * r + a[4]) * r + a[5]) * q) /
    (((((b[0] * r + b[1]) * r + b[2]) * r + b[3]) * r + b[4]) * r + 1)
  )
}

const a = [
  -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239,
] as const
const b = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572] as const
const c = [
  -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
  2.938163982698783,
] as const
const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416] as const

const lower = (q: number): number =>
  (((((c[0] * q + c[1]) * q + c[2]) * q + c[3]) * q + c[4]) * q + c[5]) /
  ((((d[0] * q + d[1]) * q + d[2]) * q + d[3]) * q + 1)

/**
 * Share of the standard normal distribution below a value: Chebyshev's fit of the complementary error function,
 * error below 1.2e-7.
 *
 * Source: Press and others, Numerical Recipes, erfcc, coefficients from memory; checked in the tests against mathjs.
 *
 * @example normalShare(1.96) // => 0.975
 */
export function normalShare(z: number): number {
  const x = Math.abs(z) / Math.SQRT2
  const t = 1 / (1 + x / 2)
  const tail =
    t *
    Math.exp(
      -x * x -
        1.26551223 +
        t *
          (1.00002368 +
            t *
              (0.37409196 +
                t *
                  (0.09678418 +
                    t *
                      (-0.18628806 +
                        t *
                          (0.27886807 + t * (-1.13520398 + t * (1.48851587 + t * (-0.82215223 + t * 0.17087277)))))))),
    )
  return z > 0 ? 1 - tail / 2 : tail / 2
}

const rootOfTwoPi = Math.sqrt(2 * Math.PI)

/**
 * Density of a normal distribution.
 *
 * Source: handbook; checked in the tests against jstat.
 *
 * @param at where
 * @param mean of the distribution
 * @param deviation above nought
 * @example normalDensity(0, 0, 1) // => 0.3989
 */
export const normalDensity = (at: number, mean: number, deviation: number): number =>
  Math.exp(-(((at - mean) / deviation) ** 2) / 2) / (deviation * rootOfTwoPi)
