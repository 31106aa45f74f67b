import { normalQuantile } from '#core/quantity/normal.ts'
import { sfc32 } from '#core/score/random.ts'

/** Draws of the simulation, from one seed. */
export interface Chance {
  /** Between 0 and 1, both excluded. */
  even(): number
  normal(): number
  /** Chi squared over its degrees of freedom. */
  meanSquare(degrees: number): number
  /** A whole number below a count. */
  below(count: number): number
  isTrue(chance: number): boolean
}

export function chanceFrom(seed: number): Chance {
  const next = sfc32(seed)
  const even = () => (next() + 0.5) / 4294967296
  const normal = () => normalQuantile(even())
  return {
    even,
    normal,
    meanSquare(degrees) {
      let sum = 0
      for (let k = 0; k < degrees; k++) sum += normal() ** 2
      return sum / degrees
    },
    below: (count) => Math.floor(even() * count),
    isTrue: (chance) => even() < chance,
  }
}
