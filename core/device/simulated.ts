/**
 * What a simulated scale or caliper shows: it starts from what it showed before, swings past the new
 * value, wanders and settles, in whole steps of its display.
 *
 * @param from shown before, SI
 * @param to what lies on it or between its jaws, SI
 * @param since milliseconds since it was put there
 * @param step smallest step of the display, SI
 * @param noise a number from -1 to 1, passed in
 * @returns SI, a whole number of steps
 * @example simulatedDisplay(0, 0.3, 5000, 0.0001, 0.4) // => 0.3
 */
export function simulatedDisplay(from: number, to: number, since: number, step: number, noise: number): number {
  const settled = 1 - Math.exp(-since / 180) * Math.cos(since / 110)
  const restless = since < 900 ? noise * step * 4 * (1 - since / 900) : 0
  const value = from + (to - from) * settled + restless
  return Math.round(value / step) * step
}

/**
 * Numbers from -1 to 1 that look like chance and are the same for the same seed (a linear congruential
 * generator, the constants of Numerical Recipes, from memory).
 *
 * @example Math.abs(simulatedDrift(7)()) <= 1 // => true
 */
export function simulatedDrift(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 31 - 1
  }
}
