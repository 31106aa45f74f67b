/** What the application asks of its filters; each is known only when the user has said it. SI. */
export interface Asks {
  /** Pressure difference at which the bypass shall open, Pa. */
  bypassOpening?: number
  /** Coldest oil at start and hottest in hard use, K. */
  oilCold?: number
  oilHot?: number
}

export const askLabels: Record<keyof Asks, string> = {
  bypassOpening: 'bypass opening pressure of the application',
  oilCold: 'coldest oil of the application',
  oilHot: 'hottest oil of the application',
}

/**
 * What is known of the asks, out of fields that may be empty.
 *
 * @example asksOf({ bypassOpening: 1e5, oilCold: null, oilHot: null }) // => { bypassOpening: 1e5 }
 */
export const asksOf = ({ bypassOpening, oilCold, oilHot }: { [Key in keyof Required<Asks>]: number | null }): Asks => ({
  ...(bypassOpening !== null && { bypassOpening }),
  ...(oilCold !== null && { oilCold }),
  ...(oilHot !== null && { oilHot }),
})
