import { median } from 'simple-statistics'
import { newId } from '#app/data/id.ts'

/** Median time of so many runs in milliseconds, after a few to warm up. */
export async function medianTime(runs: number, act: () => Promise<unknown>, warmUps = 5): Promise<number> {
  for (let warmUp = 0; warmUp < warmUps; warmUp++) await act()
  const all: number[] = []
  for (let run = 0; run < runs; run++) {
    const start = performance.now()
    await act()
    all.push(performance.now() - start)
  }
  return median(all)
}

/** Takes one reading as the bench does: its action, then what the page loads after it. */
export async function takeReading(url: string, bench: string): Promise<void> {
  const body = new URLSearchParams({
    intent: 'take',
    id: newId(),
    characteristic: 'can.wall',
    typed: '0.49',
    unit: 'mm',
    evidence: 'measured',
  })
  await (await fetch(`${url}${bench}/acts`, { method: 'POST', body, headers: { Origin: url } })).text()
  await (await fetch(`${url}${bench}.data`)).text()
}
