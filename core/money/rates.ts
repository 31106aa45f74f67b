/** A rate of exchange that the user gave, with its day: so many of `to` for one of `from`. */
export interface Rate {
  base: string
  quote: string
  rate: number
  /** Day, ISO 8601. */
  quotedOn: string
}

/**
 * The rate between two currencies on the latest day that was given, either way round. None is ever guessed, nor
 * made through a third currency.
 *
 * @returns undefined when no rate was given
 * @example findRate([{ base: 'GBP', quote: 'EUR', rate: 1.25, quotedOn: '2026-01-01' }], 'EUR', 'GBP')?.rate // => 0.8
 */
export function findRate(rates: readonly Rate[], from: string, to: string): Rate | undefined {
  if (from === to) return { base: from, quote: to, rate: 1, quotedOn: '' }
  return [...rates]
    .sort((a, b) => b.quotedOn.localeCompare(a.quotedOn))
    .flatMap((one) =>
      one.base === from && one.quote === to
        ? [one]
        : one.base === to && one.quote === from
          ? [{ base: from, quote: to, rate: 1 / one.rate, quotedOn: one.quotedOn }]
          : [],
    )[0]
}
