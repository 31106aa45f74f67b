import { ok, problem, type Offer, type Result } from '#core/result.ts'
import { fromSI, toSI } from '#core/quantity/convert.ts'
import { formatFixed, formatNumber } from '#core/quantity/format.ts'
import { clip, readNumber } from '#core/quantity/number.ts'
import { listed } from '#core/quantity/parse.ts'
import { findUnit, unitOf } from '#core/quantity/units.ts'
import type { OpeningsCharacteristic } from '#core/catalogue/index.ts'

/** So many equal openings: round ones have a width alone, slots a length as well; metres. */
export interface OpeningGroup {
  count: number
  width: number
  length?: number
}

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
 * @example readOpenings('7 x 5.8, 1 x 8.2', 'mm', inlets)
 * // => { ok: true, value: { unit: 'mm', groups: [{ count: 7, width: 0.0058 }, { count: 1, width: 0.0082 }] } }
 */
export function readOpenings(
  text: string,
  unit: string,
  characteristic: OpeningsCharacteristic,
): Result<{ unit: string; groups: OpeningGroup[] }> {
  const said = text.trim()
  if (said === '') return problem('empty', 'Type the holes first, such as 7 x 5.8, 1 x 8.2.')
  if (said.length > 200) return problem('too-long', 'That is too long for a list of holes. Put remarks into the note.')

  const glued = /,(?=\d+\s*[x×*])/
  if (glued.test(said)) {
    const asGroups = said.replace(new RegExp(glued, 'g'), ', ')
    const asDecimals = said.replace(new RegExp(glued, 'g'), '.')
    return problem('ambiguous-comma', 'That comma can start a new group or be a decimal comma. Which one?', [
      { text: asGroups, label: asGroups },
      { text: asDecimals, label: asDecimals },
    ])
  }

  const pieces = said.split(between).filter(Boolean)
  const groups: { count: number; sizes: number[]; unit?: string }[] = []
  for (const piece of pieces) {
    const match = group.exec(piece)
    if (!match)
      return problem(
        'not-a-group',
        `"${clip(piece)}" is no group of holes. Write count x diameter, such as 7 x 5.8; for slots count x width x length.`,
      )
    const count = Number(match[1])
    if (count === 0) return problem('zero-count', `"${clip(piece)}" has zero holes. Leave that group out.`)
    if (count > characteristic.most)
      return problem(
        'too-many',
        `${count} holes is more than I can believe here (at most ${characteristic.most}). Did you swap count and size?`,
      )

    const tail = /\s*([a-zµμ"”″]+\.?)\s*$/iu.exec(match[2]!)
    const spelt = tail && !/^[x×]$/i.test(tail[1]!) ? tail[1]! : undefined
    if (spelt && /^mils?$/i.test(spelt)) {
      return problem(
        'ambiguous-unit',
        '"mil" is a thousandth of an inch to some and a millimetre to others. Thou or millimetres?',
        [
          { text: said.replace(/mils?/gi, 'thou'), label: 'thou' },
          { text: said.replace(/mils?/gi, 'mm'), label: 'millimetres' },
        ],
      )
    }
    const read = spelt ? findUnit(spelt, 'length') : undefined
    if (spelt && read?.dimension !== 'length')
      return problem('wrong-kind', `"${spelt}" is no length. Try ${listed(characteristic.units)}.`)

    const figures = (spelt ? match[2]!.slice(0, tail!.index) : match[2]!).split(/\s*[x×*]\s*/)
    if (figures.length > 2)
      return problem('not-a-group', `"${clip(piece)}" has too many sizes: a hole has one, a slot two.`)
    const sizes: number[] = []
    for (const figure of figures) {
      const number = readNumber(figure)
      if (!number.ok) return number
      if (number.value <= 0) return problem('zero', 'A hole has a size above zero.')
      sizes.push(number.value)
    }
    groups.push(read ? { count, sizes, unit: read.symbol } : { count, sizes })
  }

  const spoken = groups.at(-1)?.unit ?? unit
  return ok({
    unit: spoken,
    groups: groups.map(({ count, sizes, unit: own = spoken }) => {
      const [width, length] = sizes.map((size) => toSI(size, own)).sort((a, b) => a - b) as [number, number?]
      return length === undefined ? { count, width } : { count, width, length }
    }),
  })
}

/**
 * Whether openings have the size such openings have; offers the units in which they would.
 *
 * @example checkOpenings({ unit: 'in', groups: [{ count: 6, width: 0.1473 }] }, inlets, false) // => offers 5.8 mm
 */
export function checkOpenings(
  read: { unit: string; groups: OpeningGroup[] },
  characteristic: OpeningsCharacteristic,
  insist: boolean,
): Result<{ unit: string; groups: OpeningGroup[] }> {
  const [low, high] = characteristic.plausible
  const outside = (factor: number) => read.groups.find(({ width }) => width * factor < low || width * factor > high)
  const odd = outside(1)
  if (!odd) return ok(read)
  const scale = unitOf(read.unit).factor
  const offers: Offer[] = characteristic.units
    .filter((other) => other !== read.unit && !outside(unitOf(other).factor / scale))
    .map((other) => ({ text: `${formatOpenings(read.groups, read.unit, false)} ${other}`, label: other }))
  const size = `${formatNumber(fromSI(odd.width, read.unit), 4)} ${read.unit}`
  const absurd = odd.width < low / 4 || odd.width > high * 4
  if (insist && !absurd) return ok(read)
  const message = `${size} is ${absurd ? 'impossible' : 'unusual'} for one of these openings: they run from ${formatNumber(fromSI(low, read.unit), 3)} to ${formatNumber(fromSI(high, read.unit), 3)} ${read.unit}.`
  return problem(
    absurd ? 'absurd' : 'implausible',
    offers.length ? `${message} Was it read in ${listed(offers.map(({ label }) => label))}?` : message,
    offers,
  )
}

/**
 * Groups as they are said: `7 × 5.8, 1 × 8.2 mm`.
 *
 * @example formatOpenings([{ count: 7, width: 0.0058 }], 'mm') // => '7 × 5.8 mm'
 */
export function formatOpenings(groups: readonly OpeningGroup[], unit: string, named = true): string {
  const size = (si: number) =>
    unit === 'mm' ? formatFixed(fromSI(si, unit), 1) : formatFixed(fromSI(si, unit), unitOf(unit).decimals)
  const said = groups
    .map(({ count, width, length }) =>
      [String(count), size(width), ...(length === undefined ? [] : [size(length)])].join(' × '),
    )
    .join(', ')
  return named ? `${said} ${unit}` : said
}

/**
 * How many openings there are together.
 *
 * @example countOpenings([{ count: 7, width: 0.0058 }, { count: 1, width: 0.0082 }]) // => 8
 */
export const countOpenings = (groups: readonly OpeningGroup[]): number =>
  groups.reduce((sum, { count }) => sum + count, 0)
