/** One value that a device showed. */
export interface Sample {
  /** SI. */
  value: number
  /** Milliseconds since any start. */
  at: number
}

export interface Stability {
  /** The latest value, tare taken off; SI. */
  value: number
  stable: boolean
}

/** So long a reading must hold still before it is taken. Common practice of bench scales, no published source. */
export const holdFor = 700

/**
 * Whether the latest samples of a device hold still.
 *
 * Stable when the samples reach back over the hold and none of them within it is further from the latest
 * than one step of the display.
 *
 * @param samples oldest first
 * @param step smallest step of the display, SI
 * @returns undefined without samples
 * @example assessStability([{ value: 0.3, at: 0 }, { value: 0.3, at: 800 }], 0.0001) // => { value: 0.3, stable: true }
 */
export function assessStability(samples: readonly Sample[], step: number): Stability | undefined {
  const [first, last] = [samples[0], samples.at(-1)]
  if (!first || !last) return undefined
  const since = last.at - holdFor
  const held = samples.filter(({ at }) => at >= since)
  const reachesBack = first.at <= since
  const still = held.every(({ value }) => Math.abs(value - last.value) <= step * 1.0001)
  return { value: last.value, stable: reachesBack && still }
}
