import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Claim } from '#core/claims/claim.ts'
import { drivingCost, usableInterval, isOilAsked, type Driver } from './driver.ts'
import { costSpans } from './cost-span.ts'
import { frontier } from './frontier.ts'
import { landedPrice, priceAge, pricesInForce, type Price } from './landed.ts'
import { findRate } from './rates.ts'

const none = { order: 0, pack: 0, least: 0, freeFrom: null }
const price = (minor: number, more: Partial<Price> = {}): Price => ({
  id: 'p',
  productId: 'x',
  shop: 'Shop',
  currency: 'EUR',
  amountMinor: minor,
  packSize: 1,
  subscription: 0,
  freight: none,
  extras: '',
  extrasMinor: 0,
  observedOn: '2026-06-01',
  ...more,
})

describe('landed price, worked by hand', () => {
  test('two at 8.00 with 4.90 freight: (16.00 + 4.90) / 2 = 10.45', () => {
    expect(landedPrice(price(800, { freight: { ...none, order: 490, freeFrom: 5000 } }), 2).unit).toBe(1045)
  })
  test('seven at 8.00 pass the 50.00 from which freight is free: 8.00', () => {
    expect(landedPrice(price(800, { freight: { ...none, order: 490, freeFrom: 5000 } }), 7)).toMatchObject({
      freight: 0,
      unit: 800,
    })
  })
  test('a four-pack for 26.00 when six are wanted: two packs, 52.00 / 8 = 6.50', () => {
    expect(landedPrice(price(2600, { packSize: 4 }), 6)).toMatchObject({ packs: 2, filters: 8, unit: 650 })
  })
  test('1.20 a pack but at least 3.00: one pack pays 3.00, three pay 3.60', () => {
    const freight = { ...none, pack: 120, least: 300 }
    expect(landedPrice(price(1000, { freight }), 1).freight).toBe(300)
    expect(landedPrice(price(1000, { freight }), 3).freight).toBe(360)
  })
  test('five per cent off by subscription and a washer worth 0.40: 10.00 x 0.95 - 0.40 = 9.10', () => {
    expect(landedPrice(price(1000, { subscription: 0.05, extrasMinor: 40 }), 1).unit).toBeCloseTo(910, 9)
  })
  test('with free freight from nothing on, one never pays more than the goods', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 100_000 }),
        fc.integer({ min: 1, max: 500 }),
        (minor, wanted) =>
          landedPrice(price(minor, { freight: { order: 500, pack: 100, least: 900, freeFrom: 0 } }), wanted).unit ===
          minor,
      ),
    )
  })
  test('more freight never lands cheaper', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9999 }),
        fc.nat(2000),
        fc.nat(2000),
        fc.integer({ min: 1, max: 40 }),
        (minor, less, more, wanted) =>
          landedPrice(price(minor, { freight: { ...none, order: less + more } }), wanted).unit >=
          landedPrice(price(minor, { freight: { ...none, order: less } }), wanted).unit,
      ),
    )
  })
  test('no filter cannot be bought', () => expect(() => landedPrice(price(1), 0)).toThrow(RangeError))
})

describe('price history', () => {
  test('the latest of each shop and pack is in force; older than 180 days is stale', () => {
    const [old, fresh, four] = [
      price(900, { observedOn: '2026-01-05' }),
      price(950, { observedOn: '2026-05-05' }),
      price(3400, { packSize: 4 }),
    ]
    expect(pricesInForce([fresh, old, four])).toEqual([fresh, four])
    expect(priceAge(old, '2026-07-05')).toBe(181)
  })
  test('a rate is taken either way round, the latest given, never through a third currency', () => {
    const rates = [
      { base: 'GBP', quote: 'EUR', rate: 1.2, quotedOn: '2026-01-01' },
      { base: 'EUR', quote: 'GBP', rate: 0.8, quotedOn: '2026-02-01' },
      { base: 'USD', quote: 'GBP', rate: 0.75, quotedOn: '2026-02-01' },
    ]
    expect(findRate(rates, 'GBP', 'EUR')).toMatchObject({ rate: 1.25, quotedOn: '2026-02-01' })
    expect(findRate(rates, 'USD', 'EUR')).toBeUndefined()
    expect(findRate([], 'EUR', 'EUR')!.rate).toBe(1)
  })
})

