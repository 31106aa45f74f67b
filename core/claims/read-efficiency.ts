import type { BoundQualifier, EfficiencyPoint } from './claim.ts'
import type { ReadClaim } from './read-claim.ts'
import { takeFirst, type Said } from '#core/said.ts'

const number = String.raw`\d+(?:\.\d+)?`
const micron = String.raw`-? ?(?:µm|μm|um|microns?|micrometres?|micrometers?)`
const at = String.raw`(?:at|@|bei|for|of|down to|on|to|,)?`
const lead = String.raw`(at least|min\.?|minimum|≥|>=|>|over|more than|better than|up to)?`
const list = (one: string) => `${one}(?: ?(?:,|/|and|&) ?${one})+`

/** Several percentages, then as many sizes. */
const lists = new RegExp(`(${list(`${number} ?(?:%|percent)?`)}) ?${at} ?(${list(number)}) ?(?:${micron})?`)
/** One percentage, with its size where it is said. */
const pair = new RegExp(
  `${lead} ?(${number}) ?(%|percent)? ?(\\+|plus)? ?(%|percent)? ?(?:efficien\\w*|capture\\w*|of (?:all ` +
    `)?\\w+|filtration)? ?${at} ?(?:particles )?(${number}) ?(${micron})`,
)
const shareAlone = new RegExp(`${lead} ?(${number}) ?(?:%|percent) ?(\\+|plus)?`)
const sizeAlone = new RegExp(`(${number}) ?${micron}`)
const standard = /\b(iso|sae|din|jis|en|astm)[ -]?([a-z]?) ?(\d{3,5})(?:[- ](\d{1,2})(?!\d))?/i
const most = 8

/**
 * The efficiency that a line claims: pairs of percentage and particle size, with the test it names. A size with no
 * percentage, and a percentage with no size, are kept as what they are.
 *
 * @param said what is left of the line; what is read is taken out
 * @param words the line as it is printed, for the name of the test
 * @returns none or one
 * @example readEfficiency({ text: ' 97 percent 25 microns ' }, '97 percent 25 microns')[0]?.parts.points
 * // => [{ share: 0.97, saying: 'equal', size: 0.000025 }]
 */
export function readEfficiency(said: Said, words: string): Omit<ReadClaim, 'words'>[] {
  const test = takeFirst(said, standard)
  const points = readPoints(said)
  if (points.length === 0) return []
  const pass = takeFirst(said, /(multi|single)[- ]?pass/)
  const named = test && standard.exec(words)
  const doubt = points.some(({ share }) => share === null)
    ? 'a size without a percentage says nothing that can be compared'
    : ''
  return [
    {
      kind: 'efficiency',
      parts: {
        points,
        ...(named && { standard: designation(named) }),
        ...(pass && { pass: pass[1] === 'multi' ? ('multi' as const) : ('single' as const) }),
      },
      ...(doubt && { doubt }),
    },
  ]
}

const designation = ([, body = '', letter = '', figure = '', part]: RegExpExecArray): string =>
  `${body.toUpperCase()} ${letter.toUpperCase()}${figure}${part ? `-${part}` : ''}`

function readPoints(said: Said): EfficiencyPoint[] {
  const many = takeFirst(said, lists, (match) => {
    const [percents, sizes] = [figures(match[1]), figures(match[2])]
    return percents.length === sizes.length && /%|percent/.test(match[0])
  })
  if (many) {
    const sizes = figures(many[2])
    return figures(many[1])
      .slice(0, most)
      .flatMap((share, index) => point(share, sizes[index], 'equal'))
  }
  const points: EfficiencyPoint[] = []
  while (points.length < most) {
    const one = takeFirst(
      said,
      pair,
      (match) => match[3] !== undefined || match[5] !== undefined || match[4] !== undefined,
    )
    if (!one) break
    points.push(...point(Number(one[2]), Number(one[6]), sayingOf(one[1], one[4])))
  }
  if (points.length > 0) return points
  const share = takeFirst(said, shareAlone)
  if (share) return point(Number(share[2]), undefined, sayingOf(share[1], share[3]))
  const size = takeFirst(said, sizeAlone)
  return size ? [{ share: null, saying: 'equal', size: metres(Number(size[1])) }] : []
}

const figures = (text = ''): number[] => (text.match(/\d+(?:\.\d+)?/g) ?? []).map(Number)

const metres = (micrometres: number): number => Number((micrometres / 1e6).toPrecision(12))

/** A pair that can be: a filter stops from 0 to 100 %, of particles up to 500 µm. */
function point(percent: number, micrometres: number | undefined, saying: BoundQualifier): EfficiencyPoint[] {
  if (percent > 100 || (micrometres !== undefined && (micrometres <= 0 || micrometres > 500))) return []
  const share = Number((percent / 100).toPrecision(12))
  return [{ share, saying, size: micrometres === undefined ? null : metres(micrometres) }]
}

const sayingOf = (before: string | undefined, plus: string | undefined): BoundQualifier =>
  before?.startsWith('up') ? 'up-to' : before || plus === 'plus' ? 'at-least' : plus ? 'plus' : 'equal'
