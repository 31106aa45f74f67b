import {
  characteristicOf,
  findCharacteristic,
  optionsOf,
  type Characteristic,
  type FilterForm,
} from '#core/catalogue/index.ts'
import { findFigure } from '#core/figures/index.ts'
import { normalShare } from '#core/quantity/normal.ts'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { shippedSchool } from '#core/score/schools.ts'
import { countedCriteria } from '#core/score/score.ts'
import { numberPoints } from '#core/score/value-function.ts'
import type { Criterion } from '#core/score/criterion.ts'
import type { OpeningGroup } from '#core/teardown/opening-groups.ts'
import type { Chance } from './chance.ts'

/**
 * What a characteristic truly is: a number, a grade between two steps, an answer, or holes of one width; there are
 * eight of them where nothing else is said, and one may be larger.
 */
export type TrueValue = { number: number } | { text: string } | TrueOpenings

export interface TrueOpenings {
  width: number
  count?: number
  hasOdd?: boolean
}

/** Holes as they are read. */
export const openingGroups = ({ count = 8, hasOdd = false }: TrueOpenings, width: number): OpeningGroup[] =>
  hasOdd
    ? [
        { count: count - 1, width },
        { count: 1, width: 1.5 * width },
      ]
    : [{ count, width }]

/** What the markets of a form are judged by, and what that rests on. */
export interface Field {
  form: FilterForm
  criteria: readonly Criterion[]
  /** Characteristics that the criteria rest on, those of figures included. */
  characteristics: readonly Characteristic[]
}

/** @param more characteristics that are looked at beside those that count */
export function fieldOf(form: FilterForm, more: readonly string[] = []): Field {
  const criteria = countedCriteria(form, effectiveCriteria(shippedMethod, shippedSchool('build')))
  const keys = criteria.flatMap(({ attribute }) => {
    const figure = findFigure(attribute)
    return figure ? [...figure.needs, ...(figure.sharpenedBy ?? [])] : [findCharacteristic(attribute)?.key ?? attribute]
  })
  const characteristics = [...new Set([...keys, ...more])]
    .map(characteristicOf)
    .filter(({ forms }) => forms.includes(form))
  return { form, criteria, characteristics }
}

export const spinOns = fieldOf('spin-on')

/** A product, or a unit of it, as it truly is, by characteristic. */
export interface TrueProduct {
  field: Field
  values: ReadonlyMap<string, TrueValue>
}

/** How one characteristic is spread over a market. */
interface Population {
  /** Centre and deviation of a quantity or count; of a grade in steps. */
  centre: number
  deviation: number
  /** Chances of the answers, worst first. */
  answers: { value: string; chance: number }[]
  /** 1 where more is better, -1 where less is. */
  direction: number
}

export interface Market {
  populations: ReadonlyMap<string, Population>
  products: TrueProduct[]
}

/**
 * A market: how each characteristic is spread over it is drawn around what is usual, and so is how much the parts of
 * one product go together.
 */
export function drawMarket(chance: Chance, count: number, field = spinOns): Market {
  const populations = new Map(field.characteristics.map((one) => [one.key, drawPopulation(chance, one, field)]))
  const correlation = [0, 0.15, 0.3][chance.below(3)] ?? 0
  const products = Array.from({ length: count }, () => drawProduct(chance, field, populations, correlation))
  return { populations, products }
}

