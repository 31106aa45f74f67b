import {
  catalogueFor,
  characteristicOf,
  sized,
  weighedIn,
  type FilterForm,
  type SizeClass,
} from '#core/catalogue/index.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { notApplicableReason } from './recording-plan.ts'
import type { ResolvedValues } from './resolve.ts'
import { sizeClassOf } from './size-class-of.ts'

export interface WeightsSoFar {
  /** kg; absent until the whole filter has been weighed. */
  whole?: number
  parts: { key: string; weight: number }[]
  /** Parts still to weigh. */
  open: string[]
  sum: number
  state: 'to weigh' | 'in hand' | 'sound' | 'unweighed' | 'impossible'
  /** The state in the user's words. */
  message: string
}

/** Weight that may stay unaccounted for: paint, oil film, crumbs. Common practice, no published source: a few grams. */
export const unaccountedWeightTolerance = 0.004

/**
 * Running sum of the parts against the whole.
 *
 * Sound, when all parts are weighed and at most 4 g are left; unweighed, when more is left than those that are open
 * usually weigh;
 * impossible, when the parts weigh more than the whole by over 1 g.
 *
 * @example weightsSoFar('spin-on', new Map()).state // => 'to weigh'
 */
export function weightsSoFar(form: FilterForm, known: ResolvedValues): WeightsSoFar {
  const within = weighedAlong(known)
  const asked = catalogueFor(form).filter(
    (c) =>
      c.key.endsWith('.weight') &&
      c.key !== 'whole.weight' &&
      c.key !== 'media.weight' &&
      !within.has(c.key) &&
      !notApplicableReason(c, known),
  )
  const parts = asked.flatMap(({ key }) => {
    const weight = known.get(key)?.number?.value
    return weight === undefined ? [] : [{ key, weight }]
  })
  const open = asked.filter(({ key }) => !known.has(key)).map(({ key }) => key)
  const sum = parts.reduce((total, { weight }) => total + weight, 0)
  const whole = known.get('whole.weight')?.number?.value
  if (whole === undefined)
    return { parts, open, sum, state: 'to weigh', message: 'The whole filter has not been weighed.' }

  const left = whole - sum
  const grams = formatQuantity(Math.abs(left), 'g')
  const judged = (state: WeightsSoFar['state'], message: string): WeightsSoFar => ({
    whole,
    parts,
    open,
    sum,
    state,
    message,
  })
  if (left < -0.001) return judged('impossible', `Impossible: the parts weigh ${grams} more than the whole.`)
  if (open.length > 0) {
    const most = usualWeight(open, sizeClassOf(form, '', known))
    const still = `${grams} still to weigh of ${formatQuantity(whole, 'g')}`
    return left > most + unaccountedWeightTolerance
      ? judged(
          'unweighed',
          `${still}: more than the ${formatQuantity(most, 'g', 0)} that ${named(open)} weigh at most.`,
        )
      : judged('in hand', `${still}.`)
  }
  return left > unaccountedWeightTolerance
    ? judged('unweighed', `${grams} are in none of the parts: ${whatIsAmiss(form, known, left)}.`)
    : judged('sound', `Sound: ${grams} left over.`)
}

/** Weights that lay on the scale with another part, and are in its weight already. */
const weighedAlong = (known: ResolvedValues): ReadonlySet<string> =>
  new Set(
    Object.entries(weighedIn).flatMap(([key, answers]) => {
      const part = key.replace('.with', '.weight')
      return known.has(part) ? (answers[known.get(key)?.text ?? ''] ?? []) : []
    }),
  )

/** The most that parts usually weigh together. */
const usualWeight = (keys: readonly string[], sizeClass: SizeClass | undefined): number =>
  keys.reduce((sum, key) => {
    const characteristic = sized(characteristicOf(key), sizeClass)
    return sum + (characteristic.kind === 'quantity' ? characteristic.typical[1] : 0)
  }, 0)

const partOf = (key: string): string =>
  characteristicOf(key)
    .label.toLowerCase()
    .replace(/ weight$/, '')

const named = (keys: readonly string[]): string => formatList(keys.map(partOf), 'conjunction')

function whatIsAmiss(form: FilterForm, known: ResolvedValues, left: number): string {
  const likely = likelyMisread(form, known, left)
    .slice(0, 2)
    .map(({ key }) => key)
  return likely.length === 0 ? 'a part was not weighed, or misread' : `look at ${named(likely)} first`
}

/**
 * The weights that, misread by just so much, would be most ordinary again.
 *
 * @param form of the filter
 * @param known with their weights
 * @param off what the whole has more than the parts, kg; below zero when it has less
 * @returns likeliest first, with what each would have to weigh
 * @example likelyMisread('spin-on', known({ 'gasket.weight': '1 g' }), 0.003)[0]
 * // => { key: 'gasket.weight', would: 0.004 }
 */
export function likelyMisread(form: FilterForm, known: ResolvedValues, off: number): { key: string; would: number }[] {
  const outside = ([low, high]: readonly [number, number], value: number): number =>
    value < low ? (low - value) / low : value > high ? (value - high) / high : 0
  const sizeClass = sizeClassOf(form, '', known)
  return catalogueFor(form)
    .map((one) => sized(one, sizeClass))
    .flatMap((c) => {
      const weight = known.get(c.key)?.number?.value
      if (!c.key.endsWith('.weight') || c.key === 'media.weight' || c.kind !== 'quantity' || weight === undefined)
        return []
      const would = weight + (c.key === 'whole.weight' ? -off : off)
      return would > 0 ? [{ key: c.key, would, gain: outside(c.typical, weight) - outside(c.typical, would) }] : []
    })
    .sort((a, b) => b.gain - a.gain)
    .map(({ key, would }) => ({ key, would }))
}
