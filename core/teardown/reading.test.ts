import { expect, test } from 'vitest'
import { catalogue, characteristicOf } from '#core/catalogue/index.ts'
import { defaultEvidence, readingValue } from './reading.ts'

test.each([
  ['can.wall', 'measured'],
  ['plate.inlets', 'measured'],
  ['pleats.count', 'observed'],
  ['adbv.material', 'observed'],
  ['glue.grade', 'observed'],
  ['thread.designation', 'observed'],
  ['bypass.printed', 'claimed'],
])('%s is %s when nothing else is said', (key, evidence) => {
  expect(defaultEvidence(characteristicOf(key))).toBe(evidence)
})

test('only what the maker alone can state is claimed by itself', () => {
  const claimed = catalogue.filter((characteristic) => defaultEvidence(characteristic) === 'claimed')
  expect(claimed.map(({ key }) => key)).toEqual(expect.arrayContaining(['bypass.printed']))
  expect(claimed.every(({ how }) => /claim|print|box|data sheet/i.test(how))).toBe(true)
})

test('a reading says one thing, whatever its kind', () => {
  expect(
    readingValue({ valueNumber: null, valueHalf: null, valueText: 'nitrile', valueGroups: null, atEnd: null }),
  ).toEqual({
    number: null,
    half: null,
    text: 'nitrile',
    groups: null,
    end: null,
  })
})
