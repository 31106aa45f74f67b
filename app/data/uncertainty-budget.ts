import type { Uncertain } from '#core/quantity/uncertain.ts'

export interface BudgetLine {
  /** Characteristic that the uncertainty comes from, or `instrument`. */
  key: string
  /** Share of the variance, 0 to 1. */
  share: number
}

/** Shares of a figure's variance by characteristic, largest first. */
export function budgetOf({ budget }: Uncertain): BudgetLine[] {
  const squares = new Map<string, number>()
  for (const [source, contribution] of budget) {
    const [, key = 'instrument'] = /\/([^#]*)/.exec(source) ?? []
    squares.set(key, (squares.get(key) ?? 0) + contribution ** 2)
  }
  const all = [...squares.values()].reduce((sum, square) => sum + square, 0)
  return [...squares].map(([key, square]) => ({ key, share: square / all })).sort((a, b) => b.share - a.share)
}