describe('the driver', () => {
  const km = 1000
  const driver: Driver = {
    id: 'd',
    name: 'Ferry taxi',
    annualDistance: 20_000 * km,
    annualHours: null,
    habit: { distance: 15_000 * km, months: 12 },
    duty: 'normal',
    climate: 'mild',
    position: 'upright',
    oilTemperatureMax: null,
    oil: 'full',
    vehicles: 1,
  }
  const claim = (parts: Claim['parts']): Claim => ({
    id: 'c',
    productId: 'p',
    kind: 'interval',
    words: '',
    place: 'front',
    readOn: '',
    parts,
  })

  test('the smallest of claim, manual for the duty and habit counts', () => {
    const claims = [claim({ distance: 25_000 * km, months: 24 })]
    expect(usableInterval(driver, claims, {})).toMatchObject({
      distance: 15_000 * km,
      limit: 'habit',
      claimed: 25_000 * km,
      unused: 10_000 * km,
    })
    expect(usableInterval(driver, claims, { normal: { distance: 12_000 * km, months: null } })).toMatchObject({
      distance: 12_000 * km,
      limit: 'manual',
    })
    expect(usableInterval(driver, [claim({ distance: 8_000 * km })], {})).toMatchObject({
      distance: 8_000 * km,
      limit: 'claim',
      unused: 0,
    })
  })

  test('one year at most: at 6,000 km a year a claim of 15,000 km is worth 6,000 km', () => {
    expect(
      usableInterval(
        { ...driver, annualDistance: 6_000 * km, habit: { distance: null, months: null } },
        [claim({ distance: 15_000 * km, months: 12 })],
        {},
      )!.distance,
    ).toBe(6_000 * km)
  })

  test('a condition that is not met makes the claim worth nothing, and says which', () => {
    const claims = [claim({ distance: 8_000 * km, oil: 'full synthetic oil' })]
    expect(usableInterval({ ...driver, oil: 'mineral' }, claims, {})).toMatchObject({
      limit: 'habit',
      claimFails: 'it asks for full synthetic oil',
    })
    expect(
      usableInterval({ ...driver, duty: 'severe' }, [claim({ distance: 8_000 * km, notSevere: true })], {})!.claimFails,
    ).toContain('severe')
    expect(usableInterval({ ...driver, habit: { distance: null, months: null } }, [], {})).toBeUndefined()
  })

  test('a claim that is halved by hard work is halved in distance and months, for hard work alone', () => {
    const free = { ...driver, annualDistance: 20_000 * km, habit: { distance: null, months: null } }
    const claims = [claim({ distance: 10_000 * km, months: 12, severeShare: 0.5 })]
    expect(usableInterval({ ...free, duty: 'severe' }, claims, {})!.distance).toBe(5_000 * km)
    expect(usableInterval({ ...free, duty: 'severe', annualDistance: 4_000 * km }, claims, {})!.distance).toBe(
      2_000 * km,
    )
    expect(usableInterval({ ...free, duty: 'normal' }, claims, {})!.distance).toBe(10_000 * km)
  })

  test('250 engine hours at 500 a year are half a year, and set no limit where the hours are not known', () => {
    const boat = { ...driver, annualDistance: 3_000 * km, habit: { distance: null, months: null, hours: 250 } }
    expect(usableInterval({ ...boat, annualHours: 500 }, [], {})).toMatchObject({
      distance: 1_500 * km,
      limit: 'habit',
    })
    expect(usableInterval(boat, [], {})).toBeUndefined()
    const claims = [claim({ hours: 100 })]
    expect(usableInterval({ ...boat, annualHours: 500 }, claims, {})).toMatchObject({
      distance: 600 * km,
      limit: 'claim',
    })
    expect(
      usableInterval({ ...boat, annualHours: 500 }, claims, { normal: { distance: null, months: 1 } }),
    ).toMatchObject({ distance: 250 * km, limit: 'manual' })
  })

  test('cost by hand: 10.45 every 15,000 km at 20,000 km a year is 13.93 a year and 6.97 for 10,000 km', () => {
    const cost = drivingCost(1045, 15_000 * km, driver, 10_000 * km)
    expect(cost.aYear).toBeCloseTo(1393.33, 2)
    expect(cost.perDistance).toBeCloseTo(696.67, 2)
  })

  test('a shorter habit never lengthens the interval', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50_000 }), fc.integer({ min: 1, max: 50_000 }), (a, b) => {
        const of = (distance: number) =>
          usableInterval(
            { ...driver, habit: { distance: distance * km, months: null } },
            [claim({ distance: 20_000 * km })],
            {},
          )!.distance
        return of(Math.min(a, b)) <= of(Math.max(a, b))
      }),
    )
  })
})

