import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { normalShare } from '#core/quantity/normal.ts'
import { comparisonRules, saidBackOfComparison } from './comparison-rules.ts'
import { formatRelation, relationFieldOf } from './format-relation.ts'
import { readComparison } from './read-comparison.ts'
import {
  chanceOfRelation,
  contradictsRelation,
  inverted,
  isAlike,
  numberByRelation,
  type Relation,
} from './relation.ts'
import { readRelation } from './said-relation.ts'

const fieldOf = (key: string) => relationFieldOf(key)!
const inch = 0.0254
const difference = (low: number | null, high: number | null): Relation => ({ scale: 'difference', low, high })
const ratio = (low: number | null, high: number | null): Relation => ({ scale: 'ratio', low, high })

/** Common practice, no published source: what each form of words allows is stated in the method. */
const forms: [key: string, said: string, relation: Relation, evidence?: string][] = [
  ['can.wall', 'a hair thicker', ratio(1, 1.1)],
  ['can.wall', 'a touch thinner than theirs', ratio(1 / 1.1, 1)],
  ['can.height', '310 thou taller', difference(0.3095 * inch, 0.3105 * inch)],
  ['can.height', 'shorter by 4 mm', difference(-0.0045, -0.0035)],
  ['whole.weight', '8 to 9 g lighter', difference(-0.009, -0.008)],
  ['whole.weight', 'about 30 g heavier', difference(0.0285, 0.0315)],
  ['whole.weight', 'heavier', difference(0, null)],
  ['whole.weight', 'much heavier', ratio(1.1, null)],
  ['whole.weight', 'more than 20 g lighter', difference(-0.022, -0.02)],
  ['whole.weight', '20 % heavier', ratio(1.195, 1.205)],
  ['whole.weight', 'a third heavier', ratio(1.2833333, 1.3833333)],
  ['whole.weight', 'a quarter lighter', ratio(0.7, 0.8)],
  ['whole.weight', 'half as heavy', ratio(0.48125, 0.51875)],
  ['media.area', 'nearly twice', ratio(1.8, 2)],
  ['media.area', 'about twice as much', ratio(1.8, 2.2)],
  ['media.area', 'more than double', ratio(2, 2.2)],
  ['media.area', 'one and a third times', ratio(1.2833333, 1.3833333)],
  ['media.area', 'half as much again', ratio(1.45, 1.55)],
  ['media.area', '1.8 to 2 times', ratio(1.8, 2)],
  ['media.area', 'three times the area', ratio(2.8875, 3.1125)],
  ['can.wall', 'within 25 thou of each other', difference(-0.025 * inch, 0.025 * inch)],
  ['whole.weight', 'within a gram of each other', difference(-0.001, 0.001)],
  ['whole.weight', 'no more than 2 g apart', difference(-0.002, 0.002)],
  ['can.wall', 'within 5 percent', ratio(0.95, 1.05)],
  ['can.wall', 'same gauge by feel', ratio(0.97, 1.03), 'inferred'],
  ['can.wall', 'about the same', ratio(0.97, 1.03)],
  ['can.wall', 'the same part', ratio(0.99, 1.01)],
  ['can.wall', 'looks thicker', difference(0, null), 'inferred'],
  ['can.wall', 'thicker, they say', difference(0, null), 'claimed'],
  ['thread.turns', 'one extra thread than the other', difference(1, 1)],
  ['pleats.count', 'three fewer pleats', difference(-3, -3)],
  ['pleats.count', 'a few more pleats', difference(2, 5)],
]

const close = (a: number | null, b: number | null): boolean =>
  a === null || b === null ? a === b : Math.abs(a - b) <= 2e-6 * Math.max(1e-3, Math.abs(b))

