import { formatList } from '#core/quantity/format-list.ts'

/** Chance of being first from which a product wins, and from which it leads. Common practice, no published source. */
export const callChances = { wins: 0.95, leads: 0.8 }

/** So many are named at most when it is too close to call. */
const mostNamed = 4

/** A product with its chance of being first. */
export interface Chance {
  id: string
  chance: number
}

/** What may be said of who is first. */
export interface Call {
  /** `alone` when there is nobody to be compared with. */
  word: 'wins' | 'leads' | 'close' | 'alone'
  /** The one that wins or leads; or those between which it is too close to call, best first. */
  named: Chance[]
  /** Chance that the first is one of those named. */
  chance: number
  /** Those behind all that are named, best first. */
  behind: Chance[]
}

/**
 * What may be said of who is first, by one scale: a product wins when it is first in 95 % of draws, it leads from
 * 80 % up; else it is too close to call between those that together reach 80 %, four at most. All others are behind.
 *
 * @param chances of being first, in any order
 * @returns undefined when nobody is judged
 * @example callOf([{ id: 'a', chance: 0.97 }, { id: 'b', chance: 0.03 }])?.word // => 'wins'
 */
export function callOf(chances: readonly Chance[]): Call | undefined {
  const ranked = [...chances].sort((a, b) => b.chance - a.chance)
  const [first] = ranked
  if (!first) return undefined
  if (ranked.length === 1) return { word: 'alone', named: [first], chance: 1, behind: [] }
  let [count, chance] = [0, 0]
  for (const one of ranked.slice(0, mostNamed)) {
    if (chance >= callChances.leads) break
    chance += one.chance
    count++
  }
  const word = first.chance >= callChances.wins ? 'wins' : first.chance >= callChances.leads ? 'leads' : 'close'
  return { word, named: ranked.slice(0, count), chance, behind: ranked.slice(count) }
}

/**
 * A chance in words: never 0 % or 100 %, since nothing is certain that was drawn.
 *
 * @example formatChance(0.998) // => '> 99 %'
 */
export function formatChance(chance: number): string {
  if (chance > 0.99) return '> 99 %'
  return chance < 0.01 ? '< 1 %' : `${Math.round(chance * 100)} %`
}

/**
 * A call in one sentence.
 *
 * @param nameOf a product
 * @example formatCall(callOf([{ id: 'N-40', chance: 0.84 }, { id: 'M-2', chance: 0.16 }]), (id) => id)
 * // => 'N-40 leads: first in 84 % of what may be.'
 */
export function formatCall({ word, named, chance }: Call, nameOf: (id: string) => string): string {
  const [first] = named
  if (!first) return ''
  switch (word) {
    case 'alone':
      return `${nameOf(first.id)} is the only one that is judged.`
    case 'wins':
      return `${nameOf(first.id)} wins: first in ${formatChance(first.chance)} of what may be.`
    case 'leads':
      return `${nameOf(first.id)} leads: first in ${formatChance(first.chance)} of what may be.`
    case 'close': {
      const those = named.map((one) => `${nameOf(one.id)} (${formatChance(one.chance)})`)
      return (
        'Too close to call between ' +
        `${formatList(those, 'conjunction')}${chance < callChances.leads ? ' and more' : ''}.`
      )
    }
  }
}

/**
 * Where a product stands by a call.
 *
 * @example standingOf({ word: 'wins', named: [{ id: 'a', chance: 1 }], chance: 1, behind: [] }, 'a') // => 'wins'
 */
export function standingOf({ word, named, behind }: Call, id: string): Call['word'] | 'behind' | undefined {
  if (named.some((one) => one.id === id)) return word
  return behind.some((one) => one.id === id) ? 'behind' : undefined
}
