import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { mountings } from '#core/kin/fitment-checks.ts'
import { claimKinds, claimPlaces } from '#core/claims/claim.ts'
import { currencies, minorUnitDigits } from '#core/money/currency.ts'
import { climates, duties, positions } from '#core/money/driver.ts'
import { applicationFields, applicationSchema, applicationValues } from './application-fields.ts'
import { claimAmounts, claimFields, claimSchema, claimValues } from './claim-fields.ts'
import { driverFields, driverSchema, driverValues } from './driver-fields.ts'
import { instrumentFields, instrumentSchema, instrumentValues } from './instrument-fields.ts'
import { productSchema } from './product-fields.ts'
import { specimenFields, specimenSchema, specimenValues } from './specimen-fields.ts'

const id = 'aaaaaaaaaaaa'
const words = fc
  .string({ minLength: 1, maxLength: 20 })
  .map((text) => text.trim())
  .filter((text) => text !== '')

/** A number with up to so many decimals, as it is typed. */
const decimal = (low: number, high: number, decimals: number) =>
  fc
    .tuple(fc.integer({ min: Math.ceil(low * 10 ** decimals), max: Math.floor(high * 10 ** decimals) }), fc.boolean())
    .map(([digits]) => (digits / 10 ** decimals).toFixed(decimals))
const withUnit = (unit: string, low: number, high: number, decimals: number) =>
  decimal(low, high, decimals).map((number) => `${number} ${unit}`)
const orEmpty = (text: fc.Arbitrary<string>) => fc.oneof(fc.constant(''), text)
const pressure = fc.oneof(withUnit('bar', 3, 6, 2), withUnit('psi', 44, 87, 1), withUnit('kPa', 300, 600, 0))
const length = fc.oneof(withUnit('mm', 40, 190, 2), withUnit('in', 1.6, 7.4, 4))
const cold = fc.oneof(withUnit('°C', -60, 40, 1), withUnit('°F', -60, 100, 1))
const hot = fc.oneof(withUnit('°C', 60, 180, 1), withUnit('°F', 130, 380, 1))
const interval = fc.oneof(
  withUnit('km', 1000, 99_000, 0),
  withUnit('mi', 1000, 60_000, 0),
  fc.constantFrom('15000 km or 12 months', '6 months', '5000 mi or 6 months'),
)
const from = <K extends string>(list: readonly { key: K }[]) => fc.constantFrom(...list.map(({ key }) => key))

const application = fc.record({
  id: fc.constant(id),
  name: words,
  machine: words,
  form: fc.constantFrom('spin-on', 'cartridge'),
  thread: fc.constantFrom('', 'M20x1.5', '3/4-16 unf'),
  bypass: fc.constantFrom('filter', 'engine', 'unknown'),
  bypassOpening: orEmpty(pressure),
  oilTemperatureMin: orEmpty(cold),
  oilTemperatureMax: orEmpty(hot),
  maxHeight: orEmpty(length),
  gasketLand: orEmpty(length),
  maxDiameter: orEmpty(length),
  mounting: fc.oneof(fc.constant(''), from(mountings)),
  easyInterval: orEmpty(interval),
  normalInterval: orEmpty(interval),
  severeInterval: orEmpty(interval),
  note: words,
})

const driver = fc.record({
  id: fc.constant(id),
  name: words,
  annualDistance: fc.oneof(withUnit('km', 100, 1_000_000, 0), withUnit('mi', 100, 600_000, 0)),
  habit: orEmpty(interval),
  annualHours: orEmpty(fc.integer({ min: 1, max: 8784 }).map(String)),
  duty: from(duties),
  climate: from(climates),
  position: from(positions),
  oilTemperatureMax: orEmpty(hot),
  oil: fc.constantFrom('mineral', 'semi', 'full', 'winter'),
  vehicles: fc.integer({ min: 1, max: 900 }).map(String),
})

const instrument = fc.record({
  id: fc.constant(id),
  name: words,
  kind: fc.constantFrom('caliper', 'micrometer', 'tape'),
  resolution: fc.oneof(withUnit('mm', 0.001, 1, 3), withUnit('in', 0.0001, 0.05, 4), withUnit('thou', 0.1, 50, 1)),
  accuracy: fc.oneof(withUnit('mm', 0.001, 1, 3), withUnit('in', 0.0001, 0.05, 4)),
  checkIntervalDays: orEmpty(fc.integer({ min: 1, max: 3650 }).map(String)),
  isDefault: fc.constantFrom('yes', 'no'),
})

const specimen = fc.constantFrom(...currencies).chain((currency) =>
  fc.record({
    id: fc.constant(id),
    revisionId: fc.constant('bbbbbbbbbbbb'),
    label: words,
    acquisition: fc.constantFrom('bought', 'given'),
    givenBy: words,
    price: orEmpty(decimal(0, 2000, minorUnitDigits(currency))),
    currency: fc.constant(currency),
    shop: words,
  }),
)

