import { ok, problem, type Suggestion, type Result } from '#core/result.ts'
import { fromSI, toSI } from './convert.ts'
import { formatNumber } from './format.ts'
import type { Quantity } from './parse.ts'

export interface PlausibleBounds {
  /** Lowest and highest value that a filter of this kind is likely to have, in SI. */
  plausible: readonly [number, number]
  name: string
  /** Units in which the figure might have been read. */
  units: readonly string[]
}

/** How far beyond the plausible range a value may lie and still be taken on the user's word. */
const reach = 4

/**
 * Whether a quantity can be what the field asks for.
 *
 * Inside the plausible range it is taken. Outside, units in which the same number would be plausible
 * are offered; on the user's word (`insist`) it is taken as it stands, but never when it is negative,
 * zero where zero means nothing, or more than four times beyond the range. Limits: common practice, no
 * published source.
 *
 * @param quantity as parsed
 * @param bounds plausible range in SI, units to try
 * @param insist the user has been asked and says it is so
 * @example
 * checkPlausible({ si: 0.012446, number: 0.49, unit: 'in', unitAssumed: true },
 *   { plausible: [0.0002, 0.0015], name: 'Can wall', units: ['mm', 'in'] }, false)
 * // => { ok: false, … }
 */
export function checkPlausible(quantity: Quantity, bounds: PlausibleBounds, insist: boolean): Result<Quantity> {
  const [low, high] = bounds.plausible
  const { si, number, unit } = quantity
  if (si >= low && si <= high) return ok(quantity)

  const name = bounds.name.toLowerCase()
  const measuredFromZero = unit !== '°C' && unit !== '°F'
  if (measuredFromZero && number < 0) return problem('negative', `${bounds.name} cannot be below zero.`)
  if (measuredFromZero && number === 0)
    return problem('zero', `Zero is no ${name}. Leave it open if it cannot be measured.`)

  const said = `${formatNumber(number)} ${unit}`.trim()
  const usual = `${formatNumber(fromSI(low, unit), 3)} to ${formatNumber(fromSI(high, unit), 3)} ${unit}`.trim()
  const offers: Suggestion[] = bounds.units
    .filter((other) => other !== unit)
    .filter((other) => inside(toSI(number, other), low, high))
    .map((other) => ({ text: `${formatNumber(number)} ${other}`, label: `${formatNumber(number)} ${other}` }))

  const absurd = measuredFromZero
    ? si < low / reach || si > high * reach
    : si < low - (high - low) || si > high + (high - low)
  if (absurd) {
    const question = offers.length ? ` Did you read ${offers.map((offer) => offer.label).join(' or ')}?` : ''
    return problem('absurd', `${said} cannot be a ${name}: filters run from ${usual}.${question}`, offers)
  }
  if (insist) return ok(quantity)
  const question = offers.length
    ? `Is it ${offers.map((offer) => offer.label).join(' or ')}?`
    : 'Read it again, or keep it as it is.'
  return problem('implausible', `${said} is unusual for a ${name}: most run from ${usual}. ${question}`, offers)
}

const inside = (si: number, low: number, high: number): boolean => si >= low && si <= high
