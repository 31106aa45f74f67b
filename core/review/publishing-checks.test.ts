import { describe, expect, test } from 'vitest'
import { newBlock, type Block } from './block.ts'
import { publishingChecks } from './publishing-checks.ts'
import { reviewedProduct, reviewMaterial } from './review-material.fixture.ts'
import type { MaterialClaim, ReviewMaterial } from './review-material.ts'

const disclosed = newBlock('d', 'disclosure')
const words = (prose: string): Block => ({ ...newBlock('w', 'words'), prose })
const checksOf = (blocks: Block[], material: Partial<ReviewMaterial> = {}) =>
  publishingChecks({ blocks, material: { ...reviewMaterial, ...material } })
const said = (prose: string, material: Partial<ReviewMaterial> = {}) => checksOf([disclosed, words(prose)], material)
const claim = (of: Partial<MaterialClaim>): MaterialClaim => ({
  kind: 'Efficiency',
  words: '99 %',
  grade: 'partial',
  lacks: [],
  standard: '',
  hasShare: true,
  place: 'box, front',
  readOn: '2026-10-02',
  ...of,
})

test('a review that says what it knows has no check against it', () => {
  expect(said('The wall of N-40 is thicker. Seen for 12.90 EUR on 2 Oct 2026.')).toEqual([])
})

/** Slips that reviewers make. Common practice, no published source; the sentences are invented. */
describe('a planted slip is found, and opens its block', () => {
  test.each([
    ['M-2 always leaks at the seam.', /one specimen was opened/],
    ['It stops 99 % of particles.', /without the size of the particles and the test/],
    ['It captures 99 % at 20 µm.', /without the size of the particles and the test/],
    ['You get it for 9 €.', /needs the day/],
    ['Merribank M-2 is the best of all.', /Norrith N-40 is first/],
    ['It filters better than the other.', /nothing was filtered/],
    ['Tighten it by a third of a turn.', /cautions stand beside it/],
    ['The can is 86 mm, the rival 3.4 inches.', /Units are mixed: “86 mm” and “3.4 inches”/],
    ['The wall is {wall of X-99}.', /Nothing is called/],
  ])('%s', (prose, why) => {
    const checks = said(prose)
    expect(checks.map(({ text }) => text)).toEqual([expect.stringMatching(why)])
    const [{ action }] = checks as [(typeof checks)[0]]
    expect(['block', 'add']).toContain(action.to)
  })

  test('what is right is let be', () => {
    for (const prose of [
      'N-40 always has the same seam in both.',
      'It captures 99 % at 20 µm by ISO 4548-12.',
      'Norrith N-40 is the best of these.',
    ])
      expect(said(prose)).toEqual([])
    expect(checksOf([disclosed, words('Tighten it by hand.'), newBlock('c', 'cautions')])).toEqual([])
  })

  test('what was promised at the bench is asked for until a block shows it', () => {
    const promised = [{ id: 'p', product: 'Norrith N-40', label: 'Can wall', text: '' }]
    expect(checksOf([disclosed], { promised })).toEqual([
      {
        key: 'promised',
        text: 'Promised at the bench to be shown later: can wall of Norrith N-40.',
        action: { to: 'add', kind: 'promised' },
      },
    ])
    expect(checksOf([disclosed, newBlock('p', 'promised')], { promised })).toEqual([])
  })

  test('a tie is not called a winner', () => {
    const call = { ...reviewMaterial.call!, word: 'close' as const }
    expect(said('N-40 is the winner.', { call })[0]?.text).toMatch(/too close to call/)
  })

  test('percentages of different tests are not set against each other', () => {
    const [n, m] = reviewMaterial.products as [ReviewMaterial['products'][0], ReviewMaterial['products'][0]]
    const of = (standards: [string, string]) => ({
      products: [
        { ...n, claims: [claim({ standard: standards[0] })] },
        { ...m, claims: [claim({ standard: standards[1] })] },
      ],
    })
    const prose = 'N-40 has 99 % at 20 µm by ISO 4548-12, M-2 has 95 %.'
    expect(said(prose, of(['ISO 4548-12', 'SAE J1858']))[0]?.text).toMatch(/different tests/)
    expect(said(prose, of(['', '']))[0]?.text).toMatch(/different tests, or none/)
    expect(said(prose, of(['ISO 4548-12', 'ISO 4548-12']))).toEqual([])
  })
})

describe('what is not said', () => {
  const given = [reviewedProduct({ id: 'n', partNumber: 'N-40', given: ['the maker'] })]

  test('no disclosure', () => {
    expect(checksOf([])).toEqual([expect.objectContaining({ action: { to: 'add', kind: 'disclosure' } })])
  })

  test('an interest that nobody has said', () => {
    const interest = { text: 'The reviewer has not said whether there is an interest.', isSaid: false }
    expect(checksOf([disclosed], { interest })[0]?.action).toEqual({ to: 'reviewer' })
  })

  test('a sample that is not on the first screen is moved up', () => {
    const late = [newBlock('o', 'opening'), newBlock('l', 'line-up'), disclosed]
    expect(checksOf(late, { products: given })).toEqual([
      expect.objectContaining({ action: { to: 'first', block: 'd' } }),
    ])
    expect(checksOf([newBlock('o', 'opening'), disclosed], { products: given })).toEqual([])
  })

  test('a fault of which no second was looked at, a claim by halves, a contradiction that is open', () => {
    const products = [
      reviewedProduct({
        id: 'q',
        brand: 'Quarrow',
        partNumber: 'Q-7',
        fault: { description: 'the cap came away', found: 1, lookedAt: 1 },
        claims: [claim({ lacks: ['the test'] })],
        contradictions: [{ text: 'Two weights.', of: 'readings' }],
      }),
    ]
    const checks = checksOf([disclosed, newBlock('c', 'claims')], { products })
    expect(checks.map(({ action }) => action)).toEqual([
      { to: 'claims' },
      { to: 'findings', specimen: 'q-a' },
      { to: 'line-up' },
    ])
    expect(checksOf([disclosed], { products })).toHaveLength(2)
  })
})
