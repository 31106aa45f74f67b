import { ok, problem, type Problem, type Result, type Suggestion } from '#core/result.ts'
import { fromSI, toSI } from '#core/quantity/convert.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { clip, parseNumber } from '#core/quantity/number.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { spellNumbers } from '#core/quantity/spoken-number.ts'
import { findUnit, unitOf } from '#core/quantity/units.ts'
import { formatOpenings, type OpeningGroup } from './opening-groups.ts'
import { parseOdd, parseUnsized } from './said-openings.ts'
import type { OpeningsCharacteristic } from '#core/catalogue/index.ts'

const between = /\s*(?:;|\n|\+|\band\b|,\s+|,$)\s*/
const group = /^(\d+)\s*(?:[x×*]|of)\s*(.+)$/i

/**
 * Reads groups of equal openings: `7 x 5.8, 1 x 8.2 mm`, slots as `6 x 4 x 9`.
 *
 * Groups are parted by `;`, `+`, "and", or a comma with a space behind it. A unit behind the last
 * group holds for all that have none. A comma with no space is refused when it could be either a
 * decimal comma or a new group.
 *
 * @param text as typed
 * @param unit symbol of the unit beside the field
 * @returns the groups in metres and the unit they were read in, or a problem in the user's words
 * @example parseOpenings('7 x 5.8, 1 x 8.2', 'mm', inlets)
 * // => { ok: true, value: { unit: 'mm', groups: [{ count: 7, width: 0.0058 }, { count: 1, width: 0.0082 }] } }
 */
export function parseOpenings(
  text: string,
  unit: string,
  characteristic: OpeningsCharacteristic,
): Result<{ unit: string; groups: OpeningGroup[] }> {
  const typed = text.trim()
  const unread = whyUnreadable(typed)
  if (unread) return { ok: false, problem: unread }

  const unsized = parseUnsized(typed)
  if (unsized) return checkedCount({ unit, groups: unsized }, typed, characteristic)

  const groups: (TypedGroup | OpeningGroup)[] = []
  for (const piece of typed.split(between).filter(Boolean)) {
    const other = groups.length > 0 ? parseOdd(spellNumbers(piece)) : undefined
    const parsed = other ? ok(other) : parseGroup(piece, typed, characteristic)
    if (!parsed.ok) return parsed
    groups.push(parsed.value)
  }
  const commonUnit = groups.flatMap((one) => ('unit' in one ? one.unit : undefined) ?? []).at(-1) ?? unit
  const read = groups.map((one) => ('sizes' in one ? toOpeningGroup(one, commonUnit) : one))
  return checkedCount({ unit: commonUnit, groups: read }, typed, characteristic)
}

/** Openings of which there are neither none nor more than can be. */
function checkedCount(
  read: { unit: string; groups: OpeningGroup[] },
  typed: string,
  { most }: OpeningsCharacteristic,
): Result<{ unit: string; groups: OpeningGroup[] }> {
  const counts = read.groups.flatMap(({ count }) => count ?? [])
  if (counts.includes(0)) return problem('zero-count', `"${clip(typed)}" has zero holes. Leave that group out.`)
  const tooMany = counts.find((count) => count > most)
  if (tooMany !== undefined)
    return problem(
      'too-many',
      `${tooMany} holes is more than I can believe here (at most ${most}). Did you swap count and size?`,
    )
  return ok(read)
}

/** A group as it is typed: one size of a hole, two of a slot, in its own unit where it names one. */
interface TypedGroup {
  count?: number
  sizes: [number, number?]
  unit?: string
}

/** The longer side of a slot is its length, however it was typed. */
function toOpeningGroup({ count, sizes: [one, other], unit }: TypedGroup, commonUnit: string): OpeningGroup {
  const si = (size: number) => toSI(size, unit ?? commonUnit)
  const counted = count !== undefined && { count }
  if (other === undefined) return { ...counted, width: si(one) }
  return { ...counted, width: si(Math.min(one, other)), length: si(Math.max(one, other)) }
}

const commaBeforeGroup = /,(?=\d+\s*[x×*])/g

/** What is wrong with the text as a whole: nothing there, too much, a comma that can mean two things. */
function whyUnreadable(typed: string): Problem | undefined {
  if (typed === '') return { code: 'empty', message: 'Type the holes first, such as 7 x 5.8, 1 x 8.2.' }
  if (typed.length > 200)
    return { code: 'too-long', message: 'That is too long for a list of holes. Put remarks into the note.' }
  if (typed.search(commaBeforeGroup) < 0) return undefined
  return {
    code: 'ambiguous-comma',
    message: 'That comma can start a new group or be a decimal comma. Which one?',
    suggestions: [', ', '.'].map((mark) => {
      const text = typed.replace(commaBeforeGroup, mark)
      return { text, label: text }
    }),
  }
}

