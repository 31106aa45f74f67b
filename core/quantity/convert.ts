import { unitOf } from './units.ts'

/**
 * A number in a unit, as SI.
 *
 * @param number the figure as read
 * @param symbol a unit's symbol
 * @throws Error for an unknown symbol
 * @example toSI(20, 'thou') // => 0.000508
 */
export function toSI(number: number, symbol: string): number {
  const { factor, offset = 0 } = unitOf(symbol)
  return number * factor + offset
}

/**
 * A value in SI, as a number in a unit.
 *
 * @param si the value in the SI unit of the dimension
 * @param symbol a unit's symbol
 * @throws Error for an unknown symbol
 * @example fromSI(0.3, 'g') // => 300
 */
export function fromSI(si: number, symbol: string): number {
  const { factor, offset = 0 } = unitOf(symbol)
  return (si - offset) / factor
}

/**
 * A difference or an uncertainty in SI, as a number in a unit: like {@link fromSI} without the zero
 * point, so that a spread of 10 K is one of 18 °F.
 *
 * @example differenceFromSI(10, '°F') // => 18
 */
export const differenceFromSI = (si: number, symbol: string): number => si / unitOf(symbol).factor
