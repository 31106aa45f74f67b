import { z } from 'zod'
import { claimKinds, claimPlaces, type ClaimKind, type ClaimParts } from '#core/claims/claim.ts'
import { readPoints } from '#core/claims/read-points.ts'
import { climates, duties, positions } from '#core/money/driver.ts'
import { readNumber } from '#core/quantity/number.ts'
import type { Dimension } from '#core/quantity/units.ts'
import {
  currency,
  day,
  filled,
  id,
  keyOf,
  line,
  oneOf,
  openInterval,
  openMoney,
  openQuantity,
  openWhole,
  optionalLine,
  ticked,
} from './zod-fields.ts'

/** How the amount of a claim is read. */
export const claimAmounts: Partial<
  Record<ClaimKind, { name: string; dimension: Dimension; unit: string; units: string[]; range: [number, number] }>
> = {
  capacity: { name: 'Capacity', dimension: 'mass', unit: 'g', units: ['g', 'oz'], range: [0.001, 0.5] },
  flow: {
    name: 'Flow rate',
    dimension: 'flow',
    unit: 'L/min',
    units: ['L/min', 'gal/min'],
    range: [1 / 60_000, 400 / 60_000],
  },
  bypass: {
    name: 'Bypass pressure',
    dimension: 'pressure',
    unit: 'bar',
    units: ['bar', 'psi', 'kPa'],
    range: [0.1e5, 10e5],
  },
  burst: {
    name: 'Burst pressure',
    dimension: 'pressure',
    unit: 'bar',
    units: ['bar', 'psi', 'kPa'],
    range: [3e5, 100e5],
  },
}

const openText = z.string().trim().max(200, 'That is too long.').default('')

/** A claim as it was read, with the structured part that its kind has. */
export const claimSchema = z
  .object({
    id,
    kind: keyOf(claimKinds, 'Choose what is claimed.'),
    words: line('The wording', 600),
    place: keyOf(claimPlaces, 'Say where it was read.'),
    readOn: day('The day'),
    photo: z.union([id, z.literal('')]).default(''),
    points: openText,
    standard: optionalLine('The test', 60),
    pass: z.enum(['multi', 'single', '']).default(''),
    amount: openText,
    low: openQuantity('Cold end', 'temperature', '°C', ['°C', '°F'], 173.15, 373.15),
    high: openQuantity('Hot end', 'temperature', '°C', ['°C', '°F'], 273.15, 673.15),
    interval: openInterval('The interval'),
    oil: optionalLine('The oil', 80),
    notSevere: ticked,
  })
  .transform(({ points, standard, pass, amount, low, high, interval, oil, notSevere, photo, ...rest }, context) => {
    const wrong = (path: string, message: string): ClaimParts => {
      context.addIssue({ code: 'custom', path: [path], message })
      return {}
    }
    const parts = (): ClaimParts => {
      switch (rest.kind) {
        case 'efficiency': {
          const read = readPoints(points)
          if (!read.ok) return wrong('points', read.problem.message)
          return { points: read.value, ...(standard && { standard }), ...(pass && { pass }) }
        }
        case 'interval':
          if (!interval) return wrong('interval', 'Write a distance, months, or both: 15000 km or 12 months.')
          return {
            ...(interval.distance !== null && { distance: interval.distance }),
            ...(interval.months !== null && { months: interval.months }),
            ...(oil && { oil }),
            ...(notSevere && { notSevere }),
          }
        case 'temperature':
          if (low === null && high === null) return wrong('high', 'Write at least one end of the range.')
          if (low !== null && high !== null && low >= high) return wrong('high', 'The hot end lies above the cold one.')
          return { ...(low !== null && { low }), ...(high !== null && { high }) }
        case 'media':
        case 'slogan':
          return {}
        default: {
          const { name, dimension, unit, units, range } = claimAmounts[rest.kind]!
          const read = filled(
            openQuantity(name, dimension, unit, units, ...range),
            `Write the ${name.toLowerCase()}, with its unit.`,
          ).safeParse(amount)
          return read.success ? { amount: read.data } : wrong('amount', read.error.issues[0]!.message)
        }
      }
    }
    return { ...rest, photo: photo || null, parts: parts() }
  })

