import { describe, expect, test } from 'vitest'
import { findCharacteristic } from '#core/catalogue/index.ts'
import { formatKinValue, formatShare } from './format-kin-value.ts'
import { kinEvidence } from './kin-method.ts'
import { kinFeatures } from './kin-features.ts'
import { evidenceGroups, kinParts } from './kin-parts.ts'
import { recordOf } from './kin.fixture.ts'
import { swapOutcomes, swapWeights } from './swap-test.ts'
import { toRecord } from './to-record.ts'

const feature = (key: string) => kinFeatures.find((one) => one.key === key)!

describe('what speaks of a part', () => {
  test('is never what an engine asks of all its filters', () => {
    const keys = Object.values(evidenceGroups).flat(2)
    for (const asked of ['thread.designation', 'gasket.diameter', 'oring.inside', 'bypass.opening'])
      expect(keys).not.toContain(asked)
  })

  test('belongs to the part that the catalogue says, or to the one that it is pressed into', () => {
    const pressed = ['gasket.track', 'gasket.hold', 'thread.turns', 'thread.lead']
    for (const { key, part, characteristic } of kinFeatures)
      if (part === 'gasket' || part === 'spring' || part === 'bypass' || part === 'adbv')
        expect(characteristic.part, key).toBe(part)
      else if (pressed.includes(key)) expect(part).toBe('plate')
  })

  test.each(kinFeatures.map((one) => [one.key, one] as const))('%s is stated to be had by some', (_, one) => {
    const { characteristic } = one
    const typical = 'typical' in characteristic ? characteristic.typical[0] : undefined
    const answers = 'options' in characteristic ? characteristic.options.map(({ value }) => value) : ['yes']
    const values = one.kind === 'answer' ? answers : [typical ?? (one.kind === 'step' ? 2 : 0.005)]
    for (const value of values) expect(one.stated(value), String(value)).toBeGreaterThan(0)
    if (one.kind !== 'size') for (const value of values) expect(one.stated(value)).toBeLessThanOrEqual(1)
    if (one.kind === 'answer') expect(one.doubt).toBeGreaterThan(0)
  })

  test('is told in the method, a line a part', () => {
    expect(kinEvidence().map(({ part }) => part)).toEqual(kinParts.map(({ label }) => label))
    expect(kinEvidence().find(({ part }) => part === 'Gasket')?.groups).toMatch(/^Gasket .*\+.*; /)
  })
})

describe('a value in words', () => {
  const said = (key: string, value: { answer: string } | { number: number }) =>
    formatKinValue(feature(key), { u: 0, degrees: 9, specimen: 's', ...value } as never, 'metric')

  test.each([
    ['can.seam', { answer: 'stepped' }, 'Stepped'],
    ['plate.stamp', { answer: 'two dots' }, 'two dots'],
    ['plate.inlets:odd', { answer: 'yes' }, 'one is odd'],
    ['plate.inlets:odd', { answer: 'no' }, 'all alike'],
    ['plate.inlets:count', { number: 7 }, '7 openings'],
    ['plate.inlets:size', { number: 0.0061 }, 'holes of 6.1 mm'],
    ['thread.turns', { number: 3.5 }, '3½'],
    ['spring.weight', { number: 0.0107 }, '10.7 g'],
  ] as const)('%s', (key, value, words) => {
    expect(said(key, value)).toBe(words)
  })

  test.each([
    [undefined, ''],
    [0.9, 'most have it'],
    [0.55, 'about 1 in 2'],
    [0.02, 'about 1 in 50'],
  ])('a share of %s', (share, words) => {
    expect(formatShare(share)).toBe(words)
  })
})

describe('what to record', () => {
  const [a, b] = [recordOf('a', { 'can.seam': 'flat' }), recordOf('b', { 'core.type': 'cage' })]

  test('what is known of one comes before what is known of neither', () => {
    const next = toRecord(a, b, 3)
    expect(
      next
        .slice(0, 2)
        .map(({ feature: { key } }) => key)
        .sort(),
    ).toEqual(['can.seam', 'core.type'])
    expect(next[2]!.missingOf).toEqual(['a', 'b'])
  })

  test('what one lacks and can never have again is not asked for', () => {
    const next = toRecord(a, b, Infinity, (id, { key }) => !(id === 'b' && key === 'can.seam'))
    const keys = next.map(({ feature: { key } }) => key)
    expect(keys).not.toContain('can.seam')
    expect(keys).toContain('core.type')
  })

  test('each reading is asked for once, and of what goes together one', () => {
    const next = toRecord(a, b, Infinity).map(({ feature: one }) => one)
    expect(new Set(next.map(({ characteristic }) => characteristic.key)).size).toBe(next.length)
    expect(new Set(next.map(({ part, group }) => `${part} ${group}`)).size).toBe(next.length)
    for (const { characteristic } of next) expect(findCharacteristic(characteristic.key)).toBeDefined()
  })
})

describe('a part that was tried', () => {
  test('speaks by what fits more often when it is the same', () => {
    const weightOf = (...outcomes: (typeof swapOutcomes)[number]['key'][]) =>
      swapWeights(outcomes.map((outcome) => ({ part: 'can', outcome }))).get('can') ?? NaN
    expect(weightOf('fits')).toBeGreaterThan(1)
    expect(weightOf('play')).toBeLessThan(1)
    expect(weightOf('fits', 'fits')).toBe(weightOf('fits'))
    expect(weightOf('fits', 'play')).toBe(weightOf('play'))
    expect(weightOf('fits', 'fits', 'fits', 'not')).toBe(0)
  })

  test('says nothing of parts that were not', () => {
    expect([...swapWeights([{ part: 'bypass', outcome: 'fits' }]).keys()]).toEqual(['bypass'])
  })
})
