import { expect, test } from 'vitest'
import { formatSpecimenState, specimenConditions, standsForNew } from './specimen-condition.ts'

test('only what is as it is sold stands for the product', () =>
  expect(specimenConditions.filter(({ key }) => standsForNew(key)).map(({ key }) => key)).toEqual(['new', 'old-stock']))

test.each([
  ['new', null, ''],
  ['old-stock', { distance: null, months: 48 }, 'old stock, 48 months'],
  ['used', { distance: 8e6, months: 6, hours: 250 }, 'used, 8000 km, 6 months, 250 engine hours'],
  ['used', null, 'used'],
  ['damaged', null, 'damaged'],
] as const)('%s, %o', (condition, service, words) =>
  expect(formatSpecimenState({ condition, service }, 'km')).toBe(words),
)
