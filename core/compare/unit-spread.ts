import { mean, sampleStandardDeviation } from 'simple-statistics'

/** How much units of one product differ: standard deviation over mean, and what it rests on. */
export interface UnitSpread {
  relative: number
  /** Degrees of freedom of the estimate. */
  degreesOfFreedom: number
  source: SpreadSource
}

export type SpreadSource = 'specimens' | 'library' | 'assumed'

export const spreadSourceLabels: Record<SpreadSource, string> = {
  specimens: 'from its own specimens',
  library: 'from products in the library with several specimens',
  assumed: 'assumed, as no product has several specimens',
}

/**
 * Stated default where no product has two specimens. Common practice, no published source: a few grams in three
 * hundred.
 */
const assumed: UnitSpread = { relative: 0.02, degreesOfFreedom: 4, source: 'assumed' }
/** So much weight, in degrees of freedom, the library has at most: other products may be made with more care. */
const mostLibrary = 12

/** What one product adds to a pooled spread. */
export interface SpreadShare {
  /** Relative variance times its degrees of freedom. */
  squares: number
  degrees: number
}

/**
 * What the units of one product add to a pooled spread.
 *
 * @param values of one characteristic or figure, one a specimen
 * @returns undefined when there are not two, or their mean is nought
 * @example spreadShare([100, 102])?.degrees // => 1
 */
export function spreadShare(values: readonly number[]): SpreadShare | undefined {
  if (values.length < 2) return undefined
  const middle = mean(values)
  if (middle === 0) return undefined
  const degrees = values.length - 1
  return { squares: degrees * (sampleStandardDeviation(values) / middle) ** 2, degrees }
}

/**
 * Unit-to-unit spread pooled over products: relative variances weighted by their degrees of freedom.
 *
 * Source: pooled estimate of variance, GUM 4.2.4.
 *
 * @param shares what each product adds, or sums of that
 * @returns undefined when no product has two specimens
 * @example poolShares([{ squares: 0.02, degrees: 1 }, { squares: 0.06, degrees: 1 }])?.relative // => 0.2
 */
export function poolShares(shares: readonly SpreadShare[]): UnitSpread | undefined {
  const squares = shares.reduce((sum, share) => sum + share.squares, 0)
  const degrees = shares.reduce((sum, share) => sum + share.degrees, 0)
  // A sum of differences may end a hair below nought.
  return degrees === 0
    ? undefined
    : { relative: Math.sqrt(Math.max(0, squares) / degrees), degreesOfFreedom: degrees, source: 'library' }
}

/**
 * Unit-to-unit spread pooled over products, from the values of each.
 *
 * @param products values of one characteristic or figure, a list a product, a value a specimen
 * @returns undefined when no product has two specimens
 * @example pooledSpread([[100, 102], [50, 50, 51]])?.degreesOfFreedom // => 3
 */
export const pooledSpread = (products: readonly (readonly number[])[]): UnitSpread | undefined =>
  poolShares(products.flatMap((values) => spreadShare(values) ?? []))

/**
 * Spread of the units of one product: the stated default, what the library says and what its own specimens say,
 * pooled by their degrees of freedom. So it is never nought, and the more is known the less the default counts.
 *
 * Source: posterior scale of an inverse-gamma prior with four degrees of freedom on the relative variance; pooled
 * variance, GUM 4.2.4. The default: common practice, no published source.
 *
 * @param values one a specimen
 * @param library spread pooled over all products of several specimens, this one included; undefined when there is none
 * @param assumedFactor by which the stated default is multiplied: a figure of several quantities varies more than one
 * @example unitSpread([100], undefined).source // => 'assumed'
 */
export function unitSpread(values: readonly number[], library: UnitSpread | undefined, assumedFactor = 1): UnitSpread {
  const prior = assumed.relative * Math.max(1, assumedFactor)
  const own = spreadShare(values)
  const others = library && {
    squares: Math.max(0, library.relative ** 2 * library.degreesOfFreedom - (own?.squares ?? 0)),
    degrees: library.degreesOfFreedom - (own?.degrees ?? 0),
  }
  const heard = others && others.degrees > 0 ? Math.min(1, mostLibrary / others.degrees) : 0
  const { relative, degreesOfFreedom } =
    poolShares([
      { squares: prior ** 2 * assumed.degreesOfFreedom, degrees: assumed.degreesOfFreedom },
      ...(others && heard > 0 ? [{ squares: heard * others.squares, degrees: heard * others.degrees }] : []),
      ...(own ? [own] : []),
    ]) ?? assumed
  return { relative, degreesOfFreedom, source: own ? 'specimens' : heard > 0 ? 'library' : 'assumed' }
}
