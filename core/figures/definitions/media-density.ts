import { both } from '#core/catalogue/index.ts'
import { geometry } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { mediaDensity, mediaMassPerArea } from '../media-mass.ts'

export const mediaDensityFigure: Figure = {
  key: 'media.density',
  label: 'Media density',
  part: 'media',
  forms: both,
  dimension: 'density',
  unit: 'g/cm³',
  imperial: 'g/cm³',
  formula: 'media weight per area ÷ media thickness',
  why: 'A second check on weight, length and thickness.',
  source: geometry,
  assumptions: [],
  needs: ['media.weight', 'media.length', 'media.width', 'media.thickness'],
  compute: ({ number }) =>
    mediaDensity(
      mediaMassPerArea(number('media.weight'), number('media.length'), number('media.width')),
      number('media.thickness'),
    ),
}