describe('what is said of two filters beside each other', () => {
  test.each(forms)('%s: %s', (key, said, relation, evidence = 'measured') => {
    const read = readRelation(said, fieldOf(key))
    if (!read.ok) throw new Error(read.problem.message)
    if (!('relation' in read.value)) throw new Error('Two readings')
    const { scale, low, high } = read.value.relation
    expect({ scale, evidence: read.value.evidence }).toEqual({ scale: relation.scale, evidence })
    expect([close(low, relation.low), close(high, relation.high)], `${low} to ${high}`).toEqual([true, true])
  })

  test('two amounts against each other are a reading of each', () => {
    const read = readRelation('54 here against 61 there', fieldOf('pleats.count'))
    expect(read).toEqual({ ok: true, value: { readings: ['54', '61'] } })
  })

  test.each([
    ['310 taller', 'which-unit', ['310 mm taller', '310 in taller']],
    ['2 gauge thicker', 'gauge', undefined],
    ['purple', 'no-comparison', undefined],
    ['', 'empty', undefined],
    ['x'.repeat(200), 'too-long', undefined],
  ])('"%s" is asked about or refused', (said, code, offers) => {
    const read = readRelation(said, fieldOf('can.height'))
    if (read.ok) throw new Error('It was taken')
    expect(read.problem.code).toBe(code)
    if (offers) expect(read.problem.suggestions?.map(({ text }) => text)).toEqual(offers)
  })

  test('nought times is no comparison', () => {
    expect(readRelation('0x', fieldOf('whole.weight')).ok).toBe(false)
  })

  test('the reader never throws, and what it says back is read as the same', () => {
    const words = [
      'a hair',
      'about',
      'nearly',
      'twice',
      'thicker',
      'lighter',
      '3',
      'g',
      '2.5 mm',
      'within',
      'to',
      '½',
      '%',
    ]
    fc.assert(
      fc.property(
        fc.oneof(
          fc.array(fc.constantFrom(...words)).map((all) => all.join(' ')),
          fc.string(),
        ),
        (said) => {
          const field = fieldOf('whole.weight')
          const read = readRelation(said, field)
          if (!read.ok || !('relation' in read.value)) return
          const { relation } = read.value
          const again = readRelation(formatRelation(relation, 'g'), field)
          if (!again.ok || !('relation' in again.value)) throw new Error(`${said}: ${formatRelation(relation, 'g')}`)
          const { scale, low, high } = again.value.relation
          const isNear = (a: number | null, b: number | null) =>
            a === null || b === null ? a === b : Math.abs(a - b) <= 0.001 * Math.abs(b) + 1e-6
          const isSame = scale === relation.scale && isNear(low, relation.low) && isNear(high, relation.high)
          expect(isSame, `${said}: ${formatRelation(relation, 'g')}`).toBe(true)
        },
      ),
      { numRuns: 500 },
    )
  })
})

describe('a line of the face-off', () => {
  test.each([
    ['wall: a hair thicker', 'can.wall'],
    ['pleats 54 here against 61 there', 'pleats.count'],
    ['nearly twice the media area', 'media.area'],
    ['310 thou taller', 'can.height'],
    ['8 to 9 g lighter', 'whole.weight'],
    ['glue: more', 'glue.grade'],
    ['media thickness 0.53 mm against 0.6 mm', 'media.thickness'],
    ['heavier than the other by 12 g', 'whole.weight'],
  ])('"%s" is of %s', (line, of) => {
    const [first] = readComparison(line, 'spin-on')
    expect(first?.of).toBe(of)
    expect(first?.read.ok).toBe(true)
    expect(readComparison(line, 'spin-on')).toHaveLength(1)
  })

  test('what several things may be is told with all of them, what is nothing with none', () => {
    expect(readComparison('a hair thicker', 'spin-on').map(({ of }) => of)).toContain('plate.thickness')
    expect(readComparison('a hair thicker', 'spin-on').length).toBeGreaterThan(2)
    expect(readComparison('nicer', 'spin-on')).toEqual([])
    expect(readComparison('taller', 'cartridge')[0]?.of).toBe('element.height')
  })

  test.each(comparisonRules)('the example of the words "$words" is read', ({ example }) => {
    expect(readComparison(example, 'spin-on')[0]?.read.ok).toBe(true)
    expect(saidBackOfComparison(example)).toMatch(/: /)
  })

  test('a part that is the same may be so in each of its answers; an answer has no more and less', () => {
    const same = readComparison('bypass: the same part as theirs', 'spin-on').map(({ of }) => of)
    expect(same).toEqual(expect.arrayContaining(['bypass.place', 'bypass.build', 'bypass.seal']))
    const [build] = readComparison('bypass build: thicker', 'spin-on')
    expect(build?.read).toMatchObject({ ok: false, problem: { message: expect.stringContaining('only be said') } })
  })

  test('a name with no comparison behind it says what is wrong', () => {
    const [first] = readComparison('wall: purple', 'spin-on')
    expect(first?.read).toMatchObject({ ok: false, problem: { code: 'no-comparison' } })
  })
})

