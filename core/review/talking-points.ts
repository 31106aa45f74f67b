import { findCharacteristic } from '#core/catalogue/index.ts'
import { isInferred, isKnown, type Cell, type NumberCell, type WordsCell } from '#core/compare/cell.ts'
import { formatCell } from '#core/compare/format-cell.ts'
import { faceOff } from '#core/compare/face-off.ts'
import type { Row } from '#core/compare/lineup.ts'
import { formatList } from '#core/quantity/format-list.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Contribution } from '#core/verdict/contributions.ts'

/** What is worth saying of a product, in this order. */
export const talkingKinds = [
  { key: 'unusual', label: 'Unusual' },
  { key: 'decides', label: 'What decides' },
  { key: 'contradicts', label: 'Against the box' },
  { key: 'tie', label: 'Looks different, is a tie' },
  { key: 'unknown', label: 'Nobody knows' },
] as const

type TalkingKind = (typeof talkingKinds)[number]['key']

/** A sentence worth saying, and where it opens to. */
export interface TalkingPoint {
  kind: TalkingKind
  text: string
  /** Row that it rests on, and the specimen that was looked at. */
  ground?: { key: string; specimen?: string }
}

/** What one product of the library is like in one thing. */
export interface LibraryValue {
  product: string
  value: string | number
}

/** What the talking points of a product are drawn from. */
export interface TalkingMaterial {
  /** Number of its column. */
  at: number
  /** Of its product. */
  productId: string
  specimens: number
  rows: readonly Row[]
  /** What everything opened so far is like, by characteristic, one value a product. */
  library: ReadonlyMap<string, readonly LibraryValue[]>
  /** Against whom it stands: who is first, or who is next to it. */
  rival: { name: string; at: number; contributions: readonly Contribution[] } | undefined
  /** What contradicts itself or the box, a sentence each. */
  contradictions: readonly string[]
  /** What nobody has looked at, the weightiest first. */
  notLookedAt: readonly string[]
  /** Weights of what is judged, by row. */
  weights: ReadonlyMap<string, number>
  units: UnitHabit
}

/**
 * The five things worth saying of a product, as far as there are any, in their order: what is unusual, what decides,
 * what contradicts the box, what is a tie although it looks different, what nobody knows. Nothing says more than its
 * evidence.
 *
 * @param material of the product
 * @example
 * talkingPoints({ at: 0, productId: 'p', specimens: 1, rows: [], library: new Map(), rival: undefined,
 *   contradictions: [], notLookedAt: ['Glue'], weights: new Map(), units: 'metric' }).at(-1)?.kind // => 'unknown'
 */
export const talkingPoints = (material: TalkingMaterial): TalkingPoint[] =>
  [
    unusualPoint(material),
    decidingPoint(material),
    contradictionPoint(material),
    tiePoint(material),
    unknownPoint(material),
  ].flatMap((point) => point ?? [])

/** So many others must have been looked at before one can be called unusual. Common practice, no published source. */
const leastOthers = 5
/** Unusual is what so small a share of the others is like, or beyond. Common practice, no published source. */
const unusualShare = 0.1

interface Unusual extends TalkingPoint {
  ground: { key: string; specimen: string }
  /** Share of the others that are like it, or beyond. */
  share: number
}

function unusualPoint(material: TalkingMaterial): TalkingPoint | undefined {
  const found = material.rows.flatMap((row) => unusualValue(row, material) ?? [])
  const weightOf = ({ ground }: Unusual) => material.weights.get(ground.key) ?? 0
  const [first] = found.sort((a, b) => weightOf(b) - weightOf(a) || a.share - b.share)
  if (!first) return undefined
  const { share: _, ...point } = first
  return point
}

/** A value of the product beside those of all others that were opened. */
function unusualValue({ key, label, cells }: Row, { at, productId, library, units }: TalkingMaterial) {
  const cell = cells[at]
  const others = (library.get(key) ?? []).filter(({ product }) => product !== productId)
  if (!cell || (cell.state !== 'number' && cell.state !== 'words') || others.length < leastOthers) return undefined
  return cell.state === 'number'
    ? unusualNumber(key, label, cell, numbersOf(others), units)
    : unusualAnswer(key, label, cell, others)
}

const numbersOf = (values: readonly LibraryValue[]): number[] =>
  values.flatMap(({ value }) => (typeof value === 'number' ? [value] : []))

function unusualNumber(
  key: string,
  label: string,
  cell: NumberCell,
  others: readonly number[],
  units: UnitHabit,
): Unusual | undefined {
  const beyond = (other: number) => Math.abs(other - cell.value) <= 2 * cell.u
  const below = others.filter((other) => other < cell.value && !beyond(other)).length
  const above = others.filter((other) => other > cell.value && !beyond(other)).length
  const most = Math.max(below, above)
  const share = 1 - most / others.length
  if (others.length < leastOthers || share > unusualShare) return undefined
  const side = below > above ? 'more' : 'less'
  const percentile = percentileOf(cell.value, others)
  return {
    kind: 'unusual',
    share,
    text:
      `${label}, ${formatCell(key, cell, units)}${byLook(cell)}: ${side} than ${most} of ${others.length} others ` +
      `opened so far (percentile ${percentile}, n = ${others.length + 1}).`,
    ground: { key, specimen: cell.specimen },
  }
}

