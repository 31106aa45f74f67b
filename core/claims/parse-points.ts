import { byKey } from '#core/by-key.ts'
import { ok, problem, type Result } from '#core/result.ts'
import { clip, parseNumber } from '#core/quantity/number.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { boundQualifiers, type EfficiencyPoint, type BoundQualifier } from './claim.ts'

const piece =
  /^(at least|min\.?|≥|>=|up to)?\s*(\?|[\d.,]+)\s*(?:%|percent)?\s*(\+)?\s*(?:%|percent)?(?:\s*(?:at|@|for)\s*(\?|[\d.,]+)\s*(µm|μm|um|microns?)?)?$/i

const most = 8

/**
 * Reads the pairs of an efficiency claim as they are printed: `99 at 20, 94 at 15, 74+ at 10`. Sizes are in
 * micrometres. What the box does not say is written as a question mark, so that nothing is left out by slip.
 *
 * @returns pairs in the order they were written, shares 0 to 1 and sizes in m; a problem in the user's words
 * @example parsePoints('99+ at 20') // => { ok: true, value: [{ share: 0.99, saying: 'plus', size: 0.00002 }] }
 */
export function parsePoints(text: string): Result<EfficiencyPoint[]> {
  const pieces = text
    .split(/;|,\s+|\s+and\s+/)
    .map((one) => one.trim())
    .filter(Boolean)
  if (pieces.length === 0) return problem('empty', 'Write the percentage and the particle size: 99 at 20.')
  if (pieces.length > most) return problem('too-many', `At most ${most} pairs in one claim.`)
  const points: EfficiencyPoint[] = []
  for (const said of pieces) {
    const match = piece.exec(said)
    if (!match)
      return problem(
        'not-a-pair',
        `"${clip(said)}" is no percentage at a size. Write 99 at 20, 98.7+ at 15, or "up to 99 at 25".`,
      )
    const [, lead = '', percent = '', plus, size] = match
    if (size === undefined)
      return problem('no-size', `"${clip(said)}" has no particle size. If none is printed, write ${percent} at ?.`)
    if (percent === '?' && size === '?')
      return problem('nothing', 'A pair with neither percentage nor size says nothing.')
    const share = percent === '?' ? null : parseShare(percent)
    if (share !== null && !share.ok) return share
    const micrometres = size === '?' ? null : parseNumber(size)
    if (micrometres !== null && !micrometres.ok) return micrometres
    if (micrometres !== null && (micrometres.value <= 0 || micrometres.value > 500))
      return problem('size', `${size} µm is no particle size for an oil filter: they run from 1 to 100 µm or so.`)
    const saying: BoundQualifier = /^up/i.test(lead) ? 'up-to' : lead ? 'at-least' : plus ? 'plus' : 'equal'
    points.push({
      share: share === null ? null : share.value,
      saying,
      size: micrometres === null ? null : micrometres.value / 1e6,
    })
  }
  return ok(points)
}

function parseShare(text: string): Result<number> {
  const number = parseNumber(text)
  if (!number.ok) return number
  if (number.value < 0 || number.value > 100)
    return problem('percent', `${text} % cannot be: a filter stops from 0 to 100 %.`)
  return ok(Number((number.value / 100).toPrecision(12)))
}

/**
 * Pairs as they are written.
 *
 * @example formatPoints([{ share: 0.99, saying: 'plus', size: 0.00002 }]) // => '99+ at 20'
 */
export const formatPoints = (points: readonly EfficiencyPoint[]): string =>
  points
    .map(({ share, saying, size }) => {
      const percent = share === null ? '?' : formatNumber(share * 100, 6)
      const { sign } = byKey(boundQualifiers, saying)
      return (
        `${saying === 'plus' ? percent + sign : sign + percent} at ` +
        `${size === null ? '?' : formatNumber(size * 1e6, 4)}`
      )
    })
    .join(', ')
