import { catalogueFor, type FilterForm } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { notApplicableReason } from './recording-plan.ts'
import type { ResolvedValues } from './resolve.ts'

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
 * Sound, when all parts are weighed and at most 4 g are left; something unweighed, when more is left;
 * impossible, when the parts weigh more than the whole by over 1 g.
 *
 * @example weightsSoFar('spin-on', new Map()).state // => 'to weigh'
 */
export function weightsSoFar(form: FilterForm, known: ResolvedValues): WeightsSoFar {
  const asked = catalogueFor(form).filter(
    (c) =>
      c.key.endsWith('.weight') &&
      c.key !== 'whole.weight' &&
      c.key !== 'media.weight' &&
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
  if (open.length > 0) return judged('in hand', `${grams} still to weigh of ${formatQuantity(whole, 'g')}.`)
  return left > unaccountedWeightTolerance
    ? judged('unweighed', `${grams} are in none of the parts: something was not weighed, or misread.`)
    : judged('sound', `Sound: ${grams} left over.`)
}