function unusualAnswer(
  key: string,
  label: string,
  cell: WordsCell,
  others: readonly LibraryValue[],
): Unusual | undefined {
  if (findCharacteristic(key)?.kind !== 'choice' || cell.answers.length === 0) return undefined
  const answers = new Set(cell.answers.map((answer) => answer.toLowerCase()))
  if (answers.size !== 1) return undefined
  const alike = others.filter(({ value }) => typeof value === 'string' && answers.has(value.toLowerCase())).length
  const share = alike / others.length
  if (share > unusualShare) return undefined
  return {
    kind: 'unusual',
    share,
    text:
      `${label}, ${cell.text.toLowerCase()}${byLook(cell)}: ` +
      `${alike === 0 ? 'none' : alike} of ${others.length} others opened so far ${alike > 1 ? 'have' : 'has'} that ` +
      `(n = ${others.length + 1}).`,
    ground: { key, specimen: cell.specimen },
  }
}

/**
 * Percentile of a value among others: the share of them below it, with half of those that are equal.
 *
 * Source: percentile rank, common practice in statistics.
 *
 * @example percentileOf(3, [1, 2, 3, 4]) // => 63
 */
export function percentileOf(value: number, others: readonly number[]): number {
  const below = others.filter((other) => other < value).length
  const equal = others.filter((other) => other === value).length
  return Math.round((100 * (below + equal / 2)) / others.length)
}

const byLook = (cell: Cell): string => {
  if (isInferred(cell)) return ', by the look of it'
  return isKnown(cell) && cell.evidence === 'claimed' ? ', the maker says' : ''
}

function decidingPoint({ rival }: TalkingMaterial): TalkingPoint | undefined {
  if (!rival) return undefined
  const [most] = [...rival.contributions].sort((a, b) => Math.abs(b.gain) - Math.abs(a.gain))
  if (!most || most.gain === 0)
    return { kind: 'decides', text: `nothing that is larger than its doubt parts it from ${rival.name}.` }
  const { criterion, gain, first, second, byLook: isByLook, specimen } = most
  const look = isByLook ? ', by the look of it' : ''
  return {
    kind: 'decides',
    text:
      `most ${gain > 0 ? 'for' : 'against'} it beside ${rival.name} speaks ` +
      `the ${criterion.label.toLowerCase()}, ${first} against ${second}${look}.`,
    ground: { key: criterion.attribute, ...(specimen !== undefined && { specimen }) },
  }
}

const contradictionPoint = ({ contradictions: [first, ...others] }: TalkingMaterial): TalkingPoint | undefined =>
  first === undefined
    ? undefined
    : { kind: 'contradicts', text: others.length === 0 ? first : `${first} And ${others.length} more.` }

function tiePoint({ at, rival, rows, weights, units }: TalkingMaterial): TalkingPoint | undefined {
  if (!rival) return undefined
  const ties = faceOff(rows, at, rival.at, () => undefined).flatMap(({ key, label, a, b, outcome }) => {
    if (!weights.has(key) || outcome !== 'tie' || a.state !== 'number' || b.state !== 'number' || a.value === b.value)
      return []
    const [own, other] = [formatCell(key, a, units), formatCell(key, b, units)]
    const apart = Math.abs(a.value - b.value) / Math.max(Math.abs(a.value), Math.abs(b.value))
    return own === other ? [] : [{ key, label, own, other, apart, specimen: a.specimen }]
  })
  const [widest] = ties.sort((a, b) => b.apart - a.apart)
  if (!widest) return undefined
  const { key, label, own, other, specimen } = widest
  return {
    kind: 'tie',
    text: `${label}, ${own} against ${other} of ${rival.name}: a tie, they differ by less than can be told.`,
    ground: { key, specimen },
  }
}

/** So many things that nobody knows are named. */
const mostNamed = 3

function unknownPoint({ specimens, notLookedAt }: TalkingMaterial): TalkingPoint | undefined {
  const named = notLookedAt.slice(0, mostNamed).map((label) => label.toLowerCase())
  const rest = notLookedAt.length - named.length
  const open =
    named.length === 0
      ? ''
      : `Nobody has looked at ${formatList([...named, ...(rest > 0 ? [`${rest} more`] : [])], 'conjunction')}.`
  const one = specimens === 1 ? 'One specimen was opened: how the next one is built is not known.' : ''
  const text = [open, one].filter(Boolean).join(' ')
  return text === '' ? undefined : { kind: 'unknown', text }
}
