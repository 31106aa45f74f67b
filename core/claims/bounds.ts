import type { Claim, BoundQualifier } from './claim.ts'

/** One usable pair of a claim: a share at a size, under a test. */
export interface CaptureEfficiency {
  claim: string
  share: number
  saying: BoundQualifier
  /** m */
  size: number
  /** Designation of the test and its pass; null where none is named. */
  test: string | null
}

/** What can honestly be said of an efficiency at one size. */
export interface EfficiencyBounds {
  /** Shares, 0 to 1. */
  lower: number
  upper: number
}

/**
 * Test under which a claim was made, so that equal tests compare equal. A standard settles the passes itself
 * (ISO 4548-12 is multi-pass); only a single pass that is named sets a claim apart.
 *
 * @example testOf({ standard: 'iso 4548 - 12', pass: 'multi' }) // => 'ISO4548-12'
 */
export function testOf({ standard, pass }: Claim['parts']): string | null {
  if (!standard) return null
  return standard.toUpperCase().replace(/\s+/g, '') + (pass === 'single' ? ' single' : '')
}

/**
 * Pairs of efficiency claims that have both a percentage and a size; the rest bounds nothing. A claim that contradicts
 * itself says no more than its weakest reading: its lowest share, at its largest size, as a lower bound.
 *
 * @example usablePoints([intervalClaim('a', 15e6)]) // => []
 */
export const usablePoints = (claims: readonly Claim[]): CaptureEfficiency[] =>
  claims.flatMap((claim) => weakestReading(claim) ?? pairsOf(claim))

const pairsOf = ({ id, kind, parts }: Claim): CaptureEfficiency[] =>
  kind !== 'efficiency'
    ? []
    : (parts.points ?? []).flatMap(({ share, saying, size }) =>
        share === null || size === null ? [] : [{ claim: id, share, saying, size, test: testOf(parts) }],
      )

/**
 * All that a claim says which contradicts itself: its lowest share, at its largest size, as a lower bound.
 *
 * @returns undefined for a claim that may be true as it stands
 * @example weakestReading(intervalClaim('a', 15e6)) // => undefined
 */
export function weakestReading(claim: Claim): CaptureEfficiency | undefined {
  const points = pairsOf(claim)
  const [first] = points
  if (!first || !contradictsItself(points)) return undefined
  const share = Math.min(...points.map((point) => point.share))
  const size = Math.max(...points.map((point) => point.size))
  return { ...first, share, size, saying: 'at-least' }
}

/**
 * Whether the pairs of one claim cannot all be true.
 *
 * @example contradictsItself([point(0.9, 20e-6), point(0.95, 10e-6)]) // => true
 */
export const contradictsItself = (points: readonly CaptureEfficiency[]): boolean =>
  points.some((one, index) => points.slice(index + 1).some((other) => conflictingPoints(one, other)))

const boundsBelow = ({ saying }: CaptureEfficiency): boolean => saying !== 'up-to'
const boundsAbove = ({ saying }: CaptureEfficiency): boolean => saying === 'equal' || saying === 'up-to'

/** Sizes that differ by rounding alone are the same. */
const slack = 1 + 1e-9

/**
 * What follows from claims alone for one particle size.
 *
 * Smaller particles are harder: a filter that stops a share E at size d stops at least E above d and at most
 * E below d. "At least" and a plus give no upper bound, "up to" no lower one. Nothing is extrapolated.
 *
 * Source: common practice, no published source; monotony of filtration over size.
 *
 * @param points of one product
 * @param size m
 * @returns from 0 to 1 when nothing follows
 * @throws RangeError when the size is not above zero
 * @example boundsAt([{ claim: 'a', share: 0.987, saying: 'equal', size: 20e-6, test: null }], 15e-6)
 * // => { lower: 0, upper: 0.987 }
 */
export function boundsAt(points: readonly CaptureEfficiency[], size: number): EfficiencyBounds {
  if (!(size > 0)) throw new RangeError(`A particle size lies above zero, got ${size}`)
  let lower = 0
  let upper = 1
  for (const point of points) {
    if (boundsBelow(point) && point.size <= size * slack) lower = Math.max(lower, point.share)
    if (boundsAbove(point) && point.size * slack >= size) upper = Math.min(upper, point.share)
  }
  return { lower, upper }
}

/**
 * An estimate between two pairs of one claim: straight over the logarithm of the size.
 *
 * @returns undefined outside what one claim spans; never extrapolates
 * @example interpolate([point(0.9, 20e-6), point(0.5, 10e-6)], 15e-6) // => 0.734
 */
export function interpolate(points: readonly CaptureEfficiency[], size: number): number | undefined {
  const claims = new Set(points.map(({ claim }) => claim))
  for (const claim of claims) {
    const own = points.filter((point) => point.claim === claim).sort((a, b) => a.size - b.size)
    const above = own.findIndex((point) => point.size >= size)
    const [low, high] = [own[above - 1], own[above]]
    if (!low || !high) continue
    const share = Math.log(size / low.size) / Math.log(high.size / low.size)
    return low.share + share * (high.share - low.share)
  }
  return undefined
}

/** Two pairs cannot both be true: more is stopped at a smaller size than at a larger one. */
export const conflictingPoints = (a: CaptureEfficiency, b: CaptureEfficiency): boolean =>
  comparableTests(a, b) && (exceeds(a, b) || exceeds(b, a))

const exceeds = (a: CaptureEfficiency, b: CaptureEfficiency): boolean =>
  boundsBelow(a) && boundsAbove(b) && a.size <= b.size && a.share > b.share

/** Pairs under the same test, or where one of them names none. */
const comparableTests = (a: CaptureEfficiency, b: CaptureEfficiency): boolean =>
  a.test === null || b.test === null || a.test === b.test
