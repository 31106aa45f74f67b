import { median } from 'simple-statistics'
import type { Characteristic } from '#core/catalogue/index.ts'
import { occurrence } from './occurrence.ts'

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

/** An answer that fewer than one in so many filters have is seldom. Common practice, no published source. */
const seldom = 8

/**
 * What is remarkable about an answer beside the others: it is seldom. A fault that is there is said by itself.
 *
 * @param characteristic of the answer
 * @param mine the answer
 * @param library answers of other products, five at least
 * @returns undefined when it is like the others
 * @example
 * remarkOnAnswer(characteristicOf('adbv.material'), 'nitrile', Array(30).fill('silicone'))
 * // => 'Seldom: about one in 44 has this. Look again.'
 */
export function remarkOnAnswer(
  characteristic: Characteristic,
  mine: string,
  library: readonly string[],
): string | undefined {
  const share = occurrence(characteristic, mine, { answers: library, numbers: [] })
  if (library.length < 5 || characteristic.kind === 'fault' || share === undefined || share * seldom >= 1)
    return undefined
  return `Seldom: about one in ${Math.round(1 / share)} has this. Look again.`
}
