import { countedWeight, type ScoreLine } from './score.ts'

/**
 * What a criterion costs a product against the best of its rivals in it, for each of its lines.
 *
 * Source: weighted sum, common practice, no published source.
 *
 * @param lines of the product
 * @param rivals the lines of each other product, judged by the same criteria
 * @returns points of a hundred by criterion, nought where nobody is better; none where its own points or those of all
 * rivals are not known
 * @example costAgainstBest([scoreLine(shippedCriterion('glue'), undefined)], []).size // => 0
 */
export function costAgainstBest(
  lines: readonly ScoreLine[],
  rivals: readonly (readonly ScoreLine[])[],
): ReadonlyMap<string, number> {
  const weight = countedWeight(lines)
  const best = new Map<string, number>()
  for (const { criterion, points } of rivals.flat())
    if (points !== undefined) best.set(criterion.key, Math.max(points, best.get(criterion.key) ?? -Infinity))
  return new Map(
    lines.flatMap(({ criterion, points, notApplicableReason }): [string, number][] => {
      const most = best.get(criterion.key)
      if (notApplicableReason || points === undefined || most === undefined || weight === 0) return []
      return [[criterion.key, (10 * Math.max(0, most - points) * criterion.weight) / weight]]
    }),
  )
}
