import { median, medianAbsoluteDeviation, sampleStandardDeviation } from 'simple-statistics'
import { studentT95 } from './student.ts'

/**
 * Type A standard uncertainty of a mean of few repeats: s / √n, widened by Student's t over 1.96 so
 * that twice of it still covers 95 % (GUM 4.2.3 and G.3.2).
 *
 * @returns 0 for a single value: its uncertainty is the instrument's alone
 * @example typeAUncertainty([1, 2, 3]) // => 1.268
 */
export const typeAUncertainty = (values: readonly number[]): number =>
  values.length < 2
    ? 0
    : (studentT95(values.length - 1) / 1.96) * (sampleStandardDeviation(values) / Math.sqrt(values.length))

/**
 * Type B standard uncertainty of an instrument: resolution and accuracy as rectangular distributions,
 * half widths `resolution / 2` and `accuracy` (GUM 4.3.7, F.2.2.1).
 *
 * @example typeBUncertainty({ resolution: 0.00001, accuracy: 0.00003 }) // => 0.00001756
 */
export const typeBUncertainty = ({ resolution, accuracy }: { resolution: number; accuracy: number }): number =>
  Math.hypot(resolution / 2 / Math.sqrt(3), accuracy / Math.sqrt(3))

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
 * By how much one more repeat would narrow the uncertainty of a mean, if the spread stays as it is.
 *
 * Type A shrinks with the number of repeats and with Student's t, type B stays: once the instrument is the
 * larger part, repeats are work for nothing.
 *
 * @param values repeats so far, from two up
 * @param other standard uncertainty that repeats do not touch
 * @returns share of the uncertainty that would go, 0 to 1; 0 for fewer than two values
 * @example reductionByAnotherRepeat([0.49, 0.51], 0.001) // => 0.72
 */
export function reductionByAnotherRepeat(values: readonly number[], other: number): number {
  if (values.length < 2) return 0
  const now = Math.hypot(typeAUncertainty(values), other)
  if (now === 0) return 0
  const next = (studentT95(values.length) / 1.96) * (sampleStandardDeviation(values) / Math.sqrt(values.length + 1))
  return 1 - Math.hypot(next, other) / now
}
