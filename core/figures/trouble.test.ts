import { expect, test } from 'vitest'
import { catalogueFor, findCharacteristic, optionsOf, stations } from '#core/catalogue/index.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { nextOpen } from '#core/teardown/progress.ts'
import { workOrder } from '#core/teardown/work-order.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { checksOf, engineTroubles, firstChecks, troubleOutcome } from './trouble.ts'

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

test('what a trouble asks for comes first at its station, and no station before its turn', () => {
  for (const form of ['spin-on', 'cartridge'] as const)
    for (const { key } of engineTroubles) {
      const first = firstChecks(key, form)
      const order = workOrder(form, first)
      expect([...order].sort((a, b) => a.key.localeCompare(b.key))).toEqual(
        [...catalogueFor(form)].sort((a, b) => a.key.localeCompare(b.key)),
      )
      for (const station of stations) {
        const own = order.filter((one) => one.station === station.key).map((one) => first.has(one.key))
        expect(own).toEqual([...own].sort((a, b) => Number(b) - Number(a)))
      }
      expect(order.map(({ station }) => station)).toEqual(catalogueFor(form).map(({ station }) => station))
    }
  expect(workOrder('spin-on', new Set())).toEqual(catalogueFor('spin-on'))
})

test('the next reading is the check of the trouble, an extra too, unless it does not apply', () => {
  const first = firstChecks('collapse', 'spin-on')
  const next = (known: ReturnType<typeof seen>, after: string) => nextOpen('spin-on', known, after, {}, first)?.key
  const parts = workOrder('spin-on', first)
  const check = parts.find(({ key }) => first.has(key))!
  const before = parts[parts.indexOf(check) - 1]!
  expect(next(seen({}), before.key)).toBe(check.key)
  expect(firstChecks('', 'spin-on').size).toBe(0)
  const drains = firstChecks('drains', 'spin-on')
  const without = seen({ 'adbv.build': 'none' })
  const open: string[] = []
  for (let after: string | undefined; open.length < 200;) {
    const one = nextOpen('spin-on', without, after, {}, drains)?.key
    if (!one || open.includes(one)) break
    open.push(one)
    after = one
  }
  expect(open).not.toContain('adbv.fit')
})
