/**
 * A number that remembers what its uncertainty is made of.
 *
 * `budget` holds, for each independent source of uncertainty, its signed contribution `c·u` to the standard
 * uncertainty of the value: sensitivity coefficient times standard uncertainty. Arithmetic carries the
 * contributions along by the chain rule (forward automatic differentiation), so two results that share
 * a source stay correlated and a figure made of many readings needs no formula of its own for its
 * uncertainty.
 *
 * Source: law of propagation of uncertainty, JCGM 100:2008 (GUM), 5.1.2 and, for shared sources, 5.2.2.
 */
export interface Uncertain {
  readonly value: number
  readonly budget: ReadonlyMap<string, number>
}

const nothing: ReadonlyMap<string, number> = new Map()

/**
 * A number known exactly, such as a count or a constant.
 *
 * @example exactly(2).value // => 2
 */
export const exactly = (value: number): Uncertain => ({ value, budget: nothing })

/**
 * A number with one source of uncertainty.
 *
 * @param value in SI
 * @param u standard uncertainty, in the same unit
 * @param source name of the source; equal names are one source
 * @throws RangeError when u is negative or not finite
 * @example standardUncertainty(uncertain(1.2, 0.1, 'length')) // => 0.1
 */
export function uncertain(value: number, u: number, source: string): Uncertain {
  if (!(u >= 0) || !Number.isFinite(u))
    throw new RangeError(`Standard uncertainty must be a finite number from 0 up, got ${u}`)
  return u === 0 ? exactly(value) : { value, budget: new Map([[source, u]]) }
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

/** First-order image of two numbers: new value, and the partial derivatives with respect to each. */
function combine(value: number, a: Uncertain, da: number, b: Uncertain, db: number): Uncertain {
  if (a.budget.size === 0 && b.budget.size === 0) return exactly(value)
  const budget = new Map<string, number>()
  for (const [source, contribution] of a.budget) budget.set(source, contribution * da)
  for (const [source, contribution] of b.budget) budget.set(source, (budget.get(source) ?? 0) + contribution * db)
  return { value, budget }
}

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
export const scaled = (a: Uncertain, factor: number): Uncertain => combine(a.value * factor, a, factor, a, 0)

/**
 * A number raised to an exact power.
 *
 * @example power(exactly(3), 2).value // => 9
 */
export const power = (a: Uncertain, exponent: number): Uncertain =>
  combine(a.value ** exponent, a, exponent * a.value ** (exponent - 1), a, 0)

/**
 * Sum of any count of numbers.
 *
 * @example total([exactly(1), exactly(2), exactly(3)]).value // => 6
 */
export const total = (terms: readonly Uncertain[]): Uncertain => terms.reduce(plus, exactly(0))
