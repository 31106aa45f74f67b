import { spinOn } from '#core/catalogue/index.ts'
import { openingPressure } from '../bypass.ts'
import { pressure } from '../conventions.ts'
import type { Figure } from '../figure.ts'

export const bypassPressureFigure: Figure = {
  key: 'bypass.pressure',
  label: 'Bypass opening, push test',
  part: 'bypass',
  forms: spinOn,
  ...pressure,
  formula: 'push × g ÷ (π/4 × seat diameter²)',
  why: 'Replaces the thumb.',
  source: 'Definition of pressure; the test is common practice, no published source',
  assumptions: ['The rod presses in the middle; the seat diameter is the edge that seals.'],
  needs: ['bypass.push', 'bypass.seat'],
  compute: ({ number }) => openingPressure(number('bypass.push'), number('bypass.seat')),
}
