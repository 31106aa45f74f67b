import { both } from '#core/catalogue/index.ts'
import { geometry, smallArea } from '../conventions.ts'
import type { Figure } from '../figure.ts'

export const coreAreaFigure: Figure = {
  key: 'core.area',
  label: 'Core open area',
  part: 'core',
  forms: both,
  ...smallArea,
  formula: 'sum over opening groups: count × area of one',
  why: 'Flow through the core.',
  source: geometry,
  assumptions: ['All openings are really open; see their grade.'],
  needs: ['core.openings'],
  compute: ({ openings }) => openings('core.openings'),
}
