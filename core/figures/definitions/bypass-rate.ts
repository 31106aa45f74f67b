import { spinOn } from '#core/catalogue/index.ts'
import { springRate } from '../bypass.ts'
import type { Figure } from '../figure.ts'

export const bypassRateFigure: Figure = {
  key: 'bypass.rate',
  label: 'Bypass coil rate',
  part: 'bypass',
  forms: spinOn,
  dimension: 'stiffness',
  unit: 'N/mm',
  imperial: 'lbf/in',
  formula: 'G × wire⁴ ÷ (8 × mean coil diameter³ × active coils)',
  why: 'A second way to the opening pressure.',
  source: 'Machine design handbooks',
  assumptions: ['Spring steel, G = 80 GPa.'],
  needs: ['bypass.wire', 'bypass.coil', 'bypass.coils'],
  compute: ({ number }) => springRate(number('bypass.wire'), number('bypass.coil'), number('bypass.coils')),
}