const amounts = {
  capacity: fc.oneof(withUnit('g', 1, 400, 1), withUnit('oz', 0.1, 17, 3)),
  flow: fc.oneof(withUnit('L/min', 1, 399, 1), withUnit('gal/min', 1, 100, 2)),
  bypass: pressure,
  burst: pressure,
  collapse: pressure,
}
const promise = fc.constantFrom(['adbv.material', 'silicone'], ['glue.grade', '3'], ['pleats.count', '48'])
const claim = fc.tuple(from(claimKinds), promise).chain(([kind, [promised = '', answer = '']]) =>
  fc.record({
    promised: fc.constant(promised),
    answer: fc.constant(answer),
    rival: fc.oneof(fc.constant(''), words),
    id: fc.constant(id),
    kind: fc.constant(kind),
    words,
    place: from(claimPlaces),
    readOn: fc.constant('2026-10-02'),
    photoId: fc.constant(''),
    points: fc.constantFrom('99 at 25', '92 @ 30, 50 at 10', '99+ at ?'),
    standard: fc.constantFrom('', 'ISO 4548-12'),
    pass: fc.constantFrom('', 'multi', 'single'),
    amount: kind in claimAmounts ? amounts[kind as keyof typeof amounts] : fc.constant(''),
    low: cold,
    high: hot,
    interval,
    oil: fc.oneof(fc.constant(''), words),
    notSevere: fc.constantFrom('yes', 'half', 'no'),
  }),
)

/** What is kept of a form, opened and saved as it is: with what was typed, and as a library has it that kept none. */
function opensUnchanged<Typed extends Record<string, string>, Kept extends { rawInput: Record<string, string> }>(
  typed: fc.Arbitrary<Typed>,
  keep: (typed: Record<string, string>) => Kept,
  valuesOf: (kept: Kept) => Record<string, string>,
) {
  const save = (kept: Kept) => keep({ id, ...valuesOf(kept) })
  fc.assert(
    fc.property(typed, (fields) => {
      const kept = keep(fields)
      expect(save(kept)).toEqual(kept)
      const { rawInput: _, ...meaning } = kept
      expect(save({ ...kept, rawInput: {} })).toMatchObject(meaning)
    }),
    { numRuns: 300 },
  )
}

describe('opened and saved as it is, a form changes nothing:', () => {
  test('an application', () =>
    opensUnchanged(application, (typed) => applicationFields(applicationSchema.parse(typed), typed), applicationValues))

  test('a driver', () =>
    opensUnchanged(driver, (typed) => driverFields(driverSchema.parse(typed), typed), driverValues))

  test('an instrument', () =>
    opensUnchanged(instrument, (typed) => instrumentFields(instrumentSchema.parse(typed), typed), instrumentValues))

  test('a specimen', () =>
    opensUnchanged(
      specimen,
      (typed) => specimenFields(specimenSchema.parse(typed), typed),
      (kept) => specimenValues(kept as Parameters<typeof specimenValues>[0]),
    ))

  test('a claim', () =>
    opensUnchanged(claim, (typed) => claimFields(claimSchema.parse(typed), 'product', typed), claimValues))

  test('a product', () => {
    const product = { id, brand: 'Tarn', partNumber: 'T-9', form: 'spin-on', tier: 'top', revision: '' }
    const { revision: _, ...kept } = productSchema.parse(product)
    expect(productSchema.parse(kept)).toEqual(productSchema.parse(product))
  })
})

test.each([
  ['15 psi', (typed: string) => applicationSchema.parse({ ...fc.sample(application, 1)[0], bypassOpening: typed })],
])('the reported cases: %s', (typed, parse) => {
  const kept = applicationFields(parse(typed), { bypassOpening: typed })
  expect(applicationValues(kept).bypassOpening).toBe('15 psi')
  const older = applicationValues({ ...kept, rawInput: {} }).bypassOpening
  expect(parse(older ?? '').bypassOpening).toBe(kept.bypassOpening)
})

test('a million kilometres a year and a ten-thousandth of an inch come back as they were', () => {
  const million = driverSchema.parse({ ...fc.sample(driver, 1)[0], annualDistance: '1000000 km' })
  const again = driverValues({ ...million, rawInput: {} })
  expect(driverSchema.parse({ ...again, id }).annualDistance).toBe(1e9)
  const fine = instrumentSchema.parse({ ...fc.sample(instrument, 1)[0], resolution: '0.0001 in' })
  const shown = instrumentValues({ ...fine, rawInput: {} })
  expect(instrumentSchema.parse({ ...shown, id }).resolution).toBe(fine.resolution)
})
