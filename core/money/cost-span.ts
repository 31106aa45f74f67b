/** What is known of the cost of one filter. */
export interface CostFacts {
  /** Landed, or on the shelf where freight is not known; undefined without a price. */
  unit: number | undefined
  freightKnown: boolean
  /** Usable interval, m; undefined when it is not known. */
  interval: number | undefined
}

/** A cost, from and to, and what of it is not known. */
export interface CostSpan {
  low: number
  high: number
  unknown: ('freight' | 'interval')[]
}

/**
 * Costs of filters on one axis: where the freight or the interval of one is not known, it is a span over what those of
 * the others are, never a point as if it were known.
 *
 * Source: common practice, no published source.
 *
 * @param facts of each filter
 * @param freights for one filter that are known
 * @param per distance to state the cost for, m; undefined for the price of one filter
 * @returns undefined where there is no price, or nothing to go by for what is not known
 * @example costSpans([{ unit: 8, freightKnown: false, interval: undefined }], [2], undefined)[0]
 * // => { low: 8, high: 10, unknown: ['freight'] }
 */
export function costSpans(
  facts: readonly CostFacts[],
  freights: readonly number[],
  per: number | undefined,
): (CostSpan | undefined)[] {
  const most = Math.max(0, ...freights)
  const known = facts.flatMap(({ interval }) => interval ?? [])
  return facts.map(({ unit, freightKnown, interval }) => {
    if (unit === undefined) return undefined
    const dearest = freightKnown ? unit : unit + most
    const freight: CostSpan['unknown'] = freightKnown ? [] : ['freight']
    if (per === undefined) return { low: unit, high: dearest, unknown: freight }
    if (interval !== undefined)
      return { low: (unit * per) / interval, high: (dearest * per) / interval, unknown: freight }
    if (known.length === 0) return undefined
    const [shortest, longest] = [Math.min(...known), Math.max(...known)]
    return { low: (unit * per) / longest, high: (dearest * per) / shortest, unknown: [...freight, 'interval'] }
  })
}
