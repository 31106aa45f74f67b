import { ok, problem, type Result, type Suggestion } from '#core/result.ts'
import { readCoarse, type SaidBounds } from './coarse.ts'
import { fromSI } from './convert.ts'
import { formatList } from './format-list.ts'
import { formatNumber } from './format.ts'
import { clip, withoutNoise } from './number.ts'
import { amountInSI } from './said-amount.ts'
import { units as allUnits, type Dimension } from './units.ts'

/** An amount with the half-width that was said, or that its words imply. */
export interface CoarseQuantity {
  /** SI, or a count. */
  value: number
  /** Half the width of what it may be, even chances; SI. */
  half: number
  /** Symbol of the unit it was read in; empty for a count. */
  unit: string
  /** Where the unit comes from. */
  unitFrom: 'said' | 'field' | 'range'
  how: SaidBounds['how']
}

export interface CoarseField {
  dimension: Dimension | undefined
  /** Units in which it is usually read; the first is that of the field. */
  units: readonly string[]
  /** SI. */
  plausible: readonly [number, number]
  typical: readonly [number, number]
  name: string
  /** What is counted, where it is a count. */
  nouns?: string[]
}

/**
 * Reads an amount as people say it, for a field: with the unit that was said, else with that of the field when it fits,
 * else with the only one that does; what was left open on one side is closed by what is usual.
 *
 * @param text as typed
 * @param field what is asked for
 * @returns the middle with its half-width, or a problem with offers when no unit fits, or two do
 * @example
 * parseCoarse('48 and a quarter', { dimension: 'length', units: ['mm', 'in'], plausible: [0.4, 5],
 *   typical: [0.8, 1.5], name: 'Media length' })
 * // => { ok: true, value: { value: 1.22555, half: 0.003175, unit: 'in', unitFrom: 'range', how: 'plain' } }
 */
export function parseCoarse(text: string, field: CoarseField): Result<CoarseQuantity> {
  if (text.length > 120) return problem('too-long', 'That is too long for an amount. Put remarks into the note.')
  const said = readCoarse(text, field.dimension, field.nouns)
  if (!said) {
    const dictated = dictatedThousandths(text, field)
    return dictated.length > 0
      ? problem('which-unit', `"${clip(text.trim())}": thousandths of an inch?`, dictated)
      : problem('not-an-amount', unreadable(text))
  }
  if (field.dimension === undefined)
    return ok({ ...closed(said, '', field), unit: '', unitFrom: 'said', how: said.how })
  if (said.unit !== undefined) return inUnit(said, said.unit, field)
  const own = field.units[0] ?? ''
  if (fits(said, own, field)) return ok({ ...closed(said, own, field), unit: own, unitFrom: 'field', how: said.how })
  const fitting = field.units.filter((unit) => fits(said, unit, field))
  const usual = fitting.filter((unit) => fits(said, unit, { ...field, plausible: field.typical }))
  const [only, other] = usual.length > 0 ? usual : fitting
  if (only !== undefined && other === undefined)
    return ok({ ...closed(said, only, field), unit: only, unitFrom: 'range', how: said.how })
  return askForUnit(text, said, fitting, field)
}

const unreadable = (text: string): string =>
  `"${clip(text.trim())}" is no amount I can read. Try 0.49, 56 1/4, about 300, 4 to 5, just under 3.`

function inUnit(said: SaidBounds, unit: string, field: CoarseField): Result<CoarseQuantity> {
  try {
    return ok({ ...closed(said, unit, field), unit: unit === 'gauge' ? 'in' : unit, unitFrom: 'said', how: said.how })
  } catch (error) {
    if (error instanceof RangeError) return problem('gauge', error.message)
    throw error
  }
}

