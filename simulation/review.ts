import { optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import { confusionChance } from '#core/compare/confusion.ts'
import { buildLineup, type Row } from '#core/compare/lineup.ts'
import type { RevisionColumn } from '#core/compare/revision-column.ts'
import { assess, type Assessment } from '#core/figures/assess.ts'
import { findFatalFaults } from '#core/score/fatal-faults.ts'
import {
  assumedInstruments,
  defaultInstrumentKind,
  instrumentKinds,
  type Instrument,
  type InstrumentKind,
} from '#core/teardown/instrument.ts'
import { notApplicableReason } from '#core/teardown/recording-plan.ts'
import { defaultEvidence, type Reading } from '#core/teardown/reading.ts'
import { evaluateRevisions, type EvaluatedRevision } from '#core/verdict/ranking.ts'
import type { Chance } from './chance.ts'
import { openingGroups, spinOns, type TrueProduct, type TrueValue } from './truth.ts'

/** A reviewer with instruments of their own, each off by an amount that nobody knows. */
export interface Reviewer {
  instruments: ReadonlyMap<string, Instrument>
  /** By kind: what it is off by at nought, SI, and as a share; what one hand scatters by. */
  errors: Record<InstrumentKind, { offset: number; scale: number; handling: number }>
}

export function drawReviewer(chance: Chance, name: string): Reviewer {
  const instruments = new Map<string, Instrument>()
  const errors = Object.fromEntries(
    Object.entries(assumedInstruments).map(([kind, assumed]) => {
      const id = `${name}-${kind}`
      instruments.set(id, { ...assumed, id })
      const { handling, fullScale } = instrumentKinds[kind as InstrumentKind]
      const u = assumed.accuracy / Math.sqrt(3)
      return [
        kind,
        {
          offset: u * chance.normal(),
          scale: (u / fullScale) * chance.normal(),
          handling: handling / Math.sqrt(chance.meanSquare(8)),
        },
      ]
    }),
  ) as Reviewer['errors']
  return { instruments, errors }
}

/** What a review holds: how many specimens, how much is missing, how often what is measured is repeated. */
export interface ReviewPlan {
  specimens(): number
  /** Share of the characteristics of a product that is not recorded. */
  missing: number
  repeats(): number
}

export const wholeReview: ReviewPlan = { specimens: () => 1, missing: 0, repeats: () => 1 }

/** Unit-to-unit spreads of a market: relative, by characteristic. */
export type Spreads = ReadonlyMap<string, number>

/** Spreads as the method expects them: two in a hundred, four degrees of freedom. */
export const drawSpreads = (chance: Chance, { characteristics } = spinOns): Spreads =>
  new Map(characteristics.map(({ key }) => [key, 0.02 / Math.sqrt(chance.meanSquare(4))]))

/** One unit of a product. */
export const drawUnit = (chance: Chance, { field, values }: TrueProduct, spreads: Spreads): TrueProduct => ({
  field,
  values: new Map(
    field.characteristics.map(({ key, kind }): [string, TrueValue] => {
      const value = values.get(key) ?? { text: '' }
      const factor = 1 + (spreads.get(key) ?? 0) * chance.normal()
      if ('width' in value) return [key, { ...value, width: value.width * factor }]
      return [key, 'number' in value && kind === 'quantity' ? { number: value.number * factor } : value]
    }),
  ),
})

const reading = (specimenId: string, key: string, at: number, more: Partial<Reading>): Reading => ({
  id: `${specimenId}-${key}-${at}`,
  specimenId,
  characteristic: key,
  rawInput: '',
  unit: null,
  valueNumber: null,
  valueHalf: null,
  atEnd: null,
  valueText: null,
  valueGroups: null,
  evidence: 'measured',
  instrumentId: null,
  zeroOffset: null,
  source: null,
  note: null,
  recordedAt: '2026-01-01T00:00:00.000Z',
  voided: null,
  ...more,
})

/** A unit as it truly is, as readings without any error. */
export const exactReadings = (specimen: string, { field, values }: TrueProduct): Reading[] =>
  field.characteristics.map(({ key }) => {
    const value = values.get(key) ?? { text: '' }
    if ('width' in value) return reading(specimen, key, 0, { valueGroups: openingGroups(value, value.width) })
    return reading(specimen, key, 0, 'number' in value ? { valueNumber: value.number } : { valueText: value.text })
  })

/** What a reviewer reads of one characteristic of a unit. */
export function readCharacteristic(
  chance: Chance,
  { instruments, errors }: Reviewer,
  characteristic: Characteristic,
  value: TrueValue,
  specimen: string,
  repeats: number,
  evidence = defaultEvidence(characteristic),
): Reading[] {
  const { key } = characteristic
  const kind = defaultInstrumentKind(characteristic)
  const instrument = [...instruments.values()].find((one) => one.kind === kind)
  const show = (truth: number, resolution: number): number => {
    const { offset, scale, handling } = errors[kind ?? 'caliper']
    const shown = truth + offset + scale * truth + handling * chance.normal()
    return Math.max(resolution, Math.round(shown / resolution) * resolution)
  }
  const more = { evidence, instrumentId: instrument?.id ?? null }
  if ('width' in value && instrument)
    return [
      reading(specimen, key, 0, {
        ...more,
        valueGroups: openingGroups(value, show(value.width, instrument.resolution)),
      }),
    ]
  if ('text' in value)
    return [reading(specimen, key, 0, { ...more, valueText: mistaken(chance, characteristic, value.text) })]
  if (!('number' in value)) return []
  if (characteristic.kind === 'count') {
    return [
      reading(specimen, key, 0, {
        ...more,
        valueNumber: Math.round(value.number / characteristic.step) * characteristic.step,
      }),
    ]
  }
  if (characteristic.kind === 'grade' || !instrument)
    return [reading(specimen, key, 0, { ...more, valueNumber: Math.round(value.number) })]
  const half = characteristic.kind === 'quantity' ? (characteristic.definitionalUncertainty ?? 0) : 0
  const read = value.number + (half / Math.sqrt(3)) * chance.normal()
  return Array.from({ length: repeats }, (_, at) =>
    reading(specimen, key, at, { ...more, valueNumber: show(read, instrument.resolution) }),
  )
}

function mistaken(chance: Chance, characteristic: Characteristic, answer: string): string {
  const all = optionsOf(characteristic)
  const own = all.findIndex(({ value }) => value === answer)
  const others = all.filter((_, at) => (characteristic.kind === 'fault' ? Math.abs(at - own) === 1 : at !== own))
  return others.length > 0 && chance.isTrue(confusionChance(characteristic))
    ? (others[chance.below(others.length)]?.value ?? answer)
    : answer
}

/** All that a reviewer could read of one specimen of a product. */
interface ReadSpecimen {
  id: string
  readings: Reading[]
}

/** What there is to be read of a product: nobody reads the seal of a valve that is not there. */
export function applicableTo(product: TrueProduct): Characteristic[] {
  const { values } = assessTruth(product)
  return product.field.characteristics.filter((one) => !notApplicableReason(one, values))
}

/** All that a reviewer could read: product by product, specimen by specimen. */
export function readMarket(
  chance: Chance,
  products: readonly TrueProduct[],
  spreads: Spreads,
  reviewer: Reviewer,
  plan: Pick<ReviewPlan, 'specimens' | 'repeats'>,
): ReadSpecimen[][] {
  return products.map((product, index) => {
    const there = applicableTo(product)
    return Array.from({ length: plan.specimens() }, (_, number) => {
      const id = `p${index}-${number}`
      const unit = drawUnit(chance, product, spreads)
      const readings = there.flatMap((one) =>
        readCharacteristic(chance, reviewer, one, unit.values.get(one.key) ?? { text: '' }, id, plan.repeats()),
      )
      return { id, readings }
    })
  })
}

/** Columns of a line-up from those of the readings that were taken. */
export const columnsOf = (
  read: readonly ReadSpecimen[][],
  { instruments }: Reviewer,
  isTaken: (product: number, characteristic: string) => boolean,
  { form } = spinOns,
): RevisionColumn[] =>
  read.map((specimens, index) => ({
    id: `p${index}`,
    form,
    specimens: specimens.map(({ id, readings }) => ({
      id,
      assessment: assess(
        form,
        readings.filter(({ characteristic }) => isTaken(index, characteristic)),
        { instruments },
      ),
    })),
  }))

/** Columns of a line-up as a reviewer leaves them. */
export function reviewMarket(
  chance: Chance,
  products: readonly TrueProduct[],
  spreads: Spreads,
  reviewer: Reviewer,
  plan: ReviewPlan,
): RevisionColumn[] {
  const taken = products.map(
    () => new Set(spinOns.characteristics.flatMap(({ key }) => (chance.isTrue(plan.missing) ? [] : [key]))),
  )
  const read = readMarket(chance, products, spreads, reviewer, plan)
  return columnsOf(read, reviewer, (product, key) => taken[product]?.has(key) ?? false)
}

/** A review judged as the app judges it, but for the marks of best and worst, by which nothing is judged. */
export function evaluateReview(
  columns: readonly RevisionColumn[],
  { form, criteria } = spinOns,
): { rows: Row[]; evaluated: EvaluatedRevision[] } {
  const rows = buildLineup(columns, () => undefined)
  const contexts = columns.map(({ id, specimens }) => ({
    id,
    fatalFaults: specimens.flatMap(({ assessment }) => findFatalFaults(form, assessment.values)).slice(0, 1),
    misfits: [],
    attributes: {},
  }))
  return { rows, evaluated: evaluateRevisions(form, contexts, rows, criteria) }
}

const assessed = new WeakMap<TrueProduct, Assessment>()

/** A product or a unit assessed as it truly is. */
export function assessTruth(product: TrueProduct): Assessment {
  const assessment = assessed.get(product) ?? assess(product.field.form, exactReadings('truth', product))
  assessed.set(product, assessment)
  return assessment
}
