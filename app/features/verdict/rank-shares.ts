import type { Acceptability } from '#core/score/acceptability.ts'
import type { WeightDraw } from '#core/score/draw-problem.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'

/** What the draws say of one product. */
export interface RankShares {
  id: string
  name: string
  /** Share of draws at each rank, best first. */
  shares: readonly number[]
  /** Criteria that weigh more than usual where it wins, most first; empty when it never does. */
  winsWith: string[]
}

/** So many ranks are shown one by one; what is beyond stands together. */
export const shownRanks = 5

/** So many criteria are named that a product wins with. */
const namedCriteria = 3

/** What the draws say, product by product. */
export function rankShares(
  { ranks, central }: Pick<Acceptability, 'ranks' | 'central'>,
  ranked: readonly EvaluatedRevision[],
  nameOf: (id: string) => string,
  mode: WeightDraw,
): RankShares[] {
  return ranked.map(({ id, score: { lines } }, row) => {
    const shares = ranks[row] ?? []
    const weights = central[row] ?? []
    const base = lines.reduce((sum, { criterion }) => sum + criterion.weight, 0)
    const lifts = lines.map(({ criterion }, at) => {
      const usual = mode === 'free' ? 1 / lines.length : criterion.weight / base
      return { label: criterion.label.toLowerCase(), lift: (weights[at] ?? 0) / usual }
    })
    const most = lifts.sort((a, b) => b.lift - a.lift).slice(0, namedCriteria)
    return { id, name: nameOf(id), shares, winsWith: (shares[0] ?? 0) > 0 ? most.map(({ label }) => label) : [] }
  })
}

/** Share of draws beyond the ranks that are shown one by one. */
export const shareBeyond = (shares: readonly number[]): number =>
  shares.slice(shownRanks).reduce((sum, share) => sum + share, 0)
