/** The current moment as it is stored: UTC, ISO 8601. */
export const now = (): string => new Date().toISOString()

/** The current day, UTC, ISO 8601. */
export const today = (): string => now().slice(0, 10)
