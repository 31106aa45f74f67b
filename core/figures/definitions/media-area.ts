import { both } from '#core/catalogue/index.ts'
import { exactly } from '#core/quantity/uncertain.ts'
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
  needs: ['media.how', 'media.length', 'media.width', 'media.buried'],
  compute: ({ number, numberOr }) =>
    mediaArea(number('media.length'), number('media.width'), numberOr('media.buried', exactly(0))),
}
