import { expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { brandFaults, brandHabits, countedShare, type BrandSpecimen } from './brand-range.ts'

const specimen = (product: string, tier: string, typed: Parameters<typeof readings>[0]): BrandSpecimen => ({
  product,
  tier,
  values: resolve(readings(typed)),
})

test(
  'the score interval of Wilson: 0 of 10 is 0 to 27.8 %, 5 of 10 is 23.7 to 76.3 % (worked by hand from the ' +
    'formula)',
  () => {
    const [none, half] = [countedShare(0, 10), countedShare(5, 10)]
    expect([none.low, none.high]).toEqual([0, expect.closeTo(0.2775, 4)])
    expect([half.low, half.high]).toEqual([expect.closeTo(0.2366, 4), expect.closeTo(0.7634, 4)])
  },
)

test('a fault of the cheap tier is not held against the top one, unless it was found there', () => {
  const rusty = specimen('a', 'low', { 'inside.rust': 'serious' })
  const clean = specimen('b', 'top', { 'inside.rust': 'none' })
  const [fault] = brandFaults([rusty, clean], (tier) => tier)
  expect(fault?.tiers.map(({ tier, share }) => [tier, share.found, share.of])).toEqual([
    ['low', 1, 1],
    ['top', 0, 1],
  ])
  expect(fault?.says).toBe('It is not held against top (0 of 1).')
  const [both] = brandFaults([rusty, specimen('b', 'top', { 'inside.rust': 'slight' })], (tier) => tier)
  expect(both?.says).toContain('every tier')
  expect(brandFaults([rusty], (tier) => tier)[0]?.says).toContain('says nothing of them')
  expect(brandFaults([clean], (tier) => tier)).toEqual([])
})

test('what three products or more share is a habit; each product counts once', () => {
  const coil = (product: string) => specimen(product, 'low', { 'spring.type': 'coil' })
  expect(brandHabits([coil('a'), coil('b')])).toEqual([])
  const [habit] = brandHabits([coil('a'), coil('a'), coil('b'), specimen('c', 'top', { 'spring.type': 'leaf' })])
  expect([habit?.answer, habit?.share.found, habit?.share.of]).toEqual(['Coil', 2, 3])
})
