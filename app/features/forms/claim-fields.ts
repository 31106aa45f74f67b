import { z } from 'zod'
import { claimKinds, claimPlaces, intervalOf, type ClaimKind, type ClaimParts } from '#core/claims/claim.ts'
import { readPromise } from '#core/claims/promise.ts'
import { formatPoints, parsePoints } from '#core/claims/parse-points.ts'
import { ok, type Result } from '#core/result.ts'
import type { ClaimFields } from '#app/data/claims.server.ts'
import * as texts from '#app/texts/claims.ts'
import { intervalText, quantityText, rawInputOf, type FieldValues } from './field-values.ts'
import {
  day,
  fieldIssue,
  filled,
  id,
  keyOf,
  line,
  optionalInterval,
  optionalLine,
  optionalQuantity,
  type QuantityField,
} from './zod-fields.ts'

const pressureUnits = ['bar', 'psi', 'kPa'] as const

/** How the amount of a claim is read, for the kinds that have one. */
export const claimAmounts: Partial<Record<ClaimKind, QuantityField>> = {
  capacity: { name: texts.capacity, dimension: 'mass', units: ['g', 'oz'], range: [0.001, 0.5] },
  flow: { name: texts.flowRate, dimension: 'flow', units: ['L/min', 'gal/min'], range: [1 / 60_000, 400 / 60_000] },
  bypass: { name: texts.bypassPressure, dimension: 'pressure', units: pressureUnits, range: [0.1e5, 10e5] },
  collapse: { name: texts.collapsePressure, dimension: 'pressure', units: pressureUnits, range: [1e5, 60e5] },
  burst: { name: texts.burstPressure, dimension: 'pressure', units: pressureUnits, range: [3e5, 100e5] },
}

const temperatureEnds = {
  low: { name: texts.coldEnd, dimension: 'temperature', units: ['°C', '°F'], range: [173.15, 373.15] },
  high: { name: texts.hotEnd, dimension: 'temperature', units: ['°C', '°F'], range: [273.15, 673.15] },
} as const satisfies Record<string, QuantityField>

const openText = z.string().trim().max(200, texts.thatIsTooLong).default('')

const claimText = z.object({
  id,
  kind: keyOf(claimKinds, texts.chooseWhatIsClaimed),
  words: line(texts.theWording, 600),
  place: keyOf(claimPlaces, texts.sayWhereItWasRead),
  readOn: day(texts.theDay),
  photoId: z.union([id, z.literal('')]).default(''),
  revisionId: z.union([id, z.literal('')]).default(''),
  points: openText,
  standard: optionalLine(texts.theTest, 60),
  promised: z.string().max(60).default(''),
  answer: optionalLine(texts.theAnswer, 80),
  rival: optionalLine(texts.theRival, 80),
  pass: z.enum(['multi', 'single', '']).default(''),
  amount: openText,
  low: optionalQuantity(temperatureEnds.low),
  high: optionalQuantity(temperatureEnds.high),
  interval: optionalInterval(texts.theInterval),
  oil: optionalLine(texts.theOil, 80),
  notSevere: z.enum(['no', 'half', 'yes'], texts.sayWhatHoldsUnderSevereDuty).default('no'),
})

type ClaimText = z.output<typeof claimText>

/** What is wrong with the part of a claim that its kind has, and the field it is wrong in. */
type PartsResult = Result<ClaimParts> | { ok: false; field: string; problem: { message: string } }

const wrong = (field: string, message: string): PartsResult => ({ ok: false, field, problem: { message } })

function efficiencyParts({ points, standard, pass }: ClaimText): PartsResult {
  const parsed = parsePoints(points)
  if (!parsed.ok) return wrong('points', parsed.problem.message)
  return ok({ points: parsed.value, ...(standard && { standard }), ...(pass && { pass }) })
}

function intervalParts({ interval, oil, notSevere }: ClaimText): PartsResult {
  if (!interval) return wrong('interval', texts.writeADistanceMonthsOrBoth)
  return ok({
    ...(interval.distance !== null && { distance: interval.distance }),
    ...(interval.months !== null && { months: interval.months }),
    ...(interval.hours !== undefined && { hours: interval.hours }),
    ...(oil && { oil }),
    ...(notSevere === 'yes' && { notSevere: true }),
    ...(notSevere === 'half' && { severeShare: 0.5 }),
  })
}