export const decisionSchema = z.object({
  product: id,
  kind: keyOf(claimKinds, 'There is no such claim.'),
  claim: id,
  reason: line('The reason', 300),
})

const openShare = (name: string) =>
  openText.transform((text, context) => {
    if (text === '') return 0
    const read = readNumber(text.replace(/\s*%$/, ''))
    if (read.ok && read.value >= 0 && read.value <= 90) return read.value / 100
    context.addIssue(`${name} is a percentage from 0 to 90.`)
    return z.NEVER
  })

/** A price as a shop asks it. */
export const priceSchema = z
  .object({
    id,
    shop: line('The shop', 80),
    on: day('The day'),
    minor: filled(openMoney('The price'), 'Write the price.'),
    currency,
    count: openWhole('Filters in a pack', 1, 1000),
    subscription: openShare('The discount'),
    order: openMoney('Freight for the order'),
    pack: openMoney('Freight for a pack'),
    least: openMoney('The least freight'),
    freeFrom: openMoney('The worth from which freight is free'),
    extras: optionalLine('The extras', 80),
    extrasMinor: openMoney('The worth of the extras'),
  })
  .superRefine((price, context) => {
    const wrong = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message })
    const charges = (price.order ?? 0) + (price.pack ?? 0) + (price.least ?? 0)
    if (price.currency === undefined) wrong('currency', 'A price needs its currency.')
    if (price.minor === 0) wrong('minor', 'A filter that costs nothing was given: say so at its specimen.')
    if (price.freeFrom !== null && charges === 0)
      wrong(
        'freeFrom',
        'Freight is free from there on, but no freight is charged below. Write what it costs, or leave this empty.',
      )
    if (charges > 50 * price.minor && price.minor > 0)
      wrong('order', 'That freight is more than fifty packs cost. Read it again.')
    if ((price.extrasMinor ?? 0) > 0 && price.extras === '') wrong('extras', 'Say what comes along.')
    if ((price.extrasMinor ?? 0) * (price.count ?? 1) >= price.minor && price.minor > 0)
      wrong('extrasMinor', 'What comes along cannot be worth as much as the pack.')
  })
  .transform(({ order, pack, least, freeFrom, currency: money, count, extrasMinor, ...rest }) => ({
    ...rest,
    currency: money!,
    count: count ?? 1,
    extrasMinor: extrasMinor ?? 0,
    freight: { order: order ?? 0, pack: pack ?? 0, least: least ?? 0, freeFrom },
  }))

/** A rate of exchange with its day. */
export const rateSchema = z
  .object({
    from: currency,
    to: currency,
    rate: openText.transform((text, context) => {
      const read = readNumber(text)
      if (read.ok && read.value > 0 && read.value < 100_000) return read.value
      context.addIssue(text === '' ? 'Write the rate.' : `"${text}" is no rate. Write 1.17.`)
      return z.NEVER
    }),
    on: day('The day'),
  })
  .transform(({ from, to, ...rest }, context) => {
    if (from && to && from !== to) return { from: from as string, to: to as string, ...rest }
    context.addIssue({ code: 'custom', path: ['rate'], message: 'A rate is between two currencies.' })
    return z.NEVER
  })

const km = 1000
const length = (name: string, low: number, high: number) =>
  openQuantity(name, 'length', 'km', ['km', 'mi'], low * km, high * km)

/** A driver profile. */
export const driverSchema = z
  .object({
    id,
    name: line('The name', 60),
    distance: filled(length('Distance a year', 100, 1_000_000), 'Write the distance a year, such as 18000 km.'),
    habit: openInterval('The habit'),
    duty: keyOf(duties, 'Choose the duty.'),
    climate: keyOf(climates, 'Choose the climate.'),
    position: keyOf(positions, 'Choose how the filter sits.'),
    oilHot: openQuantity('Hottest oil', 'temperature', '°C', ['°C', '°F'], 323.15, 473.15),
    meetsOil: oneOf(['yes', 'no'], 'Say whether such an oil is used.'),
    vehicles: openWhole('Vehicles', 1, 100_000),
  })
  .transform(({ habit, meetsOil, vehicles, ...rest }) => ({
    ...rest,
    habit: habit ?? { distance: null, months: null },
    meetsOil: meetsOil === 'yes',
    vehicles: vehicles ?? 1,
  }))