describe('the efficient frontier', () => {
  const at = (id: string, cost: number, worth: number) => ({ id, low: cost, high: cost, worth })

  test('keeps what nothing beats', () => {
    const offers = [at('dear', 9, 70), at('cheap', 4, 50), at('best', 8, 80), at('worse', 4, 45)]
    expect(frontier(offers)).toEqual(['cheap', 'best'])
  })

  test('a cost that is not known is beaten only when it is so in any case', () => {
    const unknown = { id: 'unknown', low: 5, high: 12, worth: 60 }
    expect(frontier([unknown, at('sure', 6, 70)])).toEqual(['unknown', 'sure'])
    expect(frontier([unknown, at('sure', 5, 70)])).toEqual(['sure'])
    expect(frontier([unknown, at('late', 11, 40)])).toEqual(['unknown', 'late'])
    expect(frontier([unknown, at('late', 12, 40)])).toEqual(['unknown'])
  })

  test('nothing on it is dominated, and all that is off it is', () => {
    const offers = fc
      .array(fc.record({ cost: fc.integer({ min: 0, max: 20 }), worth: fc.integer({ min: 0, max: 20 }) }), {
        minLength: 1,
      })
      .map((all) => all.map(({ cost, worth }, index) => at(String(index), cost, worth)))
    fc.assert(
      fc.property(offers, (all) => {
        const on = new Set(frontier(all))
        return all.every((a) => {
          const beaten = all.some((b) => b.low <= a.low && b.worth >= a.worth && (b.low < a.low || b.worth > a.worth))
          return on.has(a.id) !== beaten
        })
      }),
    )
  })
})

describe('costs on one axis', () => {
  const facts = (unit: number | undefined, freightKnown = true, interval: number | undefined = 10e6) => ({
    unit,
    freightKnown,
    interval,
  })

  test('a price on the shelf spans to the dearest freight that is known', () => {
    expect(costSpans([facts(8), facts(6, false), facts(undefined)], [1, 2], undefined)).toEqual([
      { low: 8, high: 8, unknown: [] },
      { low: 6, high: 8, unknown: ['freight'] },
      undefined,
    ])
  })

  test('an interval that is not known spans over those of the others, and a cost without any is none', () => {
    const all = costSpans([facts(8, true, 10e6), facts(8, true, 20e6), { ...facts(8), interval: undefined }], [], 10e6)
    expect(all).toEqual([
      { low: 8, high: 8, unknown: [] },
      { low: 4, high: 4, unknown: [] },
      { low: 4, high: 8, unknown: ['interval'] },
    ])
    expect(costSpans([{ ...facts(8), interval: undefined }], [], 10e6)).toEqual([undefined])
  })
})

test('a claim that asks for synthetic oil is met by synthetic oil alone; thin winter oil is synthetic', () => {
  expect((['mineral', 'semi', 'full', 'winter'] as const).map((oil) => isOilAsked('full synthetic oil', oil))).toEqual([
    false,
    false,
    true,
    true,
  ])
  expect(isOilAsked('conventional oil', 'mineral')).toBe(true)
  expect(isOilAsked('synthetic blend', 'mineral')).toBe(true)
})
