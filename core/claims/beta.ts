/**
 * Beta ratio of a filter: particles before it over particles behind it, at one particle size.
 *
 * Source: ISO 16889 and ISO 4548-12 define it so: beta = 1 / (1 - E).
 *
 * @param efficiency share of particles that is stopped, 0 up to but not 1
 * @returns from 1 up
 * @throws RangeError outside [0, 1)
 * @example betaRatio(0.987) // => 76.9
 */
export function betaRatio(efficiency: number): number {
  if (!(efficiency >= 0 && efficiency < 1))
    throw new RangeError(`An efficiency lies from 0 up to but not 1, got ${efficiency}`)
  return 1 / (1 - efficiency)
}
