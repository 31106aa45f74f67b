import { fromSI } from '#core/quantity/convert.ts'
import { formatFixed } from '#core/quantity/format.ts'
import { unitOf } from '#core/quantity/units.ts'

/** How an opening stands out whose size was not measured. */
export type OddSize = 'larger' | 'smaller' | 'odd'

/**
 * So many equal openings: round ones have a width alone, slots a length as well; metres. What was not told is absent.
 */
export interface OpeningGroup {
  count?: number
  width?: number
  length?: number
  /** Not measured, but told to be longer than wide. */
  slot?: boolean
  /** Not measured, but told to be equal. */
  alike?: boolean
  odd?: OddSize
}

/** Openings of which number and size are known. */
export interface SizedGroup {
  count: number
  width: number
  length?: number
}

/**
 * Openings with number and size.
 *
 * @returns undefined when either is missing of any
 * @example sizedGroups([{ count: 8 }]) // => undefined
 */
export function sizedGroups(groups: readonly OpeningGroup[]): SizedGroup[] | undefined {
  const sized = groups.flatMap(({ count, width, length }): SizedGroup[] =>
    count === undefined || width === undefined ? [] : [{ count, width, ...(length !== undefined && { length }) }],
  )
  return sized.length === groups.length ? sized : undefined
}

/**
 * Groups as they are said: `7 × 5.8, 1 × 8.2 mm`.
 *
 * @example formatOpenings([{ count: 7, width: 0.0058 }], 'mm') // => '7 × 5.8 mm'
 */
export function formatOpenings(groups: readonly OpeningGroup[], unit: string, named = true): string {
  const decimals = unit === 'mm' ? 1 : unitOf(unit).decimals
  const said = writeOpenings(groups, (si) => formatFixed(fromSI(si, unit), decimals))
  return named && groups.some(({ width }) => width !== undefined) ? `${said} ${unit}` : said
}

/**
 * Groups as they can be read again.
 *
 * @param size how a size is written, from metres
 * @example writeOpenings([{ count: 5 }, { count: 1, odd: 'larger' }], String) // => '6 holes, 1 larger'
 */
export function writeOpenings(groups: readonly OpeningGroup[], size: (si: number) => string): string {
  const isSized = groups.some(({ width }) => width !== undefined)
  const [first, ...others] = groups
  const whole = groups.length > 1 && !isSized ? countOpenings(groups) : undefined
  const all = whole === undefined ? (first ?? {}) : { ...first, count: whole }
  return [all, ...others].map((group) => formatGroup(group, size)).join(', ')
}

function formatGroup({ count, width, length, slot, alike, odd }: OpeningGroup, size: (si: number) => string): string {
  if (width !== undefined) {
    const sizes = [size(width), ...(length === undefined ? [] : [size(length)])].join(' × ')
    return count === undefined ? `holes of ${sizes}` : `${count} × ${sizes}`
  }
  if (odd) return `${count ?? 1} ${odd}`
  return [`${count ?? ''} ${slot ? 'slots' : 'holes'}`.trim(), ...(alike ? ['all alike'] : [])].join(', ')
}

/**
 * How many openings there are together.
 *
 * @returns undefined when it is not told of all
 * @example countOpenings([{ count: 7, width: 0.0058 }, { count: 1, width: 0.0082 }]) // => 8
 */
export function countOpenings(groups: readonly OpeningGroup[]): number | undefined {
  const counts = groups.flatMap(({ count }) => count ?? [])
  return counts.length === groups.length ? counts.reduce((sum, count) => sum + count, 0) : undefined
}
