/** A rate of exchange that the user gave, with its day: so many of `to` for one of `from`. */
export interface Rate {
  from: string
  to: string
  rate: number
  /** Day, ISO 8601. */
  on: string
}

/**
 * The rate between two currencies on the latest day that was given, either way round. None is ever guessed, nor
 * made through a third currency.
 *
 * @returns undefined when no rate was given
 * @example findRate([{ from: 'GBP', to: 'EUR', rate: 1.25, on: '2026-01-01' }], 'EUR', 'GBP')?.rate // => 0.8
 */
export function findRate(rates: readonly Rate[], from: string, to: string): Rate | undefined {
  if (from === to) return { from, to, rate: 1, on: '' }
  return [...rates]
    .sort((a, b) => b.on.localeCompare(a.on))
    .flatMap((one) =>
      one.from === from && one.to === to
        ? [one]
        : one.from === to && one.to === from
          ? [{ from, to, rate: 1 / one.rate, on: one.on }]
          : [],
    )[0]
}
