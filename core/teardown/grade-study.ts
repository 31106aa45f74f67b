import { duplicateDeviation } from '#core/quantity/gauge-study.ts'

/** A grade that was given, and given again without seeing the first. */
export interface GradePair {
  first: number
  again: number
}

/** Fewer pairs say nothing of an eye. */
export const fewestGradePairs = 5

/**
 * By how much one's own grades scatter from one look to the next, in steps; what is known from fewer than five pairs
 * counts as nothing.
 *
 * Source: Dahlberg's standard deviation from duplicates, from memory; the least number is common practice, no published
 * source.
 *
 * @param pairs of all studies
 * @example
 * gradeDeviation([[3, 3], [2, 3], [4, 4], [1, 0], [2, 2]].map(([first, again]) => ({ first, again }))) // => 0.447
 */
export const gradeDeviation = (pairs: readonly GradePair[]): number =>
  pairs.length < fewestGradePairs ? 0 : duplicateDeviation(pairs.map(({ first, again }) => [first, again]))
