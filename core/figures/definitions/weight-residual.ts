import { spinOn } from '#core/catalogue/index.ts'
import { exactly, minus, total } from '#core/quantity/uncertain.ts'
import type { Figure } from '../figure.ts'

const parts = [
  'plate.weight',
  'element.weight',
  'can.weight',
  'spring.weight',
  'bypass.weight',
  'adbv.weight',
  'gasket.weight',
]

export const weightResidualFigure: Figure = {
  key: 'weight.residual',
  label: 'Weight unaccounted for',
  part: 'whole',
  forms: spinOn,
  dimension: 'mass',
  unit: 'g',
  imperial: 'oz',
  formula: 'whole weight − sum of the parts',
  why: 'Over a few grams: something was not weighed, or misread.',
  source: 'Common practice, no published source',
  assumptions: [],
  needs: ['whole.weight', ...parts],
  compute: ({ number, numberOr }) =>
    minus(number('whole.weight'), total(parts.map((key) => numberOr(key, exactly(0))))),
}
