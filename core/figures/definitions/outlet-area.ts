import { spinOn } from '#core/catalogue/index.ts'
import { minorDiameter } from '#core/quantity/thread.ts'
import { exactly } from '#core/quantity/uncertain.ts'
import { smallArea } from '../conventions.ts'
import type { Figure } from '../figure.ts'

export const outletAreaFigure: Figure = {
  key: 'outlet.area',
  label: 'Outlet area',
  part: 'plate',
  forms: spinOn,
  ...smallArea,
  formula: 'π/4 × minor diameter of the thread², minor diameter = D − 1.0825 × pitch',
  why: 'Room for the oil to go out.',
  source: 'ISO 724; ASME B1.1',
  assumptions: ["Basic minor diameter of the internal thread; the engine's stud has its own bore."],
  needs: ['thread.designation'],
  compute: ({ thread }) => exactly((Math.PI / 4) * minorDiameter(thread('thread.designation')) ** 2),
}
