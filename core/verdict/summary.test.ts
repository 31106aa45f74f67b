import { describe, expect, test } from 'vitest'
import type { CriterionGroup } from '#core/score/criterion.ts'
import { shippedCriterion } from '#core/score/criteria.ts'
import type { Call } from './call.ts'
import type { Contribution } from './contributions.ts'
import type { EvaluatedRevision } from './ranking.ts'
import { contributionsByPart, summariseFaceOff } from './summary.ts'

const names = { a: 'N-40', b: 'M-2' }

/** As much of a judged column as the sentences rest on. */
const side = (
  id: string,
  more: { value?: number; excluded?: string; fault?: string; misfits?: string[]; aside?: string } = {},
) =>
  ({
    id,
    excluded: more.excluded,
    score: {
      value: 'value' in more ? more.value : 60,
      fatalFaults: more.fault ? [{ key: 'x', description: more.fault }] : [],
    },
    context: { id, misfits: more.misfits ?? [], aside: more.aside },
  }) as unknown as EvaluatedRevision

const reason = (key: string, gain: number, more: Partial<Contribution> = {}): Contribution => {
  const criterion = shippedCriterion(key)
  return {
    criterion,
    group: criterion.part,
    gain,
    first: 'own',
    second: 'other',
    byLook: false,
    specimen: 's',
    ...more,
  }
}
const call = (word: Call['word'], id: string, chance: number): Call => ({
  word,
  named: [{ id, chance }],
  chance,
  behind: [],
})
const said = (
  [a, b]: [EvaluatedRevision, EvaluatedRevision],
  given: Call | undefined,
  contributions: Contribution[] = [],
  price?: { dearer: 'a' | 'b'; by: string },
) => summariseFaceOff(names, a, b, given, contributions, price).map(({ text }) => text)
const both: [EvaluatedRevision, EvaluatedRevision] = [side('a'), side('b')]

describe('who is ahead', () => {
  test.each<[string, [EvaluatedRevision, EvaluatedRevision], Call | undefined, string]>([
    ['the first wins', both, call('wins', 'a', 0.97), 'N-40 wins against M-2: better in 97 % of what may be.'],
    ['the second leads', both, call('leads', 'b', 0.85), 'M-2 leads against N-40: better in 85 % of what may be.'],
    ['close', both, call('close', 'b', 0.6), 'Too close to call: M-2 is better in 60 % of what may be.'],
    ['nothing in common', both, undefined, 'Nothing is known of both, so nobody is ahead.'],
    ['nobody named', both, { ...call('close', 'a', 0), named: [] }, 'Nothing is known of both, so nobody is ahead.'],
    [
      'one that does not fit',
      [side('a'), side('b', { excluded: 'its thread is M18' })],
      undefined,
      'One of the two does not fit the engine or is set aside, so they are not judged against each other.',
    ],
    [
      'the other that does not fit',
      [side('a', { excluded: 'used' }), side('b')],
      undefined,
      'One of the two does not fit the engine or is set aside, so they are not judged against each other.',
    ],
    [
      'nothing of the first',
      [side('a', { value: undefined as never }), side('b')],
      call('wins', 'b', 0.99),
      'Nothing is known of N-40 yet, so nobody is ahead.',
    ],
    [
      'nothing of the second',
      [side('a'), side('b', { value: undefined as never })],
      undefined,
      'Nothing is known of M-2 yet, so nobody is ahead.',
    ],
  ])('%s', (_, pair, given, sentence) => expect(said(pair, given)).toEqual([sentence]))
})

test('what speaks against one is said after that: faults, the first misfit, and why it stands aside', () => {
  const pair: [EvaluatedRevision, EvaluatedRevision] = [
    side('a', { fault: 'rust inside', misfits: ['its thread is M18', 'it is too tall'] }),
    side('b', { aside: 'used for 8000 km' }),
  ]
  expect(said(pair, call('leads', 'b', 0.9)).slice(1)).toEqual([
    'N-40 is capped, whatever else is good: rust inside.',
    'N-40 does not fit: its thread is M18.',
    'M-2 is used for 8000 km.',
  ])
})

describe('where each gains', () => {
  test('the three largest of each side, each said from its own end', () => {
    const contributions = [
      reason('can-wall', 3),
      reason('glue', 5),
      reason('rust', 0.2),
      reason('plate', 1),
      reason('crowding', 0.9),
      reason('adbv-material', -2),
    ]
    expect(said(both, call('wins', 'a', 0.99), contributions).slice(1)).toEqual([
      'N-40 gains most by glue bead (own against other), can wall (own against other) and ' +
        `${shippedCriterion('plate').label.toLowerCase()} (own against other).`,
      'M-2 gains most by anti-drain-back valve material (other against own).',
    ])
  })

  test('what was found goes before what was inferred, which says so', () => {
    const contributions = [reason('can-wall', 9, { byLook: true }), reason('glue', 1)]
    expect(said(both, call('wins', 'a', 0.99), contributions)[1]).toBe(
      'N-40 gains most by glue bead (own against other) and can wall (own against other, by the look of it).',
    )
    expect(said(both, call('wins', 'a', 0.99), contributions.slice(0, 1))[1]).toBe(
      'N-40 gains, by the look of it alone, by can wall (own against other).',
    )
  })
})

describe('what the dearer one buys', () => {
  const price = { dearer: 'b', by: '4.00 €' } as const

  test('four things at most that are no money and were not only inferred', () => {
    const contributions = [
      reason('price', -8),
      reason('can-wall', -1),
      reason('glue', -5, { byLook: true }),
      reason('plate', -2),
      reason('crowding', 3),
    ]
    const sentences = said(both, call('leads', 'b', 0.9), contributions, price)
    expect(sentences.at(-1)).toBe(
      `M-2 costs 4.00 € more each; for that it is better in ${shippedCriterion('plate').label.toLowerCase()} ` +
        'and can wall.',
    )
    expect(summariseFaceOff(names, ...both, undefined, contributions, price).at(-1)?.contributions).toHaveLength(2)
  })

  test('nothing, where nothing is larger than its uncertainty', () =>
    expect(said(both, undefined, [reason('can-wall', 2)], price).at(-1)).toBe(
      'M-2 costs 4.00 € more each and buys nothing that is larger than its uncertainty.',
    ))
})

test('points by part are summed, the largest first', () => {
  const sums = contributionsByPart([
    reason('glue', 2),
    reason('can-wall', 1),
    reason('plate', 4),
    reason('glue', 0.5),
    reason('adbv-material', -3),
  ])
  const groups = (keys: string[]): CriterionGroup[] => keys.map((key) => shippedCriterion(key).part)
  const byGroup = Object.fromEntries(sums.map(({ group, gain }) => [group, gain]))
  expect(byGroup[shippedCriterion('glue').part]).toBe(2.5)
  expect(sums.at(-1)?.group).toBe(groups(['adbv-material'])[0])
  expect(sums.map(({ gain }) => gain)).toEqual([...sums.map(({ gain }) => gain)].sort((a, b) => b - a))
})
