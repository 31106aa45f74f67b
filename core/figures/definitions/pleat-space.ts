import { both } from '#core/catalogue/index.ts'
import { geometry, length } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { pleatSpace } from '../pleats.ts'

export const pleatSpaceFigure: Figure = {
  key: 'pleat.space',
  label: 'Room for a pleat',
  part: 'pleats',
  forms: both,
  ...length,
  decimals: 1,
  formula: '(element outer diameter − centre tube outer diameter) ÷ 2',
  why: 'A pleat cannot be deeper than this.',
  source: geometry,
  assumptions: ['Pleats stand radially.'],
  needs: ['element.od', 'element.id'],
  compute: ({ number }) => pleatSpace(number('element.od'), number('element.id')),
}
