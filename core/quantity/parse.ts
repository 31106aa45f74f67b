import { ok, problem, type Result } from '#core/result.ts'
import { toSI } from './convert.ts'
import { formatList } from './format-list.ts'
import { clip, parseNumber } from './number.ts'
import { findUnit, formatDimension, unitOf, type Dimension } from './units.ts'

export interface Quantity {
  /** In the SI unit of the dimension. */
  si: number
  /** The number as read, in `unit`. */
  number: number
  /** Symbol of the unit it was read in. */
  unit: string
  /** True when no unit was typed and the one beside the field was taken. */
  unitAssumed: boolean
}

export interface ExpectedQuantity {
  dimension: Dimension
  /** Unit shown beside the field: what a bare number is in. */
  unit: string
  /** What the field is called, for messages. */
  name: string
  /** Units worth naming in a message. */
  units: readonly string[]
}

const numberThenUnit = /^([+\-−]?(?:[\d.,/\s’'¼½¾⅐-⅞+-]*[\d.¼½¾⅐-⅞]))\s*(.*)$/u

/**
 * Reads a quantity in shop notation: a number (decimal, comma, fraction) and, if it was said, a unit.
 *
 * "mil" is refused with a question, since it means a thousandth of an inch in one country and a
 * millimetre in another. A unit of another kind is refused by name.
 *
 * @param text what was typed, at most 60 characters
 * @param expected dimension, default unit and name of the field
 * @returns the quantity in SI with the unit it was read in, or a problem in the user's words
 * @example parseQuantity('56-1/4"', { dimension: 'length', unit: 'mm', name: 'Media length', units: ['mm', 'in'] })
 * // => { ok: true, value: { si: 1.42875, number: 56.25, unit: 'in', unitAssumed: false } }
 */
export function parseQuantity(text: string, expected: ExpectedQuantity): Result<Quantity> {
  const said = text.trim()
  if (said === '') return problem('empty', `Type the ${expected.name.toLowerCase()} first.`)
  if (said.length > 60) return problem('too-long', 'That is too long for a number. Put remarks into the note.')

  const split = numberThenUnit.exec(said)
  if (!split) return problem('not-a-number', `"${clip(said)}" is not a number I can read. Try 0.49, 56 1/4 or 5-1/8.`)
  const [, figure = '', tail = ''] = split

  if (/^mils?\.?$/i.test(tail)) {
    return problem(
      'ambiguous-unit',
      `"mil" is a thousandth of an inch to some and a millimetre to others. Is this ${figure.trim()} thou or ` +
        `${figure.trim()} millimetres?`,
      [
        { text: `${figure.trim()} thou`, label: `${figure.trim()} thou` },
        { text: `${figure.trim()} mm`, label: `${figure.trim()} mm` },
      ],
    )
  }

  const unit = tail === '' ? unitOf(expected.unit) : findUnit(tail, expected.dimension)
  if (!unit)
    return problem('unknown-unit', `I do not know the unit "${clip(tail, 20)}". Try ${formatList(expected.units)}.`)
  if (unit.dimension !== expected.dimension) {
    return problem(
      'wrong-kind',
      `${unit.symbol || tail} is ${formatDimension(unit.dimension)}; ${expected.name.toLowerCase()} is ` +
        `${formatDimension(expected.dimension)}. Try ${formatList(expected.units)}.`,
    )
  }

  const number = parseNumber(figure)
  if (!number.ok) {
    const { code, message, suggestions } = number.problem
    return problem(
      code,
      message,
      suggestions?.map((offer) => ({
        text: `${offer.text} ${unit.symbol}`.trim(),
        label: `${offer.label} ${unit.symbol}`.trim(),
      })),
    )
  }
  return ok({ si: toSI(number.value, unit.symbol), number: number.value, unit: unit.symbol, unitAssumed: tail === '' })
}
