import { both } from '#core/catalogue/index.ts'
import { plus } from '#core/quantity/uncertain.ts'
import { geometry, ratio } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { crowding } from '../pleats.ts'

export const pleatCrowdingBackedFigure: Figure = {
  key: 'pleat.crowding.backed',
  label: 'Crowding, backing layer with it',
  part: 'pleats',
  forms: both,
  ...ratio,
  formula: '2 × pleat count × (media thickness + backing thickness) ÷ (π × centre tube outer diameter)',
  why: 'A mesh or scrim takes room too: pleats that fit alone may press with it.',
  source: geometry,
  assumptions: ['Media and backing not squeezed; they do not sink into each other.'],
  needs: ['pleats.count', 'media.thickness', 'backing.thickness', 'element.id'],
  compute: ({ number }) =>
    crowding(
      number('pleats.count'),
      plus(number('media.thickness'), number('backing.thickness')),
      number('element.id'),
    ),
  remark: (si) => (si >= 1 ? 'pleats press on each other' : si >= 0.9 ? 'close to pressing' : 'room at the core'),
}
