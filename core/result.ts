/** A fault the user can mend, said in the user's own words. */
export interface Problem {
  code: string
  message: string
  /** Readings of the same text that would be accepted, for one-key acceptance. */
  suggestions?: Suggestion[]
}

/** One way to mend a problem: text that would be taken, and how to call it. */
export interface Suggestion {
  text: string
  label: string
}

export type Result<T> = { ok: true; value: T } | { ok: false; problem: Problem }

export const ok = <T>(value: T): Result<T> => ({ ok: true, value })

export const problem = (code: string, message: string, offers?: Suggestion[]): { ok: false; problem: Problem } => ({
  ok: false,
  problem: offers?.length ? { code, message, suggestions: offers } : { code, message },
})
