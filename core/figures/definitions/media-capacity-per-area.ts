import { both } from '#core/catalogue/index.ts'
import { over } from '#core/quantity/uncertain.ts'
import { buriedWidth, buriedWidthKeys, buriedWidthRemark } from '../buried-width.ts'
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
  needs: ['box.capacity', 'media.length', 'media.width'],
  sharpenedBy: buriedWidthKeys,
  compute: (inputs) =>
    over(
      inputs.number('box.capacity'),
      mediaArea(inputs.number('media.length'), inputs.number('media.width'), buriedWidth(inputs)),
    ),
  remark: (_, inputs) => buriedWidthRemark(inputs),
}
