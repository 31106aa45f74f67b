import { expect, test } from 'vitest'
import { findCharacteristic, optionsOf } from '#core/catalogue/index.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { checksOf, engineTroubles, troubleOutcome } from './trouble.ts'

const seen = (typed: Parameters<typeof readings>[0]) => resolve(readings(typed))

test('every check is a characteristic of the catalogue, and its good answers are answers of it', () => {
  for (const { checks } of engineTroubles)
    for (const { key, ...check } of checks) {
      const characteristic = findCharacteristic(key)
      expect(characteristic, key).toBeDefined()
      const good = 'good' in check ? (check.good as readonly string[]) : []
      const values = characteristic ? optionsOf(characteristic).map(({ value }) => value) : []
      for (const answer of good) expect(values, key).toContain(answer)
    }
})

test('answers it when all is good, does not when one is bad, else it was not looked at (common practice)', () => {
  const good = { 'adbv.build': 'flap', 'adbv.fit': '4' }
  expect(troubleOutcome('drains', 'spin-on', [seen(good)]).answer).toBe('answers')
  expect(troubleOutcome('drains', 'spin-on', [seen({ 'adbv.build': 'flap' })]).answer).toBe('not-looked-at')
  expect(troubleOutcome('drains', 'spin-on', [seen({ 'adbv.fit': '0' })]).answer).toBe('does-not')
  expect(troubleOutcome('drains', 'spin-on', [seen(good), seen({ 'adbv.build': 'none' })]).answer).toBe('does-not')
  expect(troubleOutcome('cover', 'cartridge', [seen({ 'oring.lie': 'serious' })]).answer).toBe('does-not')
  expect(checksOf('drains', 'cartridge')).toEqual([])
})
