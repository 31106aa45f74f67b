/** A contradiction among readings, with the one that is most likely wrong. */
export interface Finding {
  key: string
  /** What does not fit, in the user's words, with its numbers. */
  message: string
  /** Characteristic that is most likely misread. */
  culprit: string
  /** Why that one, and what to do. */
  advice: string
}
