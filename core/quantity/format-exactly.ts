import { toSI } from './convert.ts'
import { siSymbolOf, unitOf } from './units.ts'

/** A double has at most this many significant digits. */
const mostDigits = 17

/**
 * A value in SI as text that is read back as the very same value: in that of the units in which it takes fewest
 * digits, since it was most likely typed in that one; in the SI unit where none of them does it.
 *
 * Unlike a figure for the screen it is never rounded and never grouped, so that a form that is opened and saved
 * changes nothing.
 *
 * @param si value in the SI unit of the dimension
 * @param symbols units to write it in, the preferred first
 * @throws Error for an unknown symbol
 * @example formatExactly(0.00000254, ['mm', 'in']) // => '0.0001 in'
 */
export function formatExactly(si: number, symbols: readonly [string, ...string[]]): string {
  const texts = symbols.flatMap((symbol) => {
    const number = decimalFor(si, symbol)
    return number === undefined ? [] : [{ number, text: `${number} ${symbol}`.trim() }]
  })
  const [shortest] = texts.sort((a, b) => a.number.length - b.number.length)
  return shortest?.text ?? `${plainDecimal(si)} ${siSymbolOf(unitOf(symbols[0]).dimension)}`
}

/** The shortest decimal number in a unit that is exactly the value. */
function decimalFor(si: number, symbol: string): string | undefined {
  const { factor, offset = 0 } = unitOf(symbol)
  const near = (si - offset) / factor
  for (let digits = 1; digits <= mostDigits; digits++) {
    const number = Number(near.toPrecision(digits))
    if (toSI(number, symbol) === si) return plainDecimal(number)
  }
  return undefined
}

/** A number without an exponent. */
function plainDecimal(number: number): string {
  const text = String(number)
  const [, sign = '', whole = '', fraction = '', exponent] = /^(-?)(\d+)(?:\.(\d+))?(?:e([+-]\d+))?$/.exec(text) ?? []
  if (exponent === undefined) return text
  const digits = whole + fraction
  const point = whole.length + Number(exponent)
  if (point <= 0) return `${sign}0.${'0'.repeat(-point)}${digits}`
  return `${sign}${digits.padEnd(point, '0')}`
}
