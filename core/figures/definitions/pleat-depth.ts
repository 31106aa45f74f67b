import { both } from '#core/catalogue/index.ts'
import { geometry, length } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { pleatDepth } from '../pleats.ts'

export const pleatDepthFigure: Figure = {
  key: 'pleat.depth',
  label: 'Pleat depth',
  part: 'pleats',
  forms: both,
  ...length,
  decimals: 1,
  formula: 'media length ÷ (2 × pleat count)',
  why: 'Must fit between core and outside; a misfit means a miscount or a misread length.',
  source: geometry,
  assumptions: ['All pleats are equally deep.'],
  needs: ['media.length', 'pleats.count'],
  compute: ({ number }) => pleatDepth(number('media.length'), number('pleats.count')),
}
