import { describe, expect, test } from 'vitest'
import {
  claimKinds,
  claimLabel,
  claimPlaces,
  gradeClaim,
  placeLabel,
  type ClaimParts,
  type EfficiencyPoint,
} from './claim.ts'

const point = (more: Partial<EfficiencyPoint> = {}): EfficiencyPoint => ({
  share: 0.99,
  saying: 'equal',
  size: 20e-6,
  ...more,
})
const tested = { standard: 'ISO 4548-12' }

describe('how complete a claim is (common practice, no published source)', () => {
  test.each<[string, ClaimParts, string, string[]]>([
    ['percent, size and test', { points: [point()], ...tested }, 'complete', []],
    ['"at least" is as good', { points: [point({ saying: 'at-least' })], ...tested }, 'complete', []],
    ['no test', { points: [point()] }, 'partial', ['the test']],
    ['no size', { points: [point({ size: null })], ...tested }, 'partial', ['the particle size']],
    [
      'one of two without a percentage',
      { points: [point(), point({ share: null })], ...tested },
      'partial',
      ['the percentage'],
    ],
    ['a plus', { points: [point(), point({ saying: 'plus' })], ...tested }, 'partial', ['what the "+" means']],
    [
      'up to, for one of two',
      { points: [point(), point({ saying: 'up-to' })], ...tested },
      'partial',
      ['a figure that is not "up to"'],
    ],
    [
      'all that can be missing',
      { points: [point({ share: null, size: null }), point({ saying: 'plus' }), point({ saying: 'up-to' })] },
      'partial',
      ['the percentage', 'the particle size', 'the test', 'what the "+" means', 'a figure that is not "up to"'],
    ],
    ['no percentage at all', { points: [point({ share: null })], ...tested }, 'slogan', ['the percentage']],
    ['no pair at all', {}, 'slogan', ['the particle size', 'the test']],
  ])('efficiency, %s', (_, parts, grade, lacks) => {
    expect(gradeClaim({ kind: 'efficiency', parts })).toEqual({ grade, lacks })
  })

  test.each<[string, ClaimParts, string, string[]]>([
    ['both', { distance: 15e6, months: 12 }, 'complete', []],
    ['distance alone', { distance: 15e6 }, 'partial', ['the months']],
    ['months alone', { months: 12 }, 'partial', ['the distance']],
    ['neither', {}, 'slogan', ['the distance', 'the months']],
  ])('interval, %s', (_, parts, grade, lacks) => {
    expect(gradeClaim({ kind: 'interval', parts })).toEqual({ grade, lacks })
  })

  test.each<[string, ClaimParts, string, string[]]>([
    ['both ends', { low: 233.15, high: 408.15 }, 'complete', []],
    ['the hot end alone', { high: 408.15 }, 'partial', ['the cold end']],
    ['the cold end alone', { low: 233.15 }, 'partial', ['the hot end']],
    ['neither', {}, 'slogan', ['the cold end', 'the hot end']],
  ])('temperature, %s', (_, parts, grade, lacks) => {
    expect(gradeClaim({ kind: 'temperature', parts })).toEqual({ grade, lacks })
  })

  test('a wording of the media is what it is; a slogan is always one', () => {
    expect(gradeClaim({ kind: 'media', parts: {} })).toEqual({ grade: 'complete', lacks: [] })
    expect(gradeClaim({ kind: 'slogan', parts: { amount: 1 } })).toEqual({ grade: 'slogan', lacks: [] })
  })

  test.each(['capacity', 'bypass', 'burst', 'flow'] as const)('%s is complete with its amount', (kind) => {
    expect(gradeClaim({ kind, parts: { amount: 1 } })).toEqual({ grade: 'complete', lacks: [] })
    expect(gradeClaim({ kind, parts: {} })).toEqual({ grade: 'slogan', lacks: [] })
  })
})

test('kinds and places have names of their own', () => {
  expect(claimLabel('capacity')).toBe('Dirt capacity')
  expect(placeLabel('letter')).toBe('answer to a letter')
  expect(new Set(claimKinds.map(({ key }) => claimLabel(key))).size).toBe(claimKinds.length)
  expect(new Set(claimPlaces.map(({ key }) => placeLabel(key))).size).toBe(claimPlaces.length)
})
