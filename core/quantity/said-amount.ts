import { toSI } from './convert.ts'
import { parseNumber } from './number.ts'
import { gaugeThickness } from './sheet-gauge.ts'
import { findUnit, type Dimension } from './units.ts'

/** A number as it was said, with the unit where one was. */
export interface SaidAmount {
  number: number
  /** The smallest step of what was said: the last decimal, one, or the part of a fraction. */
  step: number
  /** Digits that say something: those of 300 are one, of 2.40 three. */
  significant: number
  isFraction: boolean
  /** Symbol, `gauge` for a number of the sheet gauge; undefined where none was said. */
  unit: string | undefined
}

/** Words beside an amount that say what was measured and not how much. */
const asides = new RegExp(
  `\\b(?:${[
    'thick|long|wide|tall|high|deep|across|around|even|exactly|flat|dead|total|overall|each|all told|altogether',
    'in all|of media|or thereabouts|on the scale|on the dot|on the nose|pressure|shipped|rubber',
  ].join('|')})\\b`,
  'g',
)

const numberThenUnit = /^([+-]?(?:[\d.,/\s’'-]*[\d.]))\s*(.*)$/

/**
 * Reads a number with its unit, of whatever is said around it only what names no other amount.
 *
 * @param text with its numbers in digits, in small letters
 * @param dimension that is asked for
 * @param nouns what is counted, where it is a count
 * @returns undefined when there is no number, more than one, or a unit of something else
 * @example
 * readAmount('27 thou thick', 'length')
 * // => { number: 27, step: 1, significant: 2, isFraction: false, unit: 'thou' }
 */
export function readAmount(
  text: string,
  dimension: Dimension | undefined,
  nouns: string[] = [],
): SaidAmount | undefined {
  const said = text
    .replace(/^an? (?=\d)/, '')
    .replace(/\bwith (?:its|the|a) [a-z]+/g, ' ')
    .replace(asides, ' ')
    .replace(/-(?=degree)/, ' ')
    .replace(/,(?=\s|$)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
  const [, figure, tail = ''] = numberThenUnit.exec(said) ?? []
  if (figure === undefined) return undefined
  const dictated = /^(\d+),?000\s*(?:ths|thousandths)$/.exec(said)
  if (dictated?.[1] !== undefined) return { ...measure(dictated[1]), unit: 'thou' }
  const number = parseNumber(figure)
  const unit = unitOf(tail, dimension, nouns)
  if (!number.ok || unit === undefined) return undefined
  return { ...measure(figure), number: number.value, unit: unit === '' ? undefined : unit }
}

/** Symbol of the unit that is spelt behind a number; empty where none is, undefined where it is none. */
function unitOf(tail: string, dimension: Dimension | undefined, nouns: readonly string[]): string | undefined {
  if (tail === '' || nouns.includes(tail) || nouns.includes(tail.replace(/s$/, ''))) return ''
  if (dimension === undefined) return undefined
  if (dimension === 'temperature' && /^(?:degrees?|deg\.?|°)$/.test(tail)) return ''
  if (dimension === 'length') {
    if (/^(?:gauge|ga\.?|gage)$/.test(tail)) return 'gauge'
    if (/^(?:ths|thousandths of an inch)$/.test(tail)) return 'thou'
    if (/^(?:of a )?(?:metric mils?|mils?,? metric|mils?,? \(?metric\)?)$/.test(tail)) return 'mm'
  }
  const found = findUnit(tail.replace(/^of an? /, ''), dimension)
  return found?.dimension === dimension ? found.symbol : undefined
}

/** How finely a figure was said. */
function measure(figure: string): Omit<SaidAmount, 'unit'> {
  const said = figure
    .trim()
    .replace(/^[+-]/, '')
    .replace(/[’'\s](?=\d{3}\b)/g, '')
  const fraction = /(\d+)\s*\/\s*(\d+)$/.exec(said)
  if (fraction)
    return { number: Number.NaN, step: 1 / Math.max(1, Number(fraction[2])), significant: 3, isFraction: true }
  const [whole = '', decimals = ''] = said.replace(',', '.').split('.')
  const digits = `${whole}${decimals}`.replace(/^0+/, '')
  const significant = decimals === '' ? digits.replace(/0+$/, '').length : digits.length
  return {
    number: Number(said.replace(',', '.')),
    step: 10 ** -decimals.length,
    significant: Math.max(1, significant),
    isFraction: false,
  }
}

/**
 * An amount in SI.
 *
 * @param amount a number of a unit, or of the sheet gauge
 * @throws RangeError for a gauge that is not in the table
 * @example amountInSI(0.02, 'in') // => 0.000508
 */
export const amountInSI = (number: number, unit: string): number =>
  unit === 'gauge' ? thicknessBetweenGauges(number) : toSI(number, unit)

/** Between two numbers of the gauge the thickness is as far between theirs. */
function thicknessBetweenGauges(number: number): number {
  const below = Math.floor(number)
  const share = number - below
  return share === 0 ? gaugeThickness(below) : (1 - share) * gaugeThickness(below) + share * gaugeThickness(below + 1)
}