function drawPopulation(chance: Chance, characteristic: Characteristic, { criteria }: Field): Population {
  const criterion = criteria.find(({ attribute }) => attribute === characteristic.key)
  const direction = criterion ? directionOf(criterion, characteristic) : 0
  const none = { centre: 0, deviation: 0, answers: [], direction }
  switch (characteristic.kind) {
    case 'quantity':
    case 'count': {
      const [low, high] = characteristic.typical
      const width = high - low
      return {
        ...none,
        centre: low + width * (0.35 + 0.3 * chance.even()),
        deviation: width * (0.2 + 0.2 * chance.even()),
      }
    }
    case 'openings':
      return { ...none, centre: 0.0056 + 0.0004 * chance.even(), deviation: 0.0003 }
    case 'grade': {
      const last = characteristic.anchors.length - 1
      return { ...none, centre: last * (0.4 + 0.4 * chance.even()), deviation: last * (0.15 + 0.15 * chance.even()) }
    }
    case 'fault': {
      const slight = 0.06 * chance.even()
      const serious = 0.01 * chance.even()
      return { ...none, answers: faults(serious, slight) }
    }
    case 'choice':
      return { ...none, answers: drawAnswers(chance, characteristic, criterion) }
    default:
      return none
  }
}

const faults = (serious: number, slight: number) => [
  { value: 'serious', chance: serious },
  { value: 'slight', chance: slight },
  { value: 'none', chance: 1 - serious - slight },
]

/** Chances of the answers of a choice, even over all that chances can be, worst answer first. */
function drawAnswers(chance: Chance, characteristic: Characteristic, criterion: Criterion | undefined) {
  const points = criterion?.valueFunction.kind === 'answers' ? criterion.valueFunction.points : {}
  const judged = optionsOf(characteristic).filter(({ value }) => !criterion || value in points)
  const shares = judged.map(() => -Math.log(chance.even()))
  const all = shares.reduce((sum, share) => sum + share, 0)
  return judged
    .map(({ value }, at) => ({ value, chance: (shares[at] ?? 0) / all }))
    .sort((a, b) => (points[a.value] ?? 0) - (points[b.value] ?? 0))
}

function directionOf(criterion: Criterion, characteristic: Characteristic): number {
  if (characteristic.kind === 'grade' || characteristic.kind === 'choice' || characteristic.kind === 'fault') return 1
  if (characteristic.kind !== 'quantity' && characteristic.kind !== 'count') return 0
  const [low, high] = characteristic.typical.map((value) => numberPoints(criterion, value) ?? 0)
  return Math.sign((high ?? 0) - (low ?? 0))
}

function drawProduct(
  chance: Chance,
  field: Field,
  populations: Market['populations'],
  correlation: number,
): TrueProduct {
  const quality = chance.normal()
  const values = new Map(
    field.characteristics.map((characteristic): [string, TrueValue] => {
      const population = populations.get(characteristic.key)
      if (!population) throw new Error(`There is no population of "${characteristic.key}"`)
      const { direction } = population
      const z =
        Math.sqrt(correlation) * quality * direction + Math.sqrt(1 - correlation * direction ** 2) * chance.normal()
      return [characteristic.key, trueValue(characteristic, population, z)]
    }),
  )
  return { field, values }
}

function trueValue(characteristic: Characteristic, { centre, deviation, answers }: Population, z: number): TrueValue {
  switch (characteristic.kind) {
    case 'quantity': {
      const [low, high] = characteristic.plausible
      return { number: Math.min(high, Math.max(low, centre + deviation * z)) }
    }
    case 'count': {
      const { step, plausible } = characteristic
      // Turns of a thread are what they are; only what is counted whole is whole.
      const counted = step === 0.5 ? centre + deviation * z : Math.round(centre + deviation * z)
      return { number: Math.min(plausible[1], Math.max(plausible[0], counted)) }
    }
    case 'openings':
      return { width: centre + deviation * z }
    case 'grade':
      return { number: Math.min(characteristic.anchors.length - 1, Math.max(0, centre + deviation * z)) }
    case 'fault':
    case 'choice': {
      let below = normalShare(z)
      for (const { value, chance } of answers) {
        below -= chance
        if (below < 0) return { text: value }
      }
      return { text: answers.at(-1)?.value ?? '' }
    }
    case 'thread':
      return { text: 'M20 x 1.5' }
    default:
      return { text: '' }
  }
}
