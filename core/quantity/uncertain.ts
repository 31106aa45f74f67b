import { studentT95 } from './student.ts'

/**
 * A number that remembers what its uncertainty is made of.
 *
 * `budget` holds, for each independent source of uncertainty, its signed contribution `c·u` to the standard
 * uncertainty of the value: sensitivity coefficient times standard uncertainty. Arithmetic carries the
 * contributions along by the chain rule (forward automatic differentiation), so two results that share
 * a source stay correlated and a figure made of many readings needs no formula of its own for its
 * uncertainty.
 *
 * `degrees` holds the degrees of freedom of those sources whose size is itself an estimate.
 *
 * Source: law of propagation of uncertainty, JCGM 100:2008 (GUM), 5.1.2 and, for shared sources, 5.2.2.
 */
export interface Uncertain {
  readonly value: number
  readonly budget: ReadonlyMap<string, number>
  readonly degrees: ReadonlyMap<string, number>
}

const nothing: ReadonlyMap<string, number> = new Map()

/**
 * A number known exactly, such as a count or a constant.
 *
 * @example exactly(2).value // => 2
 */
export const exactly = (value: number): Uncertain => ({ value, budget: nothing, degrees: nothing })

/**
 * A number with one source of uncertainty.
 *
 * @param value in SI
 * @param u standard uncertainty, in the same unit
 * @param source name of the source; equal names are one source
 * @param degrees of freedom of u, where it is an estimate from few values
 * @throws RangeError when u is negative or not finite
 * @example standardUncertainty(uncertain(1.2, 0.1, 'length')) // => 0.1
 */
export function uncertain(value: number, u: number, source: string, degrees = Infinity): Uncertain {
  if (!(u >= 0) || !Number.isFinite(u))
    throw new RangeError(`Standard uncertainty must be a finite number from 0 up, got ${u}`)
  if (u === 0) return exactly(value)
  return {
    value,
    budget: new Map([[source, u]]),
    degrees: Number.isFinite(degrees) ? new Map([[source, degrees]]) : nothing,
  }
}

/**
 * Combined standard uncertainty: root sum of squares of the contributions (GUM, equation 10).
 *
 * @example standardUncertainty(plus(uncertain(1, 3, 'a'), uncertain(1, 4, 'b'))) // => 5
 */
export function standardUncertainty({ budget }: Uncertain): number {
  let squares = 0
  for (const contribution of budget.values()) squares += contribution * contribution
  return Math.sqrt(squares)
}

/**
 * Degrees of freedom of the combined uncertainty: Welch and Satterthwaite's formula.
 *
 * Source: GUM, G.4.1, equation G.2b.
 *
 * @returns Infinity when every source is known well
 * @example effectiveDegrees(plus(uncertain(1, 3, 'a', 8), uncertain(1, 4, 'b'))) // => 61.7
 */
export function effectiveDegrees({ budget, degrees }: Pick<Uncertain, 'budget' | 'degrees'>): number {
  let squares = 0
  let fourths = 0
  for (const [source, contribution] of budget) {
    const square = contribution * contribution
    squares += square
    const own = degrees.get(source)
    if (own !== undefined) fourths += (square * square) / own
  }
  return fourths === 0 ? Infinity : (squares * squares) / fourths
}

/** End of the name of a source that is a rounding: as likely anywhere within its limits, and never beyond. */
export const roundingSource = '#rounding'

/**
 * Half width of the interval that covers the value in 95 % of cases: Student's t at the effective degrees of freedom,
 * or 95 % of the limits where nothing but one rounding is in doubt.
 *
 * Source: GUM, G.4.1, and 4.3.7 for the rectangle.
 *
 * @example expandedUncertainty(uncertain(1, 1, 'a')) // => 1.95996
 */
export function expandedUncertainty(number: Uncertain): number {
  const [source] = number.budget.keys()
  if (source === undefined) return 0
  const u = standardUncertainty(number)
  if (number.budget.size === 1 && source.endsWith(roundingSource)) return 0.95 * Math.sqrt(3) * u
  return studentT95(Math.max(1, effectiveDegrees(number))) * u
}

/** First-order image of one number: new value, and the derivative with respect to it. */
function image(value: number, of: Uncertain, derivative: number): Uncertain {
  if (of.budget.size === 0) return exactly(value)
  if (derivative === 1) return { ...of, value }
  const budget = new Map<string, number>()
  for (const [source, contribution] of of.budget) budget.set(source, contribution * derivative)
  return { value, budget, degrees: of.degrees }
}

/** First-order image of two numbers: new value, and the partial derivatives with respect to each. */
function combine(value: number, a: Uncertain, da: number, b: Uncertain, db: number): Uncertain {
  if (b.budget.size === 0) return image(value, a, da)
  if (a.budget.size === 0) return image(value, b, db)
  const budget = new Map<string, number>()
  for (const [source, contribution] of a.budget) budget.set(source, contribution * da)
  for (const [source, contribution] of b.budget) budget.set(source, (budget.get(source) ?? 0) + contribution * db)
  return { value, budget, degrees: joined(a.degrees, b.degrees) }
}

const joined = (a: ReadonlyMap<string, number>, b: ReadonlyMap<string, number>): ReadonlyMap<string, number> =>
  b.size === 0 || a === b ? a : a.size === 0 ? b : new Map([...a, ...b])

/** Sum of two numbers. @example plus(exactly(1), exactly(2)).value // => 3 */
export const plus = (a: Uncertain, b: Uncertain): Uncertain => combine(a.value + b.value, a, 1, b, 1)

/** Difference of two numbers. @example minus(exactly(3), exactly(2)).value // => 1 */
export const minus = (a: Uncertain, b: Uncertain): Uncertain => combine(a.value - b.value, a, 1, b, -1)

/** Product of two numbers. @example times(exactly(3), exactly(2)).value // => 6 */
export const times = (a: Uncertain, b: Uncertain): Uncertain => combine(a.value * b.value, a, b.value, b, a.value)

/**
 * Quotient of two numbers.
 *
 * @throws RangeError when the divisor is zero
 * @example over(exactly(3), exactly(2)).value // => 1.5
 */
export function over(a: Uncertain, b: Uncertain): Uncertain {
  if (b.value === 0) throw new RangeError('Division by zero')
  const value = a.value / b.value
  return combine(value, a, 1 / b.value, b, -value / b.value)
}

/**
 * A number multiplied by an exact one.
 *
 * @example scaled(exactly(3), 2).value // => 6
 */
export const scaled = (a: Uncertain, factor: number): Uncertain => image(a.value * factor, a, factor)

/**
 * A number raised to an exact power.
 *
 * @example power(exactly(3), 2).value // => 9
 */
export const power = (a: Uncertain, exponent: number): Uncertain =>
  image(a.value ** exponent, a, exponent * a.value ** (exponent - 1))

/**
 * Sum of any count of numbers.
 *
 * @example total([exactly(1), exactly(2), exactly(3)]).value // => 6
 */
export const total = (terms: readonly Uncertain[]): Uncertain => terms.reduce(plus, exactly(0))
