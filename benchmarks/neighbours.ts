import { readFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'

/** The kernel counts in hundredths of a second. */
const tick = 10

/** What something took, and how long neighbours on the same hardware held its processors, all together; in ms. */
export interface Stretch {
  took: number
  held: number
}

/** How long neighbours have held the processors so far, all together, ms; 0 where the kernel does not count it. */
function heldSoFar(): number {
  try {
    return tick * Number(/^cpu(?:\s+\d+){7}\s+(\d+)/.exec(readFileSync('/proc/stat', 'utf8'))?.[1] ?? 0)
  } catch {
    return 0
  }
}

/** Starts a clock that tells how long something took and how much of it was not ours. */
export function startClock(): () => Stretch {
  const [began, heldBefore] = [performance.now(), heldSoFar()]
  return () => ({ took: performance.now() - began, held: heldSoFar() - heldBefore })
}

/** How much of all its processors neighbours held, of a hundred. */
export const heldShare = ({ took, held }: Stretch): number => (100 * held) / (took * availableParallelism())

/** Whether the machine was ours meanwhile: neighbours held less than a fifth of its processors. */
export const wasOurs = (stretch: Stretch): boolean => heldShare(stretch) < 20
