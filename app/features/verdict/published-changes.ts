import { formatCall, type Call } from '#core/verdict/call.ts'
import type { Judgement } from '#core/verdict/judgement.ts'
import type { VerdictSnapshot } from '#core/verdict/snapshot.ts'

/** Points by which a score must have moved to be said. */
const leastMove = 0.5

/** What later readings, value functions and rivals have changed since a verdict was published. */
export function changesSince(
  snapshot: VerdictSnapshot,
  { ranked, call }: Pick<Judgement, 'ranked' | 'call'>,
  method: number,
  nameOf: (id: string) => string,
): string[] {
  const now = new Map(ranked.map(({ id, chances }) => [id, chances.mean]))
  return [
    ...(snapshot.method === method ? [] : [`The method is now version ${method}; it was ${snapshot.method}.`]),
    ...(call && isAnother(snapshot, call, nameOf) ? [`Now: ${formatCall(call, nameOf)}`] : []),
    ...snapshot.ranking.flatMap(({ column, name, value }) => {
      const current = now.get(column)
      if (current === undefined) return [`${name} is not judged any more.`]
      if (Math.abs(current - value) < leastMove) return []
      return [`${name} now scores ${Math.round(current)} instead of ${Math.round(value)}.`]
    }),
    ...ranked
      .filter(({ id }) => !snapshot.ranking.some(({ column }) => column === id))
      .map(({ id }) => `${nameOf(id)} has come in since.`),
  ]
}

/** Whether the call is another one than was published: by its word, or by who is named where only one is. */
function isAnother({ word, winners }: VerdictSnapshot, call: Call, nameOf: (id: string) => string): boolean {
  const names = call.named.map(({ id }) => nameOf(id))
  if (word === undefined) return names[0] !== winners[0]
  return word !== call.word || (word !== 'close' && names[0] !== winners[0])
}
