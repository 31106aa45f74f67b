import { studentT95 } from '#core/quantity/student.ts'
import { studentisedRange95 } from '#core/quantity/studentised-range.ts'

/** A number of a cell with its uncertainty: what it shares with others by the name of the source. */
export interface MeasuredValue {
  value: number
  /** Standard uncertainty. */
  u: number
  /** Effective degrees of freedom of u; absent when it is known well. */
  degrees?: number
  /** Signed contributions of instruments, by source: they add or cancel between cells that share them. */
  shared?: Readonly<Record<string, number>>
}

/**
 * Half width of the 95 % interval of a number: Student's t at its degrees of freedom.
 *
 * @example halfWidthOf({ value: 300, u: 1, degrees: 4 }) // => 2.7764
 */
export const halfWidthOf = ({ u, degrees = Infinity }: MeasuredValue): number => studentT95(Math.max(1, degrees)) * u

/**
 * Standard uncertainty of the difference of two numbers, and its degrees of freedom: what both owe to one instrument
 * cancels.
 *
 * Source: GUM, 5.2.2 for what is shared and G.4.1 for the degrees of freedom.
 *
 */
function differenceUncertainty(a: MeasuredValue, b: MeasuredValue): { u: number; degrees: number } {
  let square = a.u * a.u + b.u * b.u
  for (const source in a.shared) square -= 2 * (a.shared[source] ?? 0) * (b.shared?.[source] ?? 0)
  square = Math.max(0, square)
  const fourths = a.u ** 4 / (a.degrees ?? Infinity) + b.u ** 4 / (b.degrees ?? Infinity)
  return { u: Math.sqrt(square), degrees: fourths === 0 ? Infinity : Math.max(1, square ** 2 / fourths) }
}

/**
 * Difference of two numbers from which they count as different, when each of so many is compared with every other:
 * among equal ones any such difference shows up in one row of twenty at most.
 *
 * Source: Tukey and Kramer's honestly significant difference, conservative for unequal uncertainties (A. J. Hayter,
 * Annals of Statistics 12, 1984, from memory). For two it is Student's t.
 *
 * @param among so many numbers, from 2 up
 * @example leastDifference({ value: 300, u: 1 }, { value: 301, u: 1 }, 2) // => 2.772
 */
export function leastDifference(a: MeasuredValue, b: MeasuredValue, among: number): number {
  const { u, degrees } = differenceUncertainty(a, b)
  return u === 0 ? 0 : (studentisedRange95(among, degrees) / Math.SQRT2) * u
}

/**
 * Two numbers are tied when they differ by no more than {@link leastDifference}.
 *
 * @param among so many numbers; 2 when only these are compared
 * @example areTied({ value: 300, u: 1 }, { value: 302, u: 1 }) // => true
 */
export const areTied = (a: MeasuredValue, b: MeasuredValue, among = 2): boolean =>
  Math.abs(a.value - b.value) <= leastDifference(a, b, among) + 1e-12 * Math.abs(a.value)

/**
 * Whether any two numbers of a row differ. What certainly is within the doubt of two is passed over without working
 * out how much of it they share.
 *
 * @param numbers each of which is compared with every other
 * @example numbersDiffer([{ value: 300, u: 1 }, { value: 302, u: 1 }]) // => false
 */
export function numbersDiffer(numbers: readonly MeasuredValue[]): boolean {
  const among = numbers.length
  if (among < 2) return false
  const factor = studentisedRange95(among, Infinity) / Math.SQRT2
  // Of the uncertainty of two no more can cancel than the product of what each owes to instruments.
  const shares = numbers.map(({ shared }) => Math.hypot(...Object.values(shared ?? {})))
  const areNear = (a: number, b: number): boolean => {
    const [one, other] = [numbers[a], numbers[b]]
    if (!one || !other) return true
    const least = one.u * one.u + other.u * other.u - 2 * (shares[a] ?? 0) * (shares[b] ?? 0)
    return Math.abs(one.value - other.value) <= factor * Math.sqrt(Math.max(0, least))
  }
  return numbers.some((one, a) => numbers.some((other, b) => b > a && !areNear(a, b) && !areTied(one, other, among)))
}