function temperatureParts({ low, high }: ClaimText): PartsResult {
  if (low === null && high === null) return wrong('high', texts.writeAtLeastOneEndOf)
  if (low !== null && high !== null && low >= high) return wrong('high', texts.theHotEndLiesAboveThe)
  return ok({ ...(low !== null && { low }), ...(high !== null && { high }) })
}

function amountParts({ amount }: ClaimText, field: QuantityField): PartsResult {
  const required = texts.writeTheWithItsUnit(field.name.toLowerCase())
  const parsed = filled(optionalQuantity(field), required).safeParse(amount)
  return parsed.success ? ok({ amount: parsed.data }) : wrong('amount', parsed.error.issues[0]?.message ?? required)
}

function partsOf(claim: ClaimText): PartsResult {
  switch (claim.kind) {
    case 'efficiency':
      return efficiencyParts(claim)
    case 'interval':
      return intervalParts(claim)
    case 'temperature':
      return temperatureParts(claim)
    case 'construction': {
      const promise = readPromise(claim.promised, claim.answer)
      return promise.ok ? ok({ promise: promise.value }) : { ok: false, field: 'answer', problem: promise.problem }
    }
    case 'rival':
      return ok({ ...(claim.rival && { rival: claim.rival }) })
    default: {
      const field = claimAmounts[claim.kind]
      return field ? amountParts(claim, field) : ok({})
    }
  }
}

/** A claim as it was read, with the structured part that its kind has. */
export const claimSchema = claimText.transform((claim, context) => {
  const parts = partsOf(claim)
  if (!parts.ok) fieldIssue(context, 'field' in parts ? parts.field : 'words', parts.problem.message)
  const { id: claimId, kind, words, place, readOn, photoId, revisionId } = claim
  return {
    ...{ id: claimId, kind, words, place, readOn, photoId: photoId || null, revisionId: revisionId || null },
    parts: parts.ok ? parts.value : {},
  }
})

/** A claim as it is kept, with what was typed. */
export const claimFields = (
  fields: z.output<typeof claimSchema>,
  productId: string,
  typed: Readonly<Record<string, unknown>>,
): ClaimFields => ({
  ...fields,
  productId,
  rawInput: rawInputOf(typed, ['points', 'amount', 'low', 'high', 'interval']),
})

/** What the form of a new claim starts with. */
export const newClaimValues = (today: string): FieldValues => ({
  kind: 'efficiency',
  place: 'front',
  readOn: today,
  notSevere: 'no',
})

/** What the form of a claim starts with: what was typed, else what reads back as the same. */
export function claimValues(claim: ClaimFields): FieldValues {
  const { kind, words, place, readOn, photoId, parts, rawInput } = claim
  const amount = claimAmounts[kind]
  return {
    kind,
    words,
    place,
    readOn,
    photoId: photoId ?? '',
    revisionId: claim.revisionId ?? '',
    points: parts.points ? formatPoints(parts.points) : '',
    standard: parts.standard ?? '',
    pass: parts.pass ?? '',
    promised: parts.promise?.characteristic ?? '',
    answer: parts.promise?.answer ?? '',
    rival: parts.rival ?? '',
    amount: amount ? quantityText(parts.amount, amount) : '',
    low: quantityText(parts.low, temperatureEnds.low),
    high: quantityText(parts.high, temperatureEnds.high),
    interval: kind === 'interval' ? intervalText(intervalOf(parts)) || texts.seeTheManual : '',
    oil: parts.oil ?? '',
    notSevere: parts.notSevere ? 'yes' : parts.severeShare === undefined ? 'no' : 'half',
    ...rawInput,
  }
}

/** Which of contradicting claims counts, and why. */
export const decisionSchema = z.object({
  productId: id,
  kind: keyOf(claimKinds, texts.thereIsNoSuchClaim),
  claimId: id,
  reason: line(texts.theReason, 300),
})

/** What a decision says that is enough to take it back. */
export const undecideSchema = decisionSchema.pick({ productId: true, kind: true })
