import { median } from 'simple-statistics'

export interface NamedValue {
  name: string
  value: number
}

/**
 * What is remarkable about a value beside the others: a record, unusual by robust spread, or the same as
 * a rival's. The first that holds is said.
 *
 * Unusual: modified z-score above 3.5, from five others up; Iglewicz and Hoaglin, 1993. A record needs
 * five others as well. The same: within a thousandth.
 *
 * @param mine SI
 * @param rivals of the same application
 * @param library values of all other specimens there are
 * @returns undefined when it is like the others
 * @example remarkOnValue(0.0007, [], [0.0004, 0.0005, 0.0005, 0.00045, 0.0004])
 * // => 'The highest in the whole library.'
 */
export function remarkOnValue(
  mine: number,
  rivals: readonly NamedValue[],
  library: readonly number[],
): string | undefined {
  if (library.length >= 5) {
    const middle = median(library)
    const deviation = median(library.map((value) => Math.abs(value - middle)))
    const far = deviation > 0 && Math.abs((0.6745 * (mine - middle)) / deviation) > 3.5
    const side = mine > Math.max(...library) ? 'highest' : mine < Math.min(...library) ? 'lowest' : undefined
    if (side)
      return far ? `The ${side} in the whole library by far: read it again.` : `The ${side} in the whole library.`
    if (far) return 'Unusual beside the whole library: read it again.'
  }
  const same = rivals.filter(({ value }) => Math.abs(value - mine) <= 0.001 * Math.abs(mine))
  if (same.length === 0 || same.length > 2) return undefined
  return `The same as ${same.map(({ name }) => name).join(' and ')}.`
}
