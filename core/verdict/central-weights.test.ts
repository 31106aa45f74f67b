import { expect, test } from 'vitest'
import { shippedCriterion } from '#core/score/criteria.ts'
import { formatPreference, preferenceOf } from './central-weights.ts'

const criteria = ['glue', 'can-wall', 'adbv-material', 'adbv-fit'].map(shippedCriterion)

test('criteria of one part count together; the part that is most above its usual weight comes first', () => {
  // By hand: caps 0.3 over 0.25 is 1.2, can 0.05 over 0.25 is 0.2, valve 0.65 over 0.5 is 1.3.
  const preference = preferenceOf(criteria, [0.3, 0.05, 0.3, 0.35], 0.42)
  expect(preference.parts).toEqual(['adbv', 'caps'])
  expect(formatPreference(preference)).toBe(
    'wins if you care mostly about anti-drain-back valve and end caps/glue (first by 42 % of all weights)',
  )
})

test('one that is first by even weights is first whatever one cares about', () => {
  expect(formatPreference(preferenceOf(criteria, [0.25, 0.25, 0.25, 0.25], 0.97))).toBe(
    'wins whatever you care about (first by 97 % of all weights)',
  )
})
