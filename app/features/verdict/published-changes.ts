import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import type { VerdictSnapshot } from '#core/verdict/snapshot.ts'

/** Points by which a score must have moved to be said. */
const leastMove = 0.5

/** What later readings, value functions and rivals have changed since a verdict was published. */
export function changesSince(
  snapshot: VerdictSnapshot,
  ranked: readonly EvaluatedRevision[],
  method: number,
  nameOf: (id: string) => string,
): string[] {
  const now = new Map(ranked.map(({ id, score }, rank) => [id, { rank, value: score.value ?? 0 }]))
  const [leader] = ranked
  return [
    ...(snapshot.method === method ? [] : [`The method is now version ${method}; it was ${snapshot.method}.`]),
    ...snapshot.ranking.flatMap(({ column, name, value }, rank) => {
      const current = now.get(column)
      if (!current) return [`${name} is not ranked any more.`]
      const hasMoved = Math.abs(current.value - value) >= leastMove
      const isOvertaken = rank === 0 && current.rank !== 0
      return [
        ...(hasMoved ? [`${name} now scores ${Math.round(current.value)} instead of ${Math.round(value)}.`] : []),
        ...(isOvertaken && leader ? [`${nameOf(leader.id)} now stands first instead of ${name}.`] : []),
      ]
    }),
    ...ranked
      .filter(({ id }) => !snapshot.ranking.some(({ column }) => column === id))
      .map(({ id }) => `${nameOf(id)} has come in since.`),
  ]
}
