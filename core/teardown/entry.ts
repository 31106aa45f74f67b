import { plainText } from '#core/plain-text.ts'
import { ok, problem, type Problem, type Result } from '#core/result.ts'
import {
  optionsOf,
  type Characteristic,
  type CountCharacteristic,
  type QuantityCharacteristic,
} from '#core/catalogue/index.ts'
import { formatCoarse, parseCoarse } from '#core/quantity/coarse-quantity.ts'
import { fromSI } from '#core/quantity/convert.ts'
import { parseThread } from '#core/quantity/thread.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { clip, parseNumber } from '#core/quantity/number.ts'
import { parseQuantity } from '#core/quantity/parse.ts'
import { checkPlausible } from '#core/quantity/plausible.ts'
import { readEnd, type End } from './end.ts'
import type { OpeningGroup } from './opening-groups.ts'
import { checkOpenings, parseOpenings } from './openings.ts'
import { askWhichSize } from './usual-size.ts'
import { askForAllowance } from './width-allowance.ts'

/** What an entry means: one of number (SI, count or grade), text (answer, words, designation) or groups. */
export interface EntryValue {
  number?: number
  /** Half of the width that was said, SI; absent where the instrument says how sharp it is. */
  half?: number
  /** How it is said back before it is taken, where it was not said in plain figures. */
  saidBack?: string
  text?: string
  groups?: OpeningGroup[]
  /** Unit it was read in, where it has one. */
  unit?: string
  /** The end it was said of. */
  end?: End
}

export interface EntryText {
  text: string
  /** Unit beside the field. */
  unit?: string
  /** The user was asked about an unusual value and says it is so. */
  insist?: boolean
}

const maximumTextLength = 400

/**
 * Reads what was typed for a characteristic, by its kind, and checks it against what is possible.
 *
 * @param characteristic from the catalogue
 * @param entry text as typed, unit beside the field
 * @returns the value in SI, or a problem in the user's words, with offers where there are some
 * @example parseEntry(characteristicOf('can.wall'), { text: '20 thou', unit: 'mm' })
 * // => { ok: true, value: { number: 0.000508, unit: 'thou' } }
 */
export function parseEntry(characteristic: Characteristic, entry: EntryText): Result<EntryValue> {
  if (!characteristic.atEnds) return parseAlone(characteristic, entry)
  const said = readEnd(entry.text)
  if (!said.ok) return said
  const { text, end } = said.value
  const read = parseAlone(characteristic, { ...entry, text })
  return read.ok && end ? ok({ ...read.value, end }) : read
}

function parseAlone(characteristic: Characteristic, entry: EntryText): Result<EntryValue> {
  const { text, insist = false } = entry
  switch (characteristic.kind) {
    case 'quantity':
      return parseQuantityEntry(characteristic, entry)
    case 'count': {
      const counted = parseCount(characteristic, text, insist)
      if (counted.ok || !['not-a-number', 'wrong-kind'].includes(counted.problem.code)) return counted
      return parseRoughCount(characteristic, text, counted)
    }
    case 'openings': {
      const read = parseOpenings(text, entry.unit ?? characteristic.units[0], characteristic)
      if (!read.ok) return read
      const checked = checkOpenings(read.value, characteristic, insist)
      return checked.ok ? ok(checked.value) : checked
    }
    case 'thread': {
      const thread = parseThread(text)
      return thread.ok ? ok({ text: thread.value.designation }) : thread
    }
    case 'text': {
      const said = plainText(text).trim()
      if (said === '') return problem('empty', 'Type something first, or skip it.')
      if (said.length > maximumTextLength)
        return problem(
          'too-long',
          `That is ${said.length} characters; ${maximumTextLength} fit here. Put the rest into a note.`,
        )
      return ok({ text: said })
    }
    default: {
      const options = optionsOf(characteristic)
      const said = text.trim().toLowerCase()
      const found = options.find(({ value, label }) => value === said || label.toLowerCase() === said)
      if (!found)
        return problem(
          'no-option',
          said === ''
            ? 'Choose one first.'
            : `"${clip(said)}" is none of the answers. Choose one of the ${options.length}.`,
        )
      return ok(characteristic.kind === 'grade' ? { number: Number(found.value) } : { text: found.value })
    }
  }
}

