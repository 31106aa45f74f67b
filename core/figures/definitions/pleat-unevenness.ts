import { both } from '#core/catalogue/index.ts'
import { minus, over } from '#core/quantity/uncertain.ts'
import { geometry, ratio } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { pleatPitch } from '../pleats.ts'

export const pleatUnevennessFigure: Figure = {
  key: 'pleat.unevenness',
  label: 'Spread of the pleat gaps',
  part: 'pleats',
  forms: both,
  ...ratio,
  formula: '(widest gap − narrowest gap) ÷ pleat pitch',
  why: 'Bunched pleats starve, wide gaps are weak.',
  source: geometry,
  assumptions: ['Seam left out.'],
  needs: ['pleats.wide', 'pleats.narrow', 'element.od', 'pleats.count'],
  compute: ({ number }) =>
    over(
      minus(number('pleats.wide'), number('pleats.narrow')),
      pleatPitch(number('element.od'), number('pleats.count')),
    ),
}
