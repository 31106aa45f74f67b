import type { DrawSettings } from '#core/score/acceptability.ts'

/** So many draws of each verdict: what they scatter by themselves is small beside what markets differ by. */
export const settings: DrawSettings = { least: 4096, most: 4096, standardError: 0, ranks: false }
