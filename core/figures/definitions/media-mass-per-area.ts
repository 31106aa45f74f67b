import { both } from '#core/catalogue/index.ts'
import { geometry } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { mediaMassPerArea } from '../media-mass.ts'

export const mediaMassPerAreaFigure: Figure = {
  key: 'media.massPerArea',
  label: 'Media weight per area',
  part: 'media',
  forms: both,
  dimension: 'arealDensity',
  unit: 'g/m²',
  imperial: 'g/m²',
  formula: 'media weight ÷ (media length × media width)',
  why: 'Catches a wrong length or weight; tells mesh-backed media from plain.',
  source: geometry,
  assumptions: ['Whole strip, mesh and glue left on it included.'],
  needs: ['media.weight', 'media.length', 'media.width'],
  compute: ({ number }) => mediaMassPerArea(number('media.weight'), number('media.length'), number('media.width')),
}