function parseQuantityEntry(
  characteristic: QuantityCharacteristic,
  { text, unit: beside, insist = false }: EntryText,
): Result<EntryValue> {
  const unit = beside ?? characteristic.units[0]
  const name = characteristic.label
  const asked = askWhichSize(characteristic, text) ?? askForAllowance(characteristic, text, unit)
  if (asked) return asked
  const parsed = parseQuantity(text, {
    dimension: characteristic.dimension,
    unit,
    name,
    units: characteristic.units,
  })
  if (!parsed.ok) return parseRough(characteristic, text, unit, insist, parsed)
  const checked = checkPlausible(
    parsed.value,
    { plausible: characteristic.plausible, name, units: characteristic.units },
    insist,
  )
  return checked.ok ? ok({ number: checked.value.si, unit: checked.value.unit }) : checked
}

/** Problems that another way of reading the text may not get round. */
const settled = new Set(['empty', 'ambiguous-unit', 'ambiguous-comma', 'wrong-kind', 'zero-division'])

/** An amount as people say it; what was wrong with the plain reading is told when it is none. */
function parseRough(
  { dimension, units, plausible, typical, label: name }: QuantityCharacteristic,
  text: string,
  unit: string,
  insist: boolean,
  plain: { ok: false; problem: Problem },
): Result<EntryValue> {
  if (settled.has(plain.problem.code)) return plain
  const field = { dimension, units: [unit, ...units.filter((one) => one !== unit)], plausible, typical, name }
  const rough = parseCoarse(text, field)
  if (!rough.ok) return rough.problem.code === 'not-an-amount' ? plain : rough
  const { value: number, half, unit: readIn, unitFrom } = rough.value
  // Of bounds both ends must be possible; of the rest the middle.
  for (const si of rough.value.how === 'bounds' ? [number - half, number + half] : [number]) {
    const read = { si, number: fromSI(si, readIn), unit: readIn, unitAssumed: false }
    const checked = checkPlausible(read, { plausible, name, units }, insist)
    if (!checked.ok) return checked
  }
  const said = formatCoarse(rough.value, unitFrom === 'said' ? unit : readIn)
  return ok({
    number,
    ...(half > 0 && { half }),
    unit: units.includes(readIn) ? readIn : unit,
    saidBack: unitFrom === 'range' ? `${said}; the unit by what is usual` : said,
  })
}

/** A count that was not counted out: "in the mid forties"; in words alone it is as exact as in figures. */
function parseRoughCount(
  { noun, step, plausible, typical, label: name }: CountCharacteristic,
  text: string,
  plain: Result<EntryValue>,
): Result<EntryValue> {
  const nouns = [noun, noun.replace(/s$/, ''), 'threads', 'thread', 'turns', 'turn', 'grooves', 'groove']
  const rough = parseCoarse(text, { dimension: undefined, units: [], plausible, typical, name, nouns })
  if (!rough.ok) return plain
  const { value, half, how } = rough.value
  if (value < plausible[0] / 2 || value > plausible[1] * 2) return plain
  if (how === 'plain' && Number.isInteger(value / step)) return ok({ number: value })
  return ok({ number: value, ...(half > 0 && { half, saidBack: formatCoarse(rough.value, '') }) })
}

function parseCount(characteristic: CountCharacteristic, text: string, insist: boolean): Result<EntryValue> {
  const { noun, step, plausible, label } = characteristic
  const [low, high] = plausible
  const stripped = text.trim().replace(new RegExp(`\\s*${noun}$`, 'i'), '')
  const [, unit] = /^[\d.,/\s½]+\s*([a-z"]+)$/i.exec(stripped) ?? []
  if (unit) return problem('wrong-kind', `${label} is a plain count. Leave "${clip(unit)}" away.`)
  const number = parseNumber(stripped)
  if (!number.ok) return number
  const count = number.value
  if (count < 0) return problem('negative', `${label} cannot be below zero.`)
  if (count === 0) return problem('zero', `Zero ${noun}? Leave it open if they cannot be counted.`)
  if (!Number.isInteger(count / step))
    return problem(
      'not-whole',
      step === 1 ? `${label} is a whole number.` : `${label} is counted to the half: 4, 4½, 5.`,
    )
  if (count >= low && count <= high) return ok({ number: count })
  if (count > high * 4)
    return problem('absurd', `${formatNumber(count)} ${noun} cannot be: filters have ${low} to ${high}.`)
  if (insist) return ok({ number: count })
  return problem(
    'implausible',
    `${formatNumber(count)} ${noun} is unusual: most have ${low} to ${high}. Count again, or keep it.`,
  )
}
