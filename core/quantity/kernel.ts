import { quantile, standardDeviation } from 'simple-statistics'

/** No kernel is narrower than this share of a size: nobody reads better than that. Common practice, no source. */
export const narrowestKernel = 0.01

/**
 * Width of the normal kernels by which sizes are smoothed to a density.
 *
 * Source: Silverman's rule, Density Estimation, 1986, from memory.
 *
 * @param sizes one at least
 * @example silvermanWidth([1, 2, 3, 4, 5]) // => 0.922
 */
export function silvermanWidth(sizes: readonly number[]): number {
  const all = [...sizes]
  const spread = Math.min(standardDeviation(all), (quantile(all, 0.75) - quantile(all, 0.25)) / 1.34)
  return 0.9 * spread * all.length ** -0.2
}
