import { findCharacteristic, sized, type Characteristic, type FilterForm } from '#core/catalogue/index.ts'
import { parseEntry, type EntryValue } from '#core/teardown/entry.ts'
import { answerIn } from '#core/teardown/quick-entry.ts'
import { headingKey, unitFor, type Heading } from './sheet-heading.ts'
import type { SheetValue } from './sheet-layout.ts'

/** What a value of a table becomes: a reading, or why not. */
export type SheetFate =
  | { state: 'read'; characteristic: Characteristic; typed: string; value: EntryValue }
  | { state: 'left'; reason: string }
  | { state: 'refused'; reason: string }

/** Signs of a cell that nobody has filled in. */
const empty = /^(-+|–|—|\?+|n\/?a\.?|none given|not measured|nm|tbd|x)$/i

/**
 * Whether a table writes decimals with a comma: some cell has one that is no thousand.
 *
 * @param texts of its cells
 * @example hasDecimalCommas(['0,51', '1,234']) // => true
 */
export const hasDecimalCommas = (texts: readonly string[]): boolean =>
  texts.some((text) => /^\s*[+-]?(\d+,\d{1,2}|\d+,\d{4,}|0,\d+)(?!\d)/.test(text)) &&
  !texts.some((text) => /\d\.\d/.test(text))

/**
 * What a value of a table becomes.
 *
 * A number without a unit is in that of its heading, of its row or column of units, or in the usual one. A formula is
 * text, and no reading.
 *
 * @param value with its heading
 * @param headings what each stands for, by its key
 * @param form of the filters
 * @param isComma whether decimals are written with a comma
 * @example
 * sheetFate({ row: 1, column: 1, product: 'N-40', heading: 'wall', unit: '', text: '20' },
 *   { wall: { characteristic: 'can.wall', unit: 'thou' } }, 'spin-on', false)
 * // => { state: 'read', typed: '20 thou', … }
 */
export function sheetFate(
  { heading, unit, text }: SheetValue,
  headings: Readonly<Record<string, Heading>>,
  form: FilterForm,
  isComma: boolean,
): SheetFate {
  const meaning = headings[headingKey(heading)]
  const characteristic = findCharacteristic(meaning?.characteristic ?? '')
  if (!meaning || !characteristic) return { state: 'left', reason: 'nobody has said what it is' }
  if (!characteristic.forms.includes(form)) return { state: 'left', reason: `a ${form} filter has none` }
  if (empty.test(text)) return { state: 'left', reason: 'it is empty' }
  const plain = isComma ? text.replace(/(\d),(?=\d)/g, '$1.') : text
  const ownUnit = meaning.unit || unitFor(characteristic, unit)
  const said = answerIn(characteristic, plain)
  const entry = parseEntry(sized(characteristic, undefined), { text: said, ...(ownUnit && { unit: ownUnit }) })
  if (!entry.ok) return { state: 'refused', reason: entry.problem.message }
  const isPlain = entry.value.number !== undefined && /^[\d.,\s/+-]+$/.test(text)
  return { state: 'read', characteristic, typed: isPlain && ownUnit ? `${text} ${ownUnit}` : text, value: entry.value }
}
