/** How one kind of mishap ended: how often it was tried, how often all was well afterwards, and what was lost. */
export interface Outcome {
  tried: number
  survived: number
  /** Things that had been accepted and were not there afterwards, or were there half. */
  lost: number
  /** What went wrong, in words. */
  remarks: string[]
}

export interface Case {
  name: string
  /** How often it is tried in the whole run, and in the short one. */
  times: { whole: number; short: number }
  run(times: number, random: () => number): Promise<Outcome>
}

export const noOutcome = (): Outcome => ({ tried: 0, survived: 0, lost: 0, remarks: [] })

/** Notes one try: how many things were lost by it, and what there is to say. */
export function note(outcome: Outcome, lost: number, remark?: string): void {
  outcome.tried++
  outcome.lost += lost
  if (lost === 0 && remark === undefined) outcome.survived++
  if (remark !== undefined) outcome.remarks.push(remark)
}
