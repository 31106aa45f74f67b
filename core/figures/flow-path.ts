import { minorDiameter } from '#core/quantity/thread.ts'
import { exactly, over, plus, power, type Uncertain } from '#core/quantity/uncertain.ts'
import type { Inputs } from './figure.ts'

/**
 * Area that would throttle like several openings in series: 1/A² adds.
 *
 * Source: orifice equation, pressure loss proportional to (flow / area)², losses in series add;
 * handbook hydraulics.
 *
 * @param areas m², one or more
 * @returns m²
 * @throws RangeError for no areas
 * @example seriesArea([exactly(3), exactly(4)]).value // => 2.4
 */
export function seriesArea(areas: readonly Uncertain[]): Uncertain {
  if (areas.length === 0) throw new RangeError('No areas in series')
  return power(areas.map((area) => power(area, -2)).reduce(plus), -0.5)
}

/**
 * The smallest of several areas.
 *
 * @param areas m², one or more
 * @throws RangeError for no areas
 * @example tightest([exactly(3), exactly(2)]).value // => 2
 */
export function tightest(areas: readonly Uncertain[]): Uncertain {
  if (areas.length === 0) throw new RangeError('No areas to choose from')
  return areas.reduce((smallest, area) => (area.value < smallest.value ? area : smallest))
}

/**
 * Mean speed of oil through the media at a flow.
 *
 * Source: continuity.
 *
 * @param flow m³/s, taken as exact: a stated condition
 * @param area m²
 * @returns m/s
 * @example faceVelocity(0.0005, exactly(0.1)).value // => 0.005
 */
export const faceVelocity = (flow: number, area: Uncertain): Uncertain => over(exactly(flow), area)

/**
 * The three areas that the oil passes one after the other: inlet holes, core openings, thread bore.
 *
 * @param inputs of a figure that needs all three
 * @example
 * flowPathAreas({ openings: () => exactly(0.0003), thread: () => parseThread('M20 x 1.5').value }).length // => 3
 */
export const flowPathAreas = ({ openings, thread }: Inputs): Uncertain[] => [
  openings('plate.inlets'),
  openings('core.openings'),
  exactly((Math.PI / 4) * minorDiameter(thread('thread.designation')) ** 2),
]
