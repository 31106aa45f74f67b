import { both } from '#core/catalogue/index.ts'
import { over } from '#core/quantity/uncertain.ts'
import { geometry } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { mediaMassPerArea } from '../media-mass.ts'

export const mediaMassPerLayerFigure: Figure = {
  key: 'media.massPerLayer',
  label: 'Media weight per area and layer',
  part: 'media',
  forms: both,
  dimension: 'arealDensity',
  unit: 'g/m²',
  imperial: 'g/m²',
  formula: 'media weight ÷ (media length × media width × media layers)',
  why: 'Two thin layers are not one thick one.',
  source: geometry,
  assumptions: ['Layers of equal weight; a mesh counts with them.'],
  needs: ['media.weight', 'media.length', 'media.width', 'media.layers'],
  compute: ({ number }) =>
    over(
      mediaMassPerArea(number('media.weight'), number('media.length'), number('media.width')),
      number('media.layers'),
    ),
}
