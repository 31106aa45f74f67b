import { byKey } from '#core/by-key.ts'
import type { PartPromise } from './promise.ts'
import type { Interval } from '#core/quantity/interval.ts'

/** What a maker can claim, each with how its amount is read. */
export const claimKinds = [
  { key: 'efficiency', label: 'Efficiency' },
  { key: 'capacity', label: 'Dirt capacity' },
  { key: 'interval', label: 'Interval' },
  { key: 'bypass', label: 'Bypass pressure' },
  { key: 'burst', label: 'Burst pressure' },
  { key: 'flow', label: 'Flow rate' },
  { key: 'temperature', label: 'Temperature range' },
  { key: 'collapse', label: 'Core collapse pressure' },
  { key: 'construction', label: 'About a part' },
  { key: 'rival', label: 'About a rival' },
  { key: 'relative', label: 'More than nothing named' },
  { key: 'oil', label: 'Oil it is made for' },
  { key: 'fitting', label: 'How to fit it' },
  { key: 'media', label: 'Media wording' },
  { key: 'slogan', label: 'Slogan' },
] as const

export type ClaimKind = (typeof claimKinds)[number]['key']

/** Where a claim was read. */
export const claimPlaces = [
  { key: 'front', label: 'box, front' },
  { key: 'side', label: 'box, side' },
  { key: 'back', label: 'box, back' },
  { key: 'can', label: 'on the filter' },
  { key: 'site', label: "maker's site" },
  { key: 'letter', label: 'answer to a letter' },
  { key: 'dealer', label: 'dealer' },
] as const

export type ClaimPlace = (typeof claimPlaces)[number]['key']

/** How a percentage is put: as it stands, at least, with a plus behind it, or "up to". */
export const boundQualifiers = [
  { key: 'equal', label: 'as it stands', sign: '' },
  { key: 'at-least', label: 'at least', sign: 'at least ' },
  { key: 'plus', label: 'with a "+"', sign: '+' },
  { key: 'up-to', label: 'up to', sign: 'up to ' },
] as const

export type BoundQualifier = (typeof boundQualifiers)[number]['key']

/** One pair of an efficiency claim; what was not said is null. */
export interface EfficiencyPoint {
  /** Share that is stopped, 0 to 1. */
  share: number | null
  saying: BoundQualifier
  /** Particle size, m. */
  size: number | null
}

/** The structured part of a claim, SI; only what its kind has is set. */
export interface ClaimParts {
  points?: EfficiencyPoint[]
  /** Test standard by its designation, as printed. */
  standard?: string
  pass?: 'multi' | 'single'
  /** Capacity in kg, flow in m³/s, pressures in Pa. */
  amount?: number
  /** Temperatures, K. */
  low?: number
  high?: number
  /** Interval, m. */
  distance?: number
  months?: number
  /** Engine hours. */
  hours?: number
  /** The claim holds only with this oil. */
  oil?: string
  /** The claim does not hold under severe duty. */
  notSevere?: boolean
  /** Share of the interval that holds under severe duty, of distance, months and hours alike. */
  severeShare?: number
  /** What is promised about a part. */
  promise?: PartPromise
  /** Whom a claim is about, where it is a rival: it is never the rival's own. */
  rival?: string
}

/** A statement of the maker, word for word, with where and when it was read. */
export interface Claim {
  id: string
  productId: string
  /** The revision whose box says so; null, or not there, when it is of all. */
  revisionId?: string | null
  kind: ClaimKind
  words: string
  place: ClaimPlace
  /** Day, ISO 8601. */
  readOn: string
  parts: ClaimParts
}

/**
 * What a kind of claim is called.
 *
 * @example claimLabel('capacity') // => 'Dirt capacity'
 */
export const claimLabel = (kind: ClaimKind): string => byKey(claimKinds, kind).label

/**
 * Where a claim was read, in words.
 *
 * @example placeLabel('site') // => "maker's site"
 */
export const placeLabel = (place: ClaimPlace): string => byKey(claimPlaces, place).label

/** How complete a claim is: all it needs, some of it, or nothing that can be checked. */
export type ClaimGrade = 'complete' | 'partial' | 'slogan'

/**
 * How complete a claim is.
 *
 * An efficiency is complete with percent, particle size and test for every pair, each put as it stands or as
 * a lower bound ("at least"); partial when any is missing or a percentage has a plus or "up to"; a slogan
 * without any percentage. An interval is complete with distance and months, or with engine hours. Others are complete
 * with their amount; what is said about a rival is partial at best, what is more than nothing named is a slogan.
 * Source: common practice, no published source; that a multi-pass test is named by ISO 4548-12: from memory.
 *
 * @example gradeClaim({ kind: 'efficiency', parts: { points: [{ share: 0.99, saying: 'plus', size: 2e-5 }] } }).grade
 * // => 'partial'
 */
export function gradeClaim({ kind, parts }: Pick<Claim, 'kind' | 'parts'>): { grade: ClaimGrade; lacks: string[] } {
  const graded = (lacks: string[], nothing: boolean): { grade: ClaimGrade; lacks: string[] } => ({
    grade: nothing ? 'slogan' : lacks.length > 0 ? 'partial' : 'complete',
    lacks,
  })
  switch (kind) {
    case 'efficiency': {
      const points = parts.points ?? []
      const lacks = [
        ...(points.some(({ share }) => share === null) ? ['the percentage'] : []),
        ...(points.length === 0 || points.some(({ size }) => size === null) ? ['the particle size'] : []),
        ...(parts.standard ? [] : ['the test']),
        ...(points.some(({ saying }) => saying === 'plus') ? ['what the "+" means'] : []),
        ...(points.some(({ saying }) => saying === 'up-to') ? ['a figure that is not "up to"'] : []),
      ]
      return graded(
        lacks,
        points.every(({ share }) => share === null),
      )
    }
    case 'interval':
      return graded(
        parts.hours === undefined
          ? [
              ...(parts.distance === undefined ? ['the distance'] : []),
              ...(parts.months === undefined ? ['the months'] : []),
            ]
          : [],
        parts.distance === undefined && parts.months === undefined && parts.hours === undefined,
      )
    case 'temperature':
      return graded(
        [...(parts.low === undefined ? ['the cold end'] : []), ...(parts.high === undefined ? ['the hot end'] : [])],
        parts.low === undefined && parts.high === undefined,
      )
    case 'construction':
      return graded(parts.promise ? [] : ['the part'], false)
    case 'rival':
      return graded(['a test of both', ...(parts.rival ? [] : ['who the rival is'])], false)
    case 'relative':
      return graded(['what it is compared with'], true)
    case 'media':
    case 'oil':
    case 'fitting':
      return graded([], false)
    case 'slogan':
      return graded([], true)
    default:
      return graded([], parts.amount === undefined)
  }
}

/**
 * The interval that a claim names.
 *
 * @example intervalOf({ months: 12 }) // => { distance: null, months: 12 }
 */
export const intervalOf = ({ distance, months, hours }: ClaimParts): Interval => ({
  distance: distance ?? null,
  months: months ?? null,
  ...(hours !== undefined && { hours }),
})
