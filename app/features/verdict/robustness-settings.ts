import type { DrawSettings } from '#core/score/acceptability.ts'

/** Weights that are drawn take more draws to settle. */
export const freeWeights: DrawSettings = { least: 32_768, most: 65_536, standardError: 0.0015, ranks: true }
