/** One line of the table: what was found, what must hold, and whether it does. */
export interface Finding {
  what: string
  found: string
  must: string
  holds: boolean
}

/** How much work is done: the whole proof, or a short form of it. */
export type Extent = 'whole' | 'short'

export const percent = (share: number): string => `${(100 * share).toFixed(1)} %`

/** Standard error of a share that was found in so many cases. */
export const shareError = (share: number, of: number): number => Math.sqrt((share * (1 - share)) / Math.max(1, of))

/**
 * Whether a share lies between bounds, as far as so many cases can tell: two standard errors are granted, since the
 * simulation is a sample itself. The error is that of a share at the bound: the one found says little of its own error
 * where nearly all of a few cases went one way.
 */
export const liesBetween = (share: number, of: number, least: number, most: number): boolean =>
  share >= least - 2 * shareError(least, of) && share <= most + 2 * shareError(most, of)

/** The same with a standard error of its own, of what was found. */
export const isWithin = (share: number, error: number, least: number, most: number): boolean =>
  share >= least - 2 * error && share <= most + 2 * error

/**
 * Standard error of a mean over markets: what lies within one market hangs together, by the spread of its units and the
 * instruments of its reviewer, and is no sample of its own.
 */
export function errorOfMean(perMarket: readonly number[]): number {
  const count = perMarket.length
  const mean = perMarket.reduce((sum, one) => sum + one, 0) / count
  const squares = perMarket.reduce((sum, one) => sum + (one - mean) ** 2, 0)
  return Math.sqrt(squares / Math.max(1, count - 1) / count)
}
