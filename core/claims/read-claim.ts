import type { ClaimKind, ClaimParts } from './claim.ts'

/** A claim as it was read out of what a box or a page says. */
export interface ReadClaim {
  kind: ClaimKind
  /** The line it was read in, word for word. */
  words: string
  parts: ClaimParts
  /** What had to be guessed: to be looked at before it is kept. */
  doubt?: string
}
