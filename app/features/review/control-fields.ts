import type { AirControl } from '#core/review/on-air.ts'

const textOf = (value: AirControl[keyof AirControl]): string =>
  typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value)

/** What of a control changes, as it is sent. */
export const controlFields = (next: Partial<AirControl>): Record<string, string> =>
  Object.fromEntries(Object.entries(next).map(([name, value]) => [name, textOf(value)]))
