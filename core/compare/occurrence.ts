import { kernelDensityEstimation } from 'simple-statistics'
import { optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import { narrowestKernel, silvermanWidth } from '#core/quantity/kernel.ts'
import { normalDensity } from '#core/quantity/normal.ts'

/** What is known of one characteristic over a library, one value a product. */
export interface LibraryOccurrences {
  answers: readonly string[]
  /** SI, counts or grades. */
  numbers: readonly number[]
}

/** An answer with how often it is stated to be given. */
export interface StatedAnswer {
  answer: string
  /** Of all answers; they come to one. */
  share: number
}

/** So many filters the stated expectation counts for beside those that are known. Common practice, no source. */
export const statedFilters = 3

/** How often a fault is found. Common practice, no published source: one in thirty is slight, one in 200 serious. */
export const faultShares: Readonly<Record<string, number>> = { none: 0.962, slight: 0.033, serious: 0.005 }

/**
 * How many filters speak for an answer: those in which it was found, and its share of the stated ones.
 *
 * Source: posterior of a Dirichlet prior on the shares; Gelman and others, Bayesian Data Analysis, from memory.
 *
 * @param stated answer with its share
 * @param known answers that were given
 * @example filtersFor({ answer: 'silicone', share: 0.5 }, ['silicone', 'nitrile']) // => 2.5
 */
export const filtersFor = ({ answer, share }: StatedAnswer, known: readonly string[]): number =>
  statedFilters * share + known.filter((one) => one === answer).length

/**
 * How usual a value is stated to be before anything is known: answers and grades are as likely, faults are seldom,
 * counts are even over what is plausible, sizes are normal around what is typical.
 *
 * @param characteristic of the value
 * @param value an answer, or a number in SI
 * @returns a share, or a density per SI unit; undefined for what has neither, as words and holes
 * @example statedOccurrence(characteristicOf('core.seam'), 'spiral') // => 0.3333
 */
export function statedOccurrence(characteristic: Characteristic, value: string | number): number | undefined {
  if (typeof value === 'string') {
    const options = optionsOf(characteristic)
    if (!options.some((option) => option.value === value)) return undefined
    return characteristic.kind === 'fault' ? (faultShares[value] ?? 0) : 1 / options.length
  }
  switch (characteristic.kind) {
    case 'grade':
      return 1 / characteristic.anchors.length
    case 'count': {
      const [low, high] = characteristic.plausible
      return 1 / ((high - low) / characteristic.step + 1)
    }
    case 'quantity': {
      const [low, high] = characteristic.typical
      return normalDensity(value, (low + high) / 2, (high - low) / 2)
    }
    default:
      return undefined
  }
}

/**
 * How usual a value is: the frequency of an answer, a count or a grade, or the density of a size, from what the library
 * holds and the stated expectation, which counts for three filters. The ratio of two such numbers says how much more
 * likely a value is among one kind of filters than among another. Sizes of the library are smoothed by normal kernels.
 *
 * @param characteristic of the value
 * @param value an answer, or a number in SI
 * @param library what it holds, one value a product
 * @returns frequency 0 to 1, or density per SI unit; undefined for what has neither, as words and holes
 * @example
 * occurrence(characteristicOf('adbv.material'), 'silicone', { answers: ['silicone', 'nitrile'], numbers: [] })
 * // => 0.4
 */
export function occurrence(
  characteristic: Characteristic,
  value: string | number,
  { answers, numbers }: LibraryOccurrences,
): number | undefined {
  const stated = statedOccurrence(characteristic, value)
  if (stated === undefined) return undefined
  if (typeof value === 'string')
    return filtersFor({ answer: value, share: stated }, answers) / (statedFilters + answers.length)
  const like =
    characteristic.kind === 'quantity'
      ? numbers.length * smoothed(numbers, value)
      : numbers.filter((one) => one === value).length
  return (statedFilters * stated + like) / (statedFilters + numbers.length)
}

function smoothed(numbers: readonly number[], at: number): number {
  if (numbers.length === 0) return 0
  const width = Math.max(silvermanWidth(numbers), narrowestKernel * Math.abs(at))
  return width === 0 ? 0 : kernelDensityEstimation([...numbers], 'gaussian', width)(at)
}
