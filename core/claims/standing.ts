import { conflictingPoints, usablePoints } from './bounds.ts'
import { claimLabel, placeLabel, type Claim, type ClaimKind } from './claim.ts'

/** The user's choice among claims that contradict each other. */
export interface ClaimDecision {
  productId: string
  kind: ClaimKind
  claimId: string
  reason: string
  decidedAt: string
}

/** Claims of one kind on one product that cannot all be true. */
export interface Contradiction {
  productId: string
  kind: ClaimKind
  claims: Claim[]
  /** What counts now: the lower, or what the user chose. */
  uses: Claim
  decided: ClaimDecision | undefined
  description: string
}

/** The claims of one product that count, and where they contradict each other. */
export interface StandingClaims {
  claims: Claim[]
  contradictions: Contradiction[]
}

const numbers: Partial<Record<ClaimKind, (claim: Claim) => number[]>> = {
  capacity: ({ parts }) => [parts.amount ?? Infinity],
  flow: ({ parts }) => [parts.amount ?? Infinity],
  bypass: ({ parts }) => [parts.amount ?? Infinity],
  burst: ({ parts }) => [parts.amount ?? Infinity],
  temperature: ({ parts }) => [parts.high ?? Infinity, parts.low === undefined ? Infinity : -parts.low],
  interval: ({ parts }) => [parts.distance ?? Infinity, parts.months ?? Infinity, parts.hours ?? Infinity],
}

/** Lower of two claims: by the first figure that both state and differ in. */
function byFigures(figures: (claim: Claim) => number[]) {
  return (a: Claim, b: Claim): number => {
    const [x, y] = [figures(a), figures(b)]
    for (const [index, one] of x.entries()) {
      const other = y[index] ?? Infinity
      if (one !== other) return one < other ? -1 : 1
    }
    return 0
  }
}

/** Of two revisions each may say what it likes. */
const areOfOne = (a: Claim, b: Claim): boolean => !a.revisionId || !b.revisionId || a.revisionId === b.revisionId

const contradict = (kind: ClaimKind, a: Claim, b: Claim): boolean => {
  if (!areOfOne(a, b)) return false
  if (kind === 'efficiency')
    return usablePoints([a]).some((p) => usablePoints([b]).some((q) => conflictingPoints(p, q)))
  const figures = numbers[kind]
  if (!figures) return false
  const [x, y] = [figures(a), figures(b)]
  return x.some((one, index) => Number.isFinite(one) && Number.isFinite(y[index]) && one !== y[index])
}

/** Which of two contradicting efficiency claims says less: its highest share is lower. */
const byShare = (a: Claim, b: Claim): number =>
  Math.max(...usablePoints([a]).map(({ share }) => share)) - Math.max(...usablePoints([b]).map(({ share }) => share))

/**
 * What is of one revision, or of all: a claim or a price of another revision says nothing of it.
 *
 * @param those claims or prices of one product
 * @param revisionId of the revision
 * @example ofRevision([{ revisionId: 'old' }, { revisionId: null }], 'new') // => [{ revisionId: null }]
 */
export const ofRevision = <One extends { revisionId?: string | null }>(
  those: readonly One[],
  revisionId: string,
): One[] => those.filter((one) => !one.revisionId || one.revisionId === revisionId)

/**
 * The claims of one product that count: where two of a kind contradict each other, the lower, until the user
 * decides; what agrees with it stays.
 *
 * @param claims of one product, oldest first
 * @param decisions of the same product
 * @example standingClaims([intervalClaim('a', 15e6), intervalClaim('b', 10e6)], []).claims.map(({ id }) => id)
 * // => ['b']
 */
export function standingClaims(claims: readonly Claim[], decisions: readonly ClaimDecision[]): StandingClaims {
  const counting: Claim[] = []
  const contradictions: Contradiction[] = []
  for (const kind of new Set(claims.map((claim) => claim.kind))) {
    const own = claims.filter((claim) => claim.kind === kind)
    const disputed = own.filter((a) => own.some((b) => a !== b && contradict(kind, a, b)))
    if (disputed.length === 0) {
      counting.push(...own)
      continue
    }
    const figures = numbers[kind]
    const lowestFirst = [...disputed].sort(figures ? byFigures(figures) : byShare)
    const decided = decisions.find(
      (decision) => decision.kind === kind && disputed.some(({ id }) => id === decision.claimId),
    )
    const uses = disputed.find(({ id }) => id === decided?.claimId) ?? lowestFirst[0]
    if (!uses) continue
    const kept = [uses]
    for (const claim of [...lowestFirst, ...own])
      if (!kept.includes(claim) && kept.every((one) => !contradict(kind, claim, one))) kept.push(claim)
    counting.push(...kept)
    const places = disputed.map(({ words, place }) => `"${words}" (${placeLabel(place)})`)
    contradictions.push({
      productId: uses.productId,
      kind,
      claims: disputed,
      uses,
      decided,
      description: `${claimLabel(kind)}: ${places.join(' against ')}.`,
    })
  }
  return { claims: counting, contradictions }
}
