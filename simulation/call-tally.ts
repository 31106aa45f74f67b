import type { Judgement } from '#core/verdict/judgement.ts'
import { liesBetween, percent, type Finding } from './check.ts'

/** By tenth of the chance: how many, how many were truly first, and the sum of the chances. */
export type Calibration = { count: number; hits: number; chances: number }[]

/** How often what was said of who is first was right. */
export interface CallTally {
  wins: number
  winsRight: number
  leads: number
  leadsRight: number
  calibration: Calibration
}

export const newTally = (): CallTally => ({
  wins: 0,
  winsRight: 0,
  leads: 0,
  leadsRight: 0,
  calibration: Array.from({ length: 10 }, () => ({ count: 0, hits: 0, chances: 0 })),
})

/** Notes what a judgement said, where it is known who is truly the best. */
export function noteJudgement(tally: CallTally, { ranked, call }: Judgement, best: string): void {
  for (const { id, chance } of ranked) {
    const tenth = tally.calibration[Math.min(9, Math.floor(10 * chance))]
    if (!tenth) continue
    tenth.count++
    tenth.hits += Number(id === best)
    tenth.chances += chance
  }
  const right = Number(call?.named[0]?.id === best)
  if (call?.word === 'wins') {
    tally.wins++
    tally.winsRight += right
  } else if (call?.word === 'leads') {
    tally.leads++
    tally.leadsRight += right
  }
}

/** Whether what is called a win or a lead is one as often as it must be. */
export const callFindings = (name: string, { wins, winsRight, leads, leadsRight }: CallTally): Finding[] => [
  calledRight('wins', 0.95, name, wins, winsRight),
  calledRight('leads', 0.8, name, leads, leadsRight),
]

const calledRight = (word: string, least: number, name: string, called: number, right: number): Finding => ({
  what: `"${word}" is truly the best, ${name}`,
  found: called === 0 ? 'never said' : `${percent(right / called)} of ${called}`,
  must: `at least ${percent(least)}`,
  holds: called === 0 || liesBetween(right / called, called, least, 1),
})

/** Adds the tenths of several tallies. */
export const calibrationOf = (tallies: readonly CallTally[]): Calibration =>
  newTally().calibration.map((_, tenth) =>
    tallies.reduce(
      (sum, { calibration }) => {
        const { count = 0, hits = 0, chances = 0 } = calibration[tenth] ?? {}
        return { count: sum.count + count, hits: sum.hits + hits, chances: sum.chances + chances }
      },
      { count: 0, hits: 0, chances: 0 },
    ),
  )

/** Whether chances of first come true as often as they say. */
export function calibrationFinding(name: string, calibration: Calibration): Finding {
  const misses = calibration.flatMap(({ count, hits, chances }) =>
    count === 0 ? [] : [{ by: Math.abs(hits - chances) / count, error: errorOf(chances / count, count) }],
  )
  const worst = misses.reduce((a, b) => (b.by > a.by ? b : a), { by: 0, error: 0 })
  return {
    what: `chance of first: largest miss in a tenth${name}`,
    found: `${(100 * worst.by).toFixed(1)} ± ${(100 * worst.error).toFixed(1)} points`,
    must: 'within 3 points, as far as the sample tells',
    // Ten tenths are looked at: three standard errors are granted to the worst of them.
    holds: misses.every(({ by, error }) => by <= 0.03 + 3 * error),
  }
}

const errorOf = (mean: number, count: number): number => Math.sqrt((mean * (1 - mean)) / count)
