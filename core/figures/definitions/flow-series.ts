import { spinOn } from '#core/catalogue/index.ts'
import { smallArea } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { flowPathAreas, seriesArea } from '../flow-path.ts'

export const flowSeriesFigure: Figure = {
  key: 'flow.series',
  label: 'Area that throttles the same',
  part: 'plate',
  forms: spinOn,
  ...smallArea,
  formula: '1 ÷ √(1/inlet² + 1/core² + 1/outlet²)',
  why: 'The whole way through as one opening.',
  source: 'Orifice losses in series add; handbook hydraulics',
  assumptions: ['Equal discharge coefficient for all three.'],
  needs: ['plate.inlets', 'core.openings', 'thread.designation'],
  compute: (inputs) => seriesArea(flowPathAreas(inputs)),
}
