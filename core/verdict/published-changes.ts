import { formatCall, type Call } from './call.ts'
import type { Judgement } from './judgement.ts'
import type { VerdictSnapshot } from './snapshot.ts'

/** Points by which a score must have moved to be said. */
const leastMove = 0.5

/**
 * What later readings, value functions and rivals have changed since a verdict was published.
 *
 * @param snapshot as it was published
 * @param judgement of the line-up as it is now, by the same school and driver
 * @param method version in force
 * @param nameOf what a column is called
 * @param newerOf the newest revision of the product of a column, where there is a newer one
 * @returns a sentence each; none where it still holds
 * @example
 * changesSince({ school: 'Build first', driver: '', method: 3, ranking: [], winners: [], sentences: [] },
 *   { ranked: [], call: undefined }, 4, String) // => ['The method is now version 4; it was 3.']
 */
export function changesSince(
  snapshot: VerdictSnapshot,
  { ranked, call }: Pick<Judgement, 'ranked' | 'call'>,
  method: number,
  nameOf: (id: string) => string,
  newerOf: (id: string) => string | undefined = () => undefined,
): string[] {
  const now = new Map(ranked.map(({ id, chances }) => [id, chances.mean]))
  const isThere = (id: string) => snapshot.ranking.some(({ column }) => column === id)
  const overtaken = snapshot.ranking.flatMap(({ column, name }) => {
    const newer = newerOf(column)
    return newer !== undefined && !isThere(newer) ? [{ name, newer }] : []
  })
  return [
    ...overtaken.map(
      ({ name, newer }) => `It is about ${name}; a newer revision has been seen since: ${nameOf(newer)}.`,
    ),
    ...(snapshot.method === method ? [] : [`The method is now version ${method}; it was ${snapshot.method}.`]),
    ...(call && isAnother(snapshot, call, nameOf) ? [`Now: ${formatCall(call, nameOf)}`] : []),
    ...snapshot.ranking.flatMap(({ column, name, value }) => {
      const current = now.get(column)
      if (current === undefined) return [`${name} is not judged any more.`]
      if (Math.abs(current - value) < leastMove) return []
      return [`${name} now scores ${Math.round(current)} instead of ${Math.round(value)}.`]
    }),
    ...ranked
      .filter(({ id }) => !isThere(id) && !overtaken.some(({ newer }) => newer === id))
      .map(({ id }) => `${nameOf(id)} has come in since.`),
  ]
}

/** Whether the call is another one than was published: by its word, or by who is named where only one is. */
function isAnother({ word, winners }: VerdictSnapshot, call: Call, nameOf: (id: string) => string): boolean {
  const names = call.named.map(({ id }) => nameOf(id))
  if (word === undefined) return names[0] !== winners[0]
  return word !== call.word || (word !== 'close' && names[0] !== winners[0])
}
