import { cartridge } from '#core/catalogue/index.ts'
import { share } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { oringSqueeze } from '../oring.ts'

export const oringSqueezeFigure: Figure = {
  key: 'oring.squeeze',
  label: 'O-ring squeeze',
  part: 'oring',
  forms: cartridge,
  ...share,
  decimals: 0,
  formula: '1 − groove depth ÷ O-ring section',
  why: 'Too little leaks, too much shears.',
  source: 'O-ring handbooks (from memory): 10 to 30 % for a static seal',
  assumptions: [],
  needs: ['oring.section', 'oring.groove'],
  compute: ({ number }) => oringSqueeze(number('oring.section'), number('oring.groove')),
}
