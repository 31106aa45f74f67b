import { spinOn } from '#core/catalogue/index.ts'
import { geometry, smallArea } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { flowPathAreas, tightest } from '../flow-path.ts'

const names = ['inlet', 'core', 'outlet']

export const flowTightestFigure: Figure = {
  key: 'flow.tightest',
  label: 'Tightest place',
  part: 'plate',
  forms: spinOn,
  ...smallArea,
  formula: 'smallest of inlet, core and outlet area',
  why: 'Says whether a bigger inlet helps at all.',
  source: geometry,
  assumptions: ['Steady flow, openings alone; the media is another matter.'],
  needs: ['plate.inlets', 'core.openings', 'thread.designation'],
  compute: (inputs) => tightest(flowPathAreas(inputs)),
  remark: (si, inputs) => `the ${names[flowPathAreas(inputs).findIndex(({ value }) => value === si)]}`,
}
