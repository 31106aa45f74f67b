import { formatCount } from '#core/quantity/format.ts'
import { formatChance } from './call.ts'
import type { UntilSure } from './specimens-until-sure.ts'

/** So much more likely has a word to become before it is worth another specimen. */
const worthwhile = 0.05

/**
 * How many specimens until sure, in one sentence: the fewest after which more add next to nothing.
 *
 * @param nameOf a product
 * @example
 * formatUntilSure({ columns: ['a', 'b'], steps: [{ more: 0, leads: 1, wins: 1 }] }, (id) => id)
 * // => 'It is as sure as it can be called: no more specimens are needed.'
 */
export function formatUntilSure({ columns, steps }: UntilSure, nameOf: (id: string) => string): string {
  const [now] = steps
  const last = steps.at(-1)
  if (!now || !last) return ''
  if (now.wins === 1) return 'It is as sure as it can be called: no more specimens are needed.'
  const word = now.leads === 1 ? 'wins' : 'leads'
  const [a, b] = columns.map(nameOf) as [string, string]
  const most = last[word]
  const said = word === 'wins' ? 'one wins' : 'one leads or wins'
  const each = `of ${a} and of ${b} each, the chance that ${said}`
  if (most < worthwhile)
    return [
      `More specimens hardly help: even with ${last.more} more ${each} is ${formatChance(most)}.`,
      'It is not the units that leave it open.',
    ].join(' ')
  const enough = steps.find((step) => step[word] >= most - worthwhile) ?? last
  const specimens = formatCount(enough.more, 'more specimen')
  return `With ${specimens} ${each} is ${formatChance(enough[word])}; beyond that, specimens add next to nothing.`
}