describe('what a relation makes of numbers', () => {
  test('a difference from a measured one gives a value with both doubts: root of the sum of squares', () => {
    const by = numberByRelation(difference(0.003, 0.009), { value: 0.3, u: 0.004 })
    expect(by?.value).toBeCloseTo(0.306, 12)
    expect(by?.u).toBeCloseTo(Math.hypot(0.004, 0.003 / Math.sqrt(3)), 12)
    const twice = numberByRelation(ratio(1.8, 2.2), { value: 10, u: 1 })
    expect(twice?.u).toBeCloseTo(Math.hypot(2, 2 / Math.sqrt(3)), 12)
    expect(numberByRelation(difference(0, null), { value: 1, u: 0 })).toBeUndefined()
  })

  test('seen from the other side twice it is the same', () => {
    const bound = fc.double({ min: 0.1, max: 9, noNaN: true })
    fc.assert(
      fc.property(bound, bound, fc.constantFrom('difference', 'ratio'), (a, b, scale) => {
        const relation = { scale, low: Math.min(a, b), high: Math.max(a, b) } as Relation
        const { low, high } = inverted(inverted(relation))
        expect(low).toBeCloseTo(relation.low!, 9)
        expect(high).toBeCloseTo(relation.high!, 9)
      }),
    )
    expect(inverted(ratio(1.1, null))).toEqual(ratio(0, 1 / 1.1))
    expect(inverted(ratio(0, 0.5))).toEqual(ratio(2, null))
  })

  test('the chance of a difference is that of two normals (closed form)', () => {
    expect(chanceOfRelation(difference(0, null), 5, 4, [0.6, 0.8])).toBeCloseTo(normalShare(1), 6)
    expect(chanceOfRelation(difference(-1, 1), 4, 4, [0.6, 0.8])).toBeCloseTo(2 * normalShare(1) - 1, 6)
    expect(chanceOfRelation(ratio(2, null), 8.5, 4, [0.3, 0.2])).toBeCloseTo(normalShare(1), 6)
    expect(chanceOfRelation(ratio(2, null), 8, 4, [0, 0])).toBe(0.5)
    expect(chanceOfRelation(ratio(1, 2), 6, 4, [0, 0])).toBe(1)
    expect(chanceOfRelation(ratio(1, 2), 9, 4, [0, 0])).toBe(0)
  })

  test('alike is what lies about the same, and nothing else', () => {
    expect([ratio(0.97, 1.03), difference(-1, 1)].every(isAlike)).toBe(true)
    expect([ratio(1, 1.1), difference(0, null), difference(1, 2)].some(isAlike)).toBe(false)
  })

  test('what was read may contradict what was said', () => {
    const [low, high] = [
      { value: 0.4, u: 0.01 },
      { value: 0.5, u: 0.01 },
    ]
    expect(contradictsRelation(difference(0, null), low, high)).toBe(true)
    expect(contradictsRelation(difference(0, null), high, low)).toBe(false)
    expect(contradictsRelation(ratio(0.97, 1.03), low, high)).toBe(true)
    expect(contradictsRelation(ratio(0.97, 1.03), low, { value: 0.41, u: 0.01 })).toBe(false)
    expect(contradictsRelation(difference(null, -0.2), low, high)).toBe(true)
  })
})
