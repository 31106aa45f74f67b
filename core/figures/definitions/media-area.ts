import { both } from '#core/catalogue/index.ts'
import { buriedWidth, buriedWidthKeys, buriedWidthRemark } from '../buried-width.ts'
import { area, geometry } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { mediaArea } from '../media-area.ts'

export const mediaAreaFigure: Figure = {
  key: 'media.area',
  label: 'Media area',
  part: 'media',
  forms: both,
  ...area,
  formula: 'media length × (media width − width buried in glue)',
  why: 'Capacity and flow; the figure behind the pleat count.',
  source: geometry,
  assumptions: ['One side. Nothing is taken off where the width was measured between the caps.'],
  needs: ['media.length', 'media.width'],
  sharpenedBy: buriedWidthKeys,
  compute: (inputs) => mediaArea(inputs.number('media.length'), inputs.number('media.width'), buriedWidth(inputs)),
  remark: (_, inputs) => buriedWidthRemark(inputs),
}
