import { characteristicOf } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'
import { canWeightOfWall } from './can.ts'
import type { Finding } from './finding.ts'

/** Bead, seam and dome make a can weigh so much more or less than a plain cup. Common practice, no published source. */
const shapeAllowance = 0.25

/**
 * The weight of the can against its wall: a cup of that sheet weighs so much.
 *
 * Source: common practice, no published source; the density of steel is a handbook value.
 *
 * @param values resolved
 * @example canFindings(new Map()) // => []
 */
export function canFindings(values: ResolvedValues): Finding[] {
  const [wall, diameter, height, weight] = ['can.wall', 'can.diameter', 'can.height', 'can.weight'].map(
    (key) => values.get(key)?.number,
  )
  if (!wall || !diameter || !height || !weight) return []
  const expected = canWeightOfWall(wall, diameter, height)
  const doubt = 2 * Math.hypot(standardUncertainty(expected), standardUncertainty(weight))
  const off = weight.value - expected.value
  if (Math.abs(off) <= shapeAllowance * expected.value + doubt) return []
  const grams = (kilograms: number): string => formatQuantity(kilograms, 'g', 0)
  return [
    {
      key: 'can-weight',
      culprit: 'can.wall',
      message:
        `The can weighs ${grams(weight.value)}; a cup of that wall would weigh about ` + `${grams(expected.value)}.`,
      advice:
        `${characteristicOf('can.wall').label} or ` +
        `${characteristicOf('can.weight').label.toLowerCase()} is misread, or paint was ` +
        'measured along. Take the wall again, paint scraped off.',
    },
  ]
}
