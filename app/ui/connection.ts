/** The connection failed, as against an answer that something is wrong: each browser has its own words for it. */
export const isConnectionError = (error: unknown): boolean =>
  error instanceof TypeError && /fetch|network|load failed/i.test(error.message)
