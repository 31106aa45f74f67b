import {
  catalogueFor,
  findCharacteristic,
  optionsOf,
  type Characteristic,
  type FilterForm,
} from '#core/catalogue/index.ts'
import { problem, ok, type Result } from '#core/result.ts'
import { expandedUncertainty } from '#core/quantity/uncertain.ts'
import { parseEntry, type EntryValue } from '#core/teardown/entry.ts'
import { answerIn, readQuickEntry } from '#core/teardown/quick-entry.ts'
import type { ResolvedValue, ResolvedValues } from '#core/teardown/resolve.ts'

/** What a box promises about a part: a characteristic and its answer, as it was typed or chosen. */
export interface PartPromise {
  characteristic: string
  answer: string
}

/** What became of a promise: in how many specimens it was kept, of how many that were looked at. */
export interface PromiseOutcome {
  state: 'kept' | 'broken' | 'not-checked'
  kept: number
  lookedAt: number
}

/** Kinds whose answer can be held against a promise. */
const promisable = new Set<Characteristic['kind']>(['choice', 'fault', 'grade', 'quantity', 'count', 'thread'])

/**
 * Characteristics of which a box can promise something.
 *
 * @example promisableFor('spin-on').some(({ key }) => key === 'adbv.material') // => true
 */
export const promisableFor = (form: FilterForm): Characteristic[] =>
  catalogueFor(form).filter(({ kind, key }) => promisable.has(kind) && !key.startsWith('told.'))

/**
 * A promise as it is kept; refused where its answer is none that the characteristic can have.
 *
 * @param key of the characteristic
 * @param answer as typed
 * @example readPromise('adbv.material', 'Silicone')
 * // => { ok: true, value: { characteristic: 'adbv.material', answer: 'silicone' } }
 */
export function readPromise(key: string, answer: string): Result<PartPromise> {
  const characteristic = findCharacteristic(key)
  if (!characteristic || !promisable.has(characteristic.kind)) return problem('unknown', 'Choose what is promised.')
  const said = answerIn(characteristic, answer.trim())
  const entry = parseEntry(characteristic, { text: said })
  if (!entry.ok) return entry
  return ok({
    characteristic: key,
    answer: entry.value.text ?? (characteristic.kind === 'grade' ? String(entry.value.number) : answer.trim()),
  })
}

/**
 * What became of a promise in the specimens of a revision. What was claimed or inferred checks nothing; an amount is
 * kept when it lies within the doubt of both.
 *
 * Source: common practice, no published source.
 *
 * @param promise of a box
 * @param specimens resolved values of each
 * @example promiseOutcome({ characteristic: 'adbv.material', answer: 'silicone' }, []).state // => 'not-checked'
 */
export function promiseOutcome(
  { characteristic: key, answer }: PartPromise,
  specimens: readonly ResolvedValues[],
): PromiseOutcome {
  const characteristic = findCharacteristic(key)
  const entry = characteristic && parseEntry(characteristic, { text: answer, insist: true })
  const seen = specimens.flatMap((values) => values.get(key) ?? []).filter(isChecked)
  if (!entry?.ok || seen.length === 0) return { state: 'not-checked', kept: 0, lookedAt: 0 }
  const kept = seen.filter((value) => isAsPromised(value, entry.value)).length
  return { state: kept === seen.length ? 'kept' : 'broken', kept, lookedAt: seen.length }
}

/** What was seen or measured in the filter itself. */
const isChecked = ({ evidence, text }: ResolvedValue): boolean =>
  (evidence === 'measured' || evidence === 'observed') && text !== 'own' && text !== 'transit'

function isAsPromised({ number, text }: ResolvedValue, promised: EntryValue): boolean {
  if (promised.text !== undefined) return text === promised.text
  if (number === undefined || promised.number === undefined) return false
  return Math.abs(number.value - promised.number) <= expandedUncertainty(number) + (promised.half ?? 0) + 1e-12
}

/**
 * The promise that is in words that name a part and an answer of it, where they say exactly one thing.
 *
 * @param words of a claim
 * @param form of the filter
 * @example promiseIn('Silicone anti-drain-back valve', 'spin-on')
 * // => { characteristic: 'adbv.material', answer: 'silicone' }
 */
export function promiseIn(words: string, form: FilterForm): PartPromise | undefined {
  const plain = words.replace(/[.!]+$/, '').replace(/anti-?drain-?back/i, 'anti-drain-back')
  const pieces = readQuickEntry(plain, form, new Map())
  const [piece] = pieces
  const [candidate, other] = piece?.candidates ?? []
  if (pieces.length !== 1 || !candidate || other || candidate.characteristic.kind !== 'choice') return undefined
  return { characteristic: candidate.characteristic.key, answer: candidate.values[0] ?? '' }
}

/**
 * A promise in words.
 *
 * @example formatPromise({ characteristic: 'adbv.material', answer: 'silicone' })
 * // => 'Anti-drain-back valve material: silicone'
 */
export function formatPromise({ characteristic: key, answer }: PartPromise): string {
  const characteristic = findCharacteristic(key)
  const option = characteristic && optionsOf(characteristic).find(({ value }) => value === answer)
  return `${characteristic?.label ?? key}: ${(option?.label ?? answer).toLowerCase()}`
}
