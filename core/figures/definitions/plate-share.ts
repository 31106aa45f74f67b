import { spinOn } from '#core/catalogue/index.ts'
import { over } from '#core/quantity/uncertain.ts'
import { share } from '../conventions.ts'
import type { Figure } from '../figure.ts'

export const plateShareFigure: Figure = {
  key: 'plate.share',
  label: "Base plate's share of the weight",
  part: 'plate',
  forms: spinOn,
  ...share,
  decimals: 0,
  formula: 'base plate weight ÷ whole weight',
  why: 'Steel where it counts.',
  source: 'Common practice, no published source',
  assumptions: [],
  needs: ['plate.weight', 'whole.weight'],
  compute: ({ number }) => over(number('plate.weight'), number('whole.weight')),
}