/** A size that was said without how many have it: not whole, or with its unit. */
const sizeAlone = /^(?:holes? of |each )?((?=.*[.,/]|.*[a-z"])[\d.,/ ]*\d\s*[a-z"]*)$/i

function parseGroup(piece: string, typed: string, { units }: OpeningsCharacteristic): Result<TypedGroup> {
  const [, counted, sizesOfCount] = group.exec(piece) ?? []
  const rest = sizesOfCount ?? sizeAlone.exec(piece)?.[1]
  if (rest === undefined)
    return problem(
      'not-a-group',
      `"${clip(piece)}" is no group of holes. Write count x diameter, such as 7 x 5.8; for slots count x width x ` +
        'length; without sizes 8 holes, all alike.',
    )
  const tail = unitTail.exec(rest)
  const unit = parseUnit(tail?.[1] ?? '', typed, units)
  if (!unit.ok) return unit
  const sizes = parseSizes(tail ? rest.slice(0, tail.index) : rest, piece)
  if (!sizes.ok) return sizes
  return ok({
    ...(counted !== undefined && { count: Number(counted) }),
    sizes: sizes.value,
    ...(unit.value !== undefined && { unit: unit.value }),
  })
}

/** A unit behind the sizes; an x that parts two of them is none. */
const unitTail = /\s*((?![x×]\s*$)[a-zµμ"”″]+\.?)\s*$/iu

/** The symbol of a length that is spelt behind a group; undefined where none is. */
function parseUnit(spelling: string, typed: string, units: readonly string[]): Result<string | undefined> {
  if (spelling === '') return ok(undefined)
  if (/^mils?$/i.test(spelling))
    return problem(
      'ambiguous-unit',
      '"mil" is a thousandth of an inch to some and a millimetre to others. Thou or millimetres?',
      [
        { text: typed.replace(/mils?/gi, 'thou'), label: 'thou' },
        { text: typed.replace(/mils?/gi, 'mm'), label: 'millimetres' },
      ],
    )
  const unit = findUnit(spelling, 'length')
  if (unit?.dimension === 'length') return ok(unit.symbol)
  return problem('wrong-kind', `"${clip(spelling)}" is no length. Try ${formatList(units)}.`)
}

function parseSizes(text: string, piece: string): Result<[number, number?]> {
  const sizes: number[] = []
  for (const figure of text.split(/\s*[x×*]\s*/)) {
    const number = parseNumber(figure)
    if (!number.ok) return number
    if (number.value <= 0) return problem('zero', 'A hole has a size above zero.')
    sizes.push(number.value)
  }
  const [one, other, ...more] = sizes
  if (one === undefined || more.length > 0)
    return problem('not-a-group', `"${clip(piece)}" has too many sizes: a hole has one, a slot two.`)
  return ok(other === undefined ? [one] : [one, other])
}

/**
 * Whether openings have the size such openings have; offers the units in which they would.
 *
 * @example checkOpenings({ unit: 'in', groups: [{ count: 6, width: 0.1473 }] }, inlets, false) // => { ok: false, … }
 */
export function checkOpenings(
  read: { unit: string; groups: OpeningGroup[] },
  characteristic: OpeningsCharacteristic,
  insist: boolean,
): Result<{ unit: string; groups: OpeningGroup[] }> {
  const [low, high] = characteristic.plausible
  const widths = read.groups.flatMap(({ width }) => width ?? [])
  const outside = (factor: number) => widths.find((width) => width * factor < low || width * factor > high)
  const odd = outside(1)
  if (odd === undefined) return ok(read)
  const scale = unitOf(read.unit).factor
  const offers: Suggestion[] = characteristic.units
    .filter((other) => other !== read.unit && outside(unitOf(other).factor / scale) === undefined)
    .map((other) => ({ text: `${formatOpenings(read.groups, read.unit, false)} ${other}`, label: other }))
  const size = `${formatNumber(fromSI(odd, read.unit), 4)} ${read.unit}`
  const absurd = odd < low / 4 || odd > high * 4
  if (insist && !absurd) return ok(read)
  const message =
    `${size} is ${absurd ? 'impossible' : 'unusual'} for one of these openings: they run from ` +
    `${formatNumber(fromSI(low, read.unit), 3)} to ${formatNumber(fromSI(high, read.unit), 3)} ${read.unit}.`
  return problem(
    absurd ? 'absurd' : 'implausible',
    offers.length ? `${message} Was it read in ${formatList(offers.map(({ label }) => label))}?` : message,
    offers,
  )
}
