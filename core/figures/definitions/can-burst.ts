import { spinOn } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { burstEstimate } from '../can.ts'
import { pressure } from '../conventions.ts'
import type { Figure } from '../figure.ts'

/** Tensile strength assumed for drawn low-carbon sheet. Source: from memory, about 270 to 370 MPa. */
const sheetStrength = 330e6

export const canBurstFigure: Figure = {
  key: 'can.burst',
  label: 'Burst estimate',
  part: 'can',
  forms: spinOn,
  ...pressure,
  decimals: 0,
  formula: '2 × 330 MPa × can wall ÷ can diameter',
  why: 'Compares cans; seam or plate often let go first.',
  source: 'Thin-wall cylinder, handbook',
  assumptions: ['An estimate. Low-carbon sheet of 330 MPa.'],
  relative: true,
  remark: (si) => formatQuantity(si, 'psi', 0),
  needs: ['can.wall', 'can.diameter'],
  compute: ({ number }) => burstEstimate(sheetStrength, number('can.wall'), number('can.diameter')),
}
