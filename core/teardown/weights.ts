import { catalogueFor, type Form } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { whyNot } from './plan.ts'
import type { Known } from './resolve.ts'

export interface WeightsSoFar {
  /** kg; absent until the whole filter has been weighed. */
  whole?: number
  parts: { key: string; weight: number }[]
  /** Parts still to weigh. */
  open: string[]
  sum: number
  verdict: 'to weigh' | 'in hand' | 'sound' | 'unweighed' | 'impossible'
  /** The verdict in the user's words. */
  says: string
}

/** Weight that may stay unaccounted for. Common practice, no published source: a few grams. */
const fewGrams = 0.004

/**
 * Running sum of the parts against the whole.
 *
 * Sound, when all parts are weighed and at most 4 g are left; something unweighed, when more is left;
 * impossible, when the parts weigh more than the whole by over 1 g.
 *
 * @example weightsSoFar('spin-on', new Map()).verdict // => 'to weigh'
 */
export function weightsSoFar(form: Form, known: Known): WeightsSoFar {
  const asked = catalogueFor(form).filter(
    (c) => c.key.endsWith('.weight') && c.key !== 'whole.weight' && c.key !== 'media.weight' && !whyNot(c, known),
  )
  const parts = asked.flatMap(({ key }) => {
    const weight = known.get(key)?.number?.value
    return weight === undefined ? [] : [{ key, weight }]
  })
  const open = asked.filter(({ key }) => !known.has(key)).map(({ key }) => key)
  const sum = parts.reduce((total, { weight }) => total + weight, 0)
  const whole = known.get('whole.weight')?.number?.value
  if (whole === undefined)
    return { parts, open, sum, verdict: 'to weigh', says: 'The whole filter has not been weighed.' }

  const left = whole - sum
  const grams = formatQuantity(Math.abs(left), 'g')
  const judged = (verdict: WeightsSoFar['verdict'], says: string): WeightsSoFar => ({
    whole,
    parts,
    open,
    sum,
    verdict,
    says,
  })
  if (left < -0.001) return judged('impossible', `Impossible: the parts weigh ${grams} more than the whole.`)
  if (open.length > 0) return judged('in hand', `${grams} still to weigh of ${formatQuantity(whole, 'g')}.`)
  return left > fewGrams
    ? judged('unweighed', `${grams} are in none of the parts: something was not weighed, or misread.`)
    : judged('sound', `Sound: ${grams} left over.`)
}
