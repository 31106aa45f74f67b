import { spinOn } from '#core/catalogue/index.ts'
import { scaled } from '#core/quantity/uncertain.ts'
import { openingPressure } from '../bypass.ts'
import { share } from '../conventions.ts'
import type { Figure } from '../figure.ts'

export const bypassAgainstAskedFigure: Figure = {
  key: 'bypass.againstAsked',
  label: 'Bypass opening against what is asked',
  part: 'bypass',
  forms: spinOn,
  ...share,
  decimals: 0,
  formula: 'bypass opening by push test ÷ bypass opening pressure of the engine',
  why: 'Too low, dirty oil passes early; too high, a cold engine starves.',
  source: 'Definition; the push test is common practice, no published source',
  assumptions: ['Both are differences across the element.'],
  needs: ['bypass.push', 'bypass.seat'],
  requirements: ['bypassOpening'],
  compute: ({ number, requirement }) =>
    scaled(openingPressure(number('bypass.push'), number('bypass.seat')), 1 / requirement('bypassOpening')),
}
