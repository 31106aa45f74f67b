import { expect, test } from 'vitest'
import { plus, scaled, times, uncertain } from '#core/quantity/uncertain.ts'
import { budgetOf } from './uncertainty-budget.ts'

test('shares of the variance by characteristic, largest first, adding up to one', () => {
  const figure = times(uncertain(1.4, 0.003, 's1/media.length'), uncertain(0.07, 0.0003, 's1/media.width'))
  const lines = budgetOf(figure)
  expect(lines.map(({ key }) => key)).toEqual(['media.width', 'media.length'])
  expect(lines[0]!.share).toBeCloseTo(0.00042 ** 2 / (0.00042 ** 2 + 0.00021 ** 2), 9)
  expect(lines.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12)
})

test('the sizes of one set of holes count as one source', () => {
  const holes = plus(uncertain(1, 0.1, 's1/plate.inlets#0w'), scaled(uncertain(1, 0.1, 's1/plate.inlets#1w'), 2))
  expect(budgetOf(holes)).toEqual([{ key: 'plate.inlets', share: 1 }])
})
