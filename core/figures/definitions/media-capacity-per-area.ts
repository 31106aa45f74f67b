import { both } from '#core/catalogue/index.ts'
import { exactly, over } from '#core/quantity/uncertain.ts'
import type { Figure } from '../figure.ts'
import { mediaArea } from '../media-area.ts'

export const mediaCapacityPerAreaFigure: Figure = {
  key: 'media.capacityPerArea',
  label: 'Claimed capacity per area',
  part: 'media',
  forms: both,
  dimension: 'arealDensity',
  unit: 'g/m²',
  imperial: 'g/m²',
  formula: 'dirt capacity as claimed ÷ media area',
  why: 'Is a capacity claim believable beside its rivals?',
  source: 'Common practice, no published source',
  assumptions: ["The capacity is the maker's claim; the area is measured."],
  needs: ['box.capacity', 'media.how', 'media.length', 'media.width', 'media.buried'],
  compute: ({ number, numberOr }) =>
    over(
      number('box.capacity'),
      mediaArea(number('media.length'), number('media.width'), numberOr('media.buried', exactly(0))),
    ),
}
