import { median, medianAbsoluteDeviation, sampleVariance } from 'simple-statistics'
import { studentT95 } from './student.ts'

/** What is known of the scatter of single readings before any is repeated: a standard deviation and its weight. */
export interface RepeatPrior {
  /** Standard deviation of a reading from one honest try to the next, SI: handling and resolution together. */
  deviation: number
  /** Degrees of freedom that it counts for. */
  degrees: number
}

/** A standard uncertainty with its degrees of freedom. */
export interface PooledUncertainty {
  u: number
  degrees: number
}

/**
 * Standard uncertainty of a mean of few repeats: their variance pooled with what is known of such readings, so that
 * a second reading narrows the first and three that agree by luck are not taken for exact.
 *
 * s² = (ν0 s0² + (n − 1) s²) / (ν0 + n − 1): the posterior mean scale of an inverse-gamma prior on the variance.
 * Source: Gelman and others, Bayesian Data Analysis, conjugate analysis of a normal variance, from memory; pooled
 * variance, GUM 4.2.4.
 *
 * @param values repeats, from one up
 * @param prior scatter of single readings
 * @example pooledUncertainty([0.49, 0.5], { deviation: 0.01, degrees: 8 }).u // => 0.00687
 */
export function pooledUncertainty(values: readonly number[], prior: RepeatPrior): PooledUncertainty {
  const own = values.length - 1
  const degrees = prior.degrees + own
  const squares = prior.degrees * prior.deviation ** 2 + (own > 0 ? own * sampleVariance([...values]) : 0)
  return { u: Math.sqrt(squares / degrees / values.length), degrees }
}

/** Standard uncertainty of a limit: half the width of a rectangle over √3 (GUM 4.3.7). */
export const rectangular = (halfWidth: number): number => halfWidth / Math.sqrt(3)

/**
 * Which of a few repeats stand apart: modified z-score over 3.5, from four values up.
 *
 * Source: Iglewicz and Hoaglin, How to Detect and Handle Outliers, 1993; 0.6745 (x - median) / MAD.
 * They are flagged, never dropped.
 *
 * @returns indices of the outliers
 * @example outlierIndices([0.49, 0.5, 0.49, 0.5, 0.81]) // => [4]
 */
export function outlierIndices(values: readonly number[]): number[] {
  if (values.length < 4) return []
  const middle = median([...values])
  const deviation = medianAbsoluteDeviation([...values])
  if (deviation === 0) return values.flatMap((value, index) => (value === middle ? [] : [index]))
  return values.flatMap((value, index) => (Math.abs((0.6745 * (value - middle)) / deviation) > 3.5 ? [index] : []))
}

/**
 * By how much one more repeat would narrow the interval of a mean, if the spread stays as it is.
 *
 * The scatter shrinks with the number of repeats and with Student's t, what the instrument is off by stays: once that
 * is the larger part, repeats are work for nothing.
 *
 * @param values repeats so far
 * @param prior scatter of single readings
 * @param other standard uncertainty that repeats do not touch
 * @returns share of the interval that would go, 0 to 1
 * @example reductionByAnotherRepeat([0.49, 0.51], { deviation: 0.01, degrees: 8 }, 0.001) // => 0.1936
 */
export function reductionByAnotherRepeat(values: readonly number[], prior: RepeatPrior, other: number): number {
  const { u, degrees } = pooledUncertainty(values, prior)
  const deviation = u * Math.sqrt(values.length)
  const width = (scatter: number, at: number) => {
    const combined = Math.hypot(scatter, other)
    return combined === 0 ? 0 : studentT95((at * combined ** 4) / scatter ** 4) * combined
  }
  const now = width(u, degrees)
  return now === 0 ? 0 : 1 - width(deviation / Math.sqrt(values.length + 1), degrees + 1) / now
}
