import { newId } from '#app/data/id.ts'
import { ask } from './folder.ts'

/** Readings that the server has said it has taken: id and what was typed. */
export type Accepted = Map<string, string>

/** Types one reading; says how the server answered, or undefined when it did not. */
export async function takeReading(
  url: string,
  specimen: string,
  accepted: Accepted,
  random: () => number,
): Promise<number | undefined> {
  const id = newId()
  const typed = (0.3 + random() * 0.3).toFixed(4)
  const body = new URLSearchParams({
    intent: 'take',
    id,
    characteristic: 'can.wall',
    typed,
    unit: 'mm',
    evidence: 'measured',
    insist: 'yes',
  })
  try {
    const answer = await fetch(`${url}/bench/${specimen}/acts`, { method: 'POST', body, headers: { Origin: url } })
    const said = (await answer.json().catch(() => undefined)) as { ok?: boolean } | undefined
    if (answer.status === 200 && said?.ok) accepted.set(id, typed)
    return answer.status
  } catch {
    return undefined
  }
}

/** Writes with several hands at once until it is told to stop. */
export async function writeUntil(
  stopped: () => boolean,
  url: string,
  specimens: string[],
  accepted: Accepted,
  random: () => number,
): Promise<void> {
  const hand = async (number: number) => {
    while (!stopped()) {
      const status = await takeReading(url, specimens[number % specimens.length] ?? '', accepted, random)
      if (status === undefined) return
    }
  }
  await Promise.all(Array.from({ length: 4 }, (_, number) => hand(number)))
}

/** How many of the accepted readings are not there as they were typed. */
export function countLost(folder: string, accepted: Accepted): number {
  const kept = new Map(
    ask(folder, (database) => database.prepare('select id, raw_input from reading').raw().all() as [string, string][]),
  )
  return [...accepted].filter(([id, typed]) => kept.get(id) !== typed).length
}
