import { groupLabel, type CriterionGroup } from '#core/score/criterion.ts'
import type { Ground } from './grounds.ts'
import { scoresTied, type Judged } from './judged.ts'

/** Points won by one part: above zero by the first, below by the second. */
export interface PartTaken {
  group: CriterionGroup
  label: string
  gain: number
}

/**
 * Points of a hundred by part.
 *
 * @example partsTaken(grounds)[0] // => { group: 'media', label: 'Media', gain: 3.2 }
 */
export function partsTaken(grounds: readonly Ground[]): PartTaken[] {
  const sums = new Map<CriterionGroup, number>()
  for (const { group, gain } of grounds) sums.set(group, (sums.get(group) ?? 0) + gain)
  return [...sums].map(([group, gain]) => ({ group, label: groupLabel(group), gain })).sort((a, b) => b.gain - a.gain)
}

/** A sentence of a summary with the criteria it rests on. */
export interface Sentence {
  says: string
  grounds: Ground[]
}

const list = (words: string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

/**
 * A face-off in plain sentences, each resting on its grounds; nothing is said that was not recorded.
 *
 * @param difference of the landed prices, first less second, in words; undefined when one is not known
 * @example summarise(names, a, b, grounds, undefined)[0]?.says // => 'Norrith N-40 is ahead: 91 to 89.'
 */
export function summarise(
  names: { a: string; b: string },
  a: Judged,
  b: Judged,
  grounds: readonly Ground[],
  price: { dearer: 'a' | 'b'; by: string } | undefined,
): Sentence[] {
  const sentences: Sentence[] = []
  const [x, y] = [a.score.value, b.score.value]
  if (x === undefined || y === undefined)
    sentences.push({ says: `${names[x === undefined ? 'a' : 'b']} has no score yet, so nobody is ahead.`, grounds: [] })
  else if (scoresTied(a.score, b.score))
    sentences.push({
      says: `Too close to call: ${Math.round(x)} and ${Math.round(y)}, a difference within the uncertainty or below a point.`,
      grounds: [],
    })
  else
    sentences.push({
      says: `${names[x > y ? 'a' : 'b']} is ahead: ${Math.round(Math.max(x, y))} to ${Math.round(Math.min(x, y))}.`,
      grounds: [],
    })

  for (const [who, judged] of [
    ['a', a],
    ['b', b],
  ] as const) {
    for (const { because } of judged.score.vetoes)
      sentences.push({ says: `${names[who]} is capped, whatever else is good: ${because}.`, grounds: [] })
    if (judged.excluded) sentences.push({ says: `${names[who]} does not fit: ${judged.excluded}.`, grounds: [] })
  }
  for (const [who, sign] of [
    ['a', 1],
    ['b', -1],
  ] as const) {
    const own = grounds
      .filter(({ gain }) => gain * sign > 0.2)
      .sort((p, q) => sign * (q.gain - p.gain))
      .slice(0, 3)
    if (own.length > 0)
      sentences.push({
        says: `${names[who]} gains most by ${list(own.map(({ criterion, first, second }) => `${criterion.label.toLowerCase()} (${sign === 1 ? first : second} against ${sign === 1 ? second : first})`))}.`,
        grounds: own,
      })
  }
  if (price) {
    const sign = price.dearer === 'a' ? 1 : -1
    const bought = grounds
      .filter(({ gain, group }) => group !== 'value' && sign * gain > 0.2)
      .sort((p, q) => sign * (q.gain - p.gain))
    const says =
      bought.length === 0
        ? `${names[price.dearer]} costs ${price.by} more each and buys nothing that is larger than its uncertainty.`
        : `${names[price.dearer]} costs ${price.by} more each; for that it is better in ${list(bought.slice(0, 4).map(({ criterion }) => criterion.label.toLowerCase()))}.`
    sentences.push({ says, grounds: bought.slice(0, 4) })
  }
  return sentences
}
