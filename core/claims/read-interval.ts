import { toSI } from '#core/quantity/convert.ts'
import type { ReadClaim } from './read-claim.ts'
import { takeFirst, type Said } from '#core/said.ts'

const distance = /(\d+(?:\.\d+)?) ?(k)?[ -]?(km|kilomet(?:re|er)s?|mi\b|miles?)/
const bare = /(\d{4,6})(?= ?(?:or|\/|and) )/
const months = /(\d+(?:\.\d+)?)[ -]?(months?|mo\b|years?|yrs?\b)|\b(an?|every) (year|month)|\b(annual|yearly)/
const hours = /(\d+(?:\.\d+)?)[ -]?(?:engine )?(?:hours?|hrs?\b|h\b)/
const oil = /(?:with|only with|using) ((?:full(?:y)?[- ]?)?(?:synthetic|conventional|mineral)(?: motor| engine)? oils?)/
const hardDuty =
  /(half|halves|1\/2|less|shorter|sooner|not|except|reduced?)\b.{0,40}(tow|severe|hard|dust|trailer)|(tow|severe|hard|dust).{0,40}(half|halves|1\/2|less|shorter|sooner|not)/
const halved = /\b(?:half|1\/2|halves)\b/

/** Shorter than this no interval is, and longer none, metres. */
const possible = { least: 500e3, most: 200e6 }

/**
 * The interval that a line claims: a distance, months, engine hours, or several of them.
 *
 * @param said what is left of the line; what is read is taken out
 * @param unit of a distance that names none
 * @returns none or one
 * @example readInterval({ text: ' 18000 or a year, whichever comes first ' }, 'km')[0]?.parts
 * // => { distance: 18000000, months: 12 }
 */
export function readInterval(said: Said, unit: 'km' | 'mi'): Omit<ReadClaim, 'words'>[] {
  const far = takeFirst(said, distance, (match) => {
    const metres = metresOf(match, unit)
    return metres >= possible.least && metres <= possible.most
  })
  const guessed = far ? undefined : takeFirst(said, bare, () => months.test(said.text))
  const time = takeFirst(said, months)
  const engine = takeFirst(said, hours, (match) => Number(match[1]) >= 10)
  if (!far && !guessed && !time && !engine) return []
  const only = takeFirst(said, oil)
  const doubts = [...(guessed ? [`no unit is said: ${unit} is taken`] : [])]
  return [
    {
      kind: 'interval',
      parts: {
        ...(far && { distance: metresOf(far, unit) }),
        ...(guessed && { distance: toSI(Number(guessed[1]), unit) }),
        ...(time && { months: monthsOf(time) }),
        ...(engine && { hours: Number(engine[1]) }),
        ...(only && { oil: only[1] ?? '' }),
        ...(hardDuty.test(said.text) && (halved.test(said.text) ? { severeShare: 0.5 } : { notSevere: true })),
      },
      ...(doubts.length > 0 && { doubt: doubts.join('; ') }),
    },
  ]
}

const metresOf = ([, amount, thousand, of = '']: RegExpExecArray, unit: 'km' | 'mi'): number =>
  toSI(Number(amount) * (thousand ? 1000 : 1), of === '' ? unit : of.startsWith('k') ? 'km' : 'mi')

function monthsOf([, amount, period, , alone, yearly]: RegExpExecArray): number {
  if (yearly) return 12
  const each = (period ?? alone ?? '').startsWith('y') ? 12 : 1
  return (amount === undefined ? 1 : Number(amount)) * each
}
