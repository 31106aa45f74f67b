import { spinOn } from '#core/catalogue/index.ts'
import { geometry, smallArea } from '../conventions.ts'
import type { Figure } from '../figure.ts'

export const inletAreaFigure: Figure = {
  key: 'inlet.area',
  label: 'Inlet area',
  part: 'plate',
  forms: spinOn,
  ...smallArea,
  formula: 'sum over hole groups: count × π/4 × diameter², a slot as a rectangle with two half circles',
  why: 'Room for the oil to come in.',
  source: geometry,
  assumptions: [],
  needs: ['plate.inlets'],
  compute: ({ openings }) => openings('plate.inlets'),
}
