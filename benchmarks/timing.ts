import { median, quantile } from 'simple-statistics'
import { newId } from '#app/data/id.ts'

/** Times of so many runs in milliseconds, after a few to warm up. */
async function timesOf(runs: number, act: () => Promise<unknown>, warmUps: number): Promise<number[]> {
  for (let warmUp = 0; warmUp < warmUps; warmUp++) await act()
  const all: number[] = []
  for (let run = 0; run < runs; run++) {
    const start = performance.now()
    await act()
    all.push(performance.now() - start)
  }
  return all
}

/** Median time of so many runs in milliseconds, after a few to warm up. */
export const medianTime = async (runs: number, act: () => Promise<unknown>, warmUps = 5): Promise<number> =>
  median(await timesOf(runs, act, warmUps))

/** The time within which 95 of 100 runs end, in milliseconds. */
export const p95Time = async (runs: number, act: () => Promise<unknown>, warmUps = 10): Promise<number> =>
  quantile(await timesOf(runs, act, warmUps), 0.95)

/** Takes one reading as the bench does: its action, then what the page loads after it. */
export async function takeReading(url: string, bench: string): Promise<void> {
  await sendReading(url, bench)
  await (await fetch(`${url}${bench}.data`)).text()
}

/** Sends one reading, until it is said that it was taken. */
export async function sendReading(url: string, bench: string): Promise<void> {
  const body = new URLSearchParams({
    intent: 'take',
    id: newId(),
    characteristic: 'can.wall',
    typed: '0.49',
    unit: 'mm',
    evidence: 'measured',
  })
  await (await fetch(`${url}${bench}/acts`, { method: 'POST', body, headers: { Origin: url } })).text()
}
