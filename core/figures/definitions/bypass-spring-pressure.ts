import { spinOn } from '#core/catalogue/index.ts'
import { springPressure, springRate } from '../bypass.ts'
import { pressure } from '../conventions.ts'
import type { Figure } from '../figure.ts'

export const bypassSpringPressureFigure: Figure = {
  key: 'bypass.springPressure',
  label: 'Bypass opening, from the spring',
  part: 'bypass',
  forms: spinOn,
  ...pressure,
  formula: 'coil rate × preload ÷ (π/4 × seat diameter²)',
  why: 'Checks the push test.',
  source: 'Machine design handbooks',
  assumptions: ['Spring steel, G = 80 GPa.'],
  needs: ['bypass.wire', 'bypass.coil', 'bypass.coils', 'bypass.preload', 'bypass.seat'],
  compute: ({ number }) =>
    springPressure(
      springRate(number('bypass.wire'), number('bypass.coil'), number('bypass.coils')),
      number('bypass.preload'),
      number('bypass.seat'),
    ),
}
