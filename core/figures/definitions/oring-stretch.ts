import { cartridge } from '#core/catalogue/index.ts'
import { share } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { oringStretch } from '../oring.ts'

export const oringStretchFigure: Figure = {
  key: 'oring.stretch',
  label: 'O-ring stretch',
  part: 'oring',
  forms: cartridge,
  ...share,
  formula: 'groove diameter ÷ O-ring inner diameter − 1',
  why: 'A ring that is stretched too far thins and cracks.',
  source: 'O-ring handbooks (from memory): up to 5 %',
  assumptions: [],
  needs: ['oring.inside', 'oring.seat'],
  compute: ({ number }) => oringStretch(number('oring.inside'), number('oring.seat')),
}
