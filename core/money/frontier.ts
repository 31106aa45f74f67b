export interface Alternative {
  id: string
  cost: number
  worth: number
}

/**
 * The efficient frontier: what nothing else beats, costing no more and worth no less.
 *
 * Source: Pareto dominance, any text on decision analysis.
 *
 * @returns ids by rising cost
 * @example frontier([{ id: 'a', cost: 1, worth: 1 }, { id: 'b', cost: 2, worth: 1 }]) // => ['a']
 */
export function frontier(offers: readonly Alternative[]): string[] {
  let best = -Infinity
  return [...offers]
    .sort((a, b) => a.cost - b.cost || b.worth - a.worth)
    .filter(({ worth }) => {
      if (worth <= best) return false
      best = worth
      return true
    })
    .map(({ id }) => id)
}