/** Middle and half-width in SI; a side that was left open ends where the usual range does, or a little beyond. */
function closed(
  { low, high, how }: SaidBounds,
  unit: string,
  { typical, plausible }: CoarseField,
): Pick<CoarseQuantity, 'value' | 'half'> {
  const si = (number: number): number => (unit === '' ? number : amountInSI(number, unit))
  const ends = [
    low === undefined ? Math.max(plausible[0], Math.min(typical[0], 0.85 * si(high ?? 0))) : si(low),
    high === undefined ? Math.max(typical[1], 1.15 * si(low ?? 0)) : si(high),
  ]
  // Whole things end at a whole number, also where only the usual says where.
  const isOpenCount = unit === '' && (low === undefined || high === undefined)
  const [from, to] = [Math.min(...ends), Math.max(...ends)].map((end) => (isOpenCount ? Math.round(end) : end)) as [
    number,
    number,
  ]
  const middle = how === 'bounds' || low === undefined || high === undefined ? (from + to) / 2 : si((low + high) / 2)
  return { value: withoutNoise(middle), half: withoutNoise((to - from) / 2) }
}

function fits(said: SaidBounds, unit: string, { plausible: [least, most] }: CoarseField): boolean {
  const ends = [said.low, said.high].filter((end) => end !== undefined).map((end) => amountInSI(end, unit))
  const middle = ends.reduce((sum, end) => sum + end, 0) / ends.length
  return middle >= least && middle <= most
}

/** A dictated number ends in three noughts where thousandths were meant. */
function dictatedThousandths(text: string, field: CoarseField): Suggestion[] {
  const [, number] = /^\s*(\d{2,3}),?000\b/.exec(text) ?? []
  if (number === undefined || field.dimension !== 'length') return []
  const isLikely = fits({ low: Number(number), high: Number(number), unit: 'thou', how: 'plain' }, 'thou', field)
  return isLikely ? [{ text: `${number} thou`, label: `${number} thousandths of an inch` }] : []
}

/** Two units fit, or none of the usual ones: those that would are offered. */
function askForUnit(text: string, said: SaidBounds, fitting: readonly string[], field: CoarseField) {
  const { name, dimension, plausible, units } = field
  const others = allUnits.filter((unit) => unit.dimension === dimension && unit.offset === undefined)
  const offered = (fitting.length > 0 ? [...fitting] : others.map(({ symbol }) => symbol)).filter((unit) =>
    fits(said, unit, field),
  )
  const suggestions: Suggestion[] = [
    ...dictatedThousandths(text, field),
    ...offered.map((unit) => ({ text: `${text.trim()} ${unit}`, label: `${text.trim()} ${unit}` })),
  ]
  const [from, to] = plausible.map((end) => formatNumber(fromSI(end, units[0] ?? ''), 3))
  const usual = `filters run from ${from} to ${to} ${units[0] ?? ''}`.trim()
  if (suggestions.length === 0)
    return problem('absurd', `"${clip(text.trim())}" cannot be a ${name.toLowerCase()}: ${usual}.`)
  const question = `In which unit? ${formatList(
    suggestions.map(({ label }) => label),
    'disjunction',
  )}?`
  return problem('which-unit', `"${clip(text.trim())}": ${usual}. ${question}`, suggestions)
}

/**
 * A coarse amount said back before it is taken, so that it reads the same again.
 *
 * @param quantity to be said
 * @param unit to say it in; empty for a count
 * @example formatCoarse({ value: 0.000508, half: 0.000127, how: 'about' }, 'mm') // => '0.51 mm, give or take 0.13'
 * @example formatCoarse({ value: 0.1143, half: 0.0127, how: 'bounds' }, 'in') // => '4 to 5 in'
 */
export function formatCoarse(
  { value, half, how }: Pick<CoarseQuantity, 'value' | 'half' | 'how'>,
  unit: string,
): string {
  const inUnits = (si: number): number => (unit === '' ? si : fromSI(si, unit))
  const width = Math.abs(inUnits(value + half) - inUnits(value))
  const decimals = width > 0 ? Math.min(6, Math.max(0, 1 - Math.floor(Math.log10(width)))) : 2
  const written = (number: number): string => formatNumber(Number(number.toFixed(decimals)))
  if (how === 'bounds') return `${written(inUnits(value - half))} to ${written(inUnits(value + half))} ${unit}`.trim()
  return `${`${written(inUnits(value))} ${unit}`.trim()}, give or take ${written(width)}`
}
