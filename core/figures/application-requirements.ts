/** What the application asks of its filters; each is known only when the user has said it. SI. */
export interface ApplicationRequirements {
  /** Pressure difference at which the bypass shall open, Pa. */
  bypassOpening?: number
  /** Coldest oil at start and hottest in hard use, K. */
  oilTemperatureMin?: number
  oilTemperatureMax?: number
}

export const requirementLabels: Record<keyof ApplicationRequirements, string> = {
  bypassOpening: 'bypass opening pressure of the engine',
  oilTemperatureMin: 'coldest oil of the engine',
  oilTemperatureMax: 'hottest oil of the engine',
}

/**
 * What is known of the requirements, out of fields that may be empty.
 *
 * @example requirementsOf({ bypassOpening: 1e5, oilTemperatureMin: null, oilTemperatureMax: null })
 * // => { bypassOpening: 1e5 }
 */
export const requirementsOf = ({
  bypassOpening,
  oilTemperatureMin,
  oilTemperatureMax,
}: Record<keyof ApplicationRequirements, number | null>): ApplicationRequirements => ({
  ...(bypassOpening !== null && { bypassOpening }),
  ...(oilTemperatureMin !== null && { oilTemperatureMin }),
  ...(oilTemperatureMax !== null && { oilTemperatureMax }),
})
