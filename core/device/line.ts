import { toSI } from '#core/quantity/convert.ts'
import { findUnit, type Dimension } from '#core/quantity/units.ts'

export interface DeviceLine {
  /** SI. */
  value: number
  /** Dimension of its unit. */
  dimension: Dimension
  /** What the device says of itself, when it says it. */
  stable?: boolean
}

/**
 * Reads one line that a scale or caliper sends: an optional status word, a signed number, an optional unit.
 *
 * Status words of bench scales: ST or S stable, US, SD or a question mark not. Everything else before the
 * number is left aside. Common practice, no published source.
 *
 * @param line as received, without its end
 * @param usual dimension and unit of the device, for a line that names none
 * @returns undefined for a line with no number in it, such as an overload message, or in a unit that is none here
 * @example parseDeviceLine('ST,GS,+  302.4 g', { dimension: 'mass', unit: 'g' })
 * // => { value: 0.3024, dimension: 'mass', stable: true }
 */
export function parseDeviceLine(line: string, usual: { dimension: Dimension; unit: string }): DeviceLine | undefined {
  const found = /([-+]?)\s*(\d+(?:[.,]\d+)?|[.,]\d+)\s*([A-Za-z"]*)\s*(\??)\s*$/.exec(line.trim())
  if (!found) return undefined
  const [, sign, digits = '', symbol, unsettled] = found
  const unit = findUnit(symbol || usual.unit, usual.dimension)
  if (!unit) return undefined
  const number = Number(digits.replace(',', '.')) * (sign === '-' ? -1 : 1)
  const status = /^\s*(ST|S|US|SD|U)\b/i.exec(line)?.[1]?.toUpperCase()
  const stable =
    unsettled === '?' || status === 'US' || status === 'SD' || status === 'U'
      ? false
      : status === 'ST' || status === 'S'
        ? true
        : undefined
  return { value: toSI(number, unit.symbol), dimension: unit.dimension, ...(stable !== undefined && { stable }) }
}
