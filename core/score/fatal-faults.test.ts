import { describe, expect, test } from 'vitest'
import { known } from '#core/examples.fixture.ts'
import { countFault, endsDiscussion, findFatalFaults } from './fatal-faults.ts'

describe('a fault that ends the discussion', () => {
  test.each([
    ['inside.rust', 'serious', true],
    ['inside.rust', 'slight', false],
    ['inside.rust', null, false],
    ['adbv.material', 'serious', false],
    ['nothing.known', 'serious', false],
  ])('%s, %s: %s', (characteristic, valueText, ends) =>
    expect(endsDiscussion({ characteristic, valueText })).toBe(ends),
  )

  test('is found where it is serious, in its own words', () => {
    const found = (rust: string) =>
      findFatalFaults('spin-on', known({ 'inside.rust': [rust], 'adbv.material': ['silicone'] }))
    expect(found('serious')).toHaveLength(1)
    expect(found('serious')[0]).toMatchObject({ key: 'inside.rust' })
    expect(found('serious')[0]?.description).not.toBe('')
    expect(found('slight')).toEqual([])
    expect(found('none')).toEqual([])
  })
})

test('a fault is counted among those in which it was looked for; what was done to one says nothing', () => {
  const specimens = ['serious', 'none', 'slight', 'own', 'transit'].map((rust) => known({ 'inside.rust': [rust] }))
  expect(countFault('inside.rust', [...specimens, new Map()])).toEqual({ found: 1, lookedAt: 3 })
})
