/** What may be bought: what it costs, from and to where it is not known exactly, and what it is worth. */
export interface Alternative {
  id: string
  low: number
  high: number
  worth: number
}

/**
 * The efficient frontier: what nothing else surely beats, costing no more whatever the costs turn out to be, and worth
 * no less.
 *
 * Source: Pareto dominance, any text on decision analysis; for costs within bounds, dominance in all cases.
 *
 * @returns ids by rising cost
 * @example frontier([{ id: 'a', low: 1, high: 1, worth: 1 }, { id: 'b', low: 2, high: 2, worth: 1 }]) // => ['a']
 */
export const frontier = (offers: readonly Alternative[]): string[] =>
  offers
    .filter((one) => !offers.some((other) => beats(other, one)))
    .sort((a, b) => a.low - b.low || b.worth - a.worth)
    .map(({ id }) => id)

const beats = (other: Alternative, one: Alternative): boolean =>
  other.high <= one.low && other.worth >= one.worth && (other.high < one.low || other.worth > one.worth)
