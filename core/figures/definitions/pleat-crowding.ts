import { both } from '#core/catalogue/index.ts'
import { geometry, ratio } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { crowding } from '../pleats.ts'

export const pleatCrowdingFigure: Figure = {
  key: 'pleat.crowding',
  label: 'Crowding at the core',
  part: 'pleats',
  forms: both,
  ...ratio,
  formula: '2 × pleat count × media thickness ÷ (π × centre tube outer diameter)',
  why: 'Near 1 and above, pleats press on each other and part of the area is blind.',
  source: geometry,
  assumptions: ['Media not squeezed.'],
  needs: ['pleats.count', 'media.thickness', 'element.id'],
  compute: ({ number }) => crowding(number('pleats.count'), number('media.thickness'), number('element.id')),
  remark: (si) => (si >= 1 ? 'pleats press on each other' : si >= 0.9 ? 'close to pressing' : 'room at the core'),
}
