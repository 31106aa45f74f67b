/** Length of a day. */
export const millisecondsPerDay = 86_400_000

/**
 * Whole days from one moment to another, rounded down.
 *
 * @param from day or moment, ISO 8601
 * @param to day or moment, ISO 8601
 * @example daysBetween('2026-01-01', '2026-01-31') // => 30
 */
export const daysBetween = (from: string, to: string): number =>
  Math.floor((Date.parse(to) - Date.parse(from)) / millisecondsPerDay)
