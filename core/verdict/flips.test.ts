import { describe, expect, test } from 'vitest'
import type { Call } from './call.ts'
import { flipsOf, formatFlip, type Flip } from './flips.ts'
import { evaluateRevisions } from './ranking.ts'

const nameOf = (id: string) => id.toUpperCase()
const call = (word: Call['word'], ...ids: string[]): Call => ({
  word,
  named: ids.map((id) => ({ id, chance: 0.96 / ids.length })),
  chance: 0.96,
  behind: [],
})
const weight: Flip['change'] = { kind: 'weight', criterion: 'can-wall', from: 6, to: 12 }
const value: Flip['change'] = { kind: 'value', criterion: 'can-wall', column: 'b', from: 0.0004, to: 0.0005 }
const said = (change: Flip['change'], then: Call) =>
  formatFlip({ change, call: then, label: 'Can wall', attribute: 'can.wall' }, nameOf, 'metric')

describe('what would change it, in a sentence', () => {
  test.each<[Flip['change'], Call, string]>([
    [weight, call('wins', 'a'), 'If can wall weighed 12 instead of 6, A would win (96 %).'],
    [value, call('leads', 'b'), 'If can wall of B were 0.50 mm instead of 0.40 mm, B would lead (96 %).'],
    [
      value,
      call('close', 'a', 'b'),
      'If can wall of B were 0.50 mm instead of 0.40 mm, it would be too close to call between A and B.',
    ],
    [weight, call('alone'), 'If can wall weighed 12 instead of 6, nobody would be judged.'],
  ])('%#', (change, then, sentence) => expect(said(change, then)).toBe(sentence))
})

test('nobody, or one alone, has nothing that could flip', () => {
  expect(flipsOf([])).toEqual([])
  const one = [{ id: 'a', fatalFaults: [], misfits: [], attributes: {} }]
  expect(flipsOf(evaluateRevisions('spin-on', one, [], []))).toEqual([])
})
