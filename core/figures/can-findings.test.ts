import { expect, test } from 'vitest'
import { exactly } from '#core/quantity/uncertain.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { canFullness, canWeightOfWall } from './can.ts'
import { canFindings } from './can-findings.ts'

test('0.49 mm at 76 x 85 mm is about 95 g (common practice, no published source)', () => {
  const weight = canWeightOfWall(exactly(0.00049), exactly(0.076), exactly(0.085)).value
  expect(weight).toBeCloseTo(0.0955, 3)
})

test('an element that fills its can to the brim takes all of it', () => {
  expect(canFullness(exactly(0.07), exactly(0.08), exactly(0.07), exactly(0.08)).value).toBe(1)
})

test('a can that weighs what no cup of its wall weighs is found out', () => {
  const can = (weight: string) =>
    canFindings(
      resolve(
        readings({ 'can.wall': '0.49 mm', 'can.diameter': '76 mm', 'can.height': '85 mm', 'can.weight': weight }),
      ),
    )
  expect(can('92 g')).toEqual([])
  expect(can('55 g')[0]?.message).toContain('about 96 g')
  expect(can('150 g')).toHaveLength(1)
  expect(canFindings(resolve(readings({ 'can.wall': '0.49 mm' })))).toEqual([])
})
