import { spinOn } from '#core/catalogue/index.ts'
import { canFullness } from '../can.ts'
import { geometry, ratio } from '../conventions.ts'
import type { Figure } from '../figure.ts'

export const canFullnessFigure: Figure = {
  key: 'can.fullness',
  label: 'Fullness of the can',
  part: 'can',
  forms: spinOn,
  ...ratio,
  formula: 'element outer diameter² × element height ÷ (can diameter² × can height)',
  why: 'How much of the can the element takes: a small element in a large can is mostly oil.',
  source: geometry,
  assumptions: ['Can and element taken as cylinders.'],
  needs: ['element.od', 'element.height', 'can.diameter', 'can.height'],
  compute: ({ number }) =>
    canFullness(number('element.od'), number('element.height'), number('can.diameter'), number('can.height')),
}
