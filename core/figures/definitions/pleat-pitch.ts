import { both } from '#core/catalogue/index.ts'
import { geometry, length } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { pleatPitch } from '../pleats.ts'

export const pleatPitchFigure: Figure = {
  key: 'pleat.pitch',
  label: 'Pleat pitch',
  part: 'pleats',
  forms: both,
  ...length,
  formula: 'π × element outer diameter ÷ pleat count',
  why: 'Distance from tip to tip.',
  source: geometry,
  assumptions: ['Evenly spaced.'],
  needs: ['element.od', 'pleats.count'],
  compute: ({ number }) => pleatPitch(number('element.od'), number('pleats.count')),
}
