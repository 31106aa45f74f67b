import { spinOn } from '#core/catalogue/index.ts'
import { uncertain } from '#core/quantity/uncertain.ts'
import { burstEstimate } from '../can.ts'
import { pressure } from '../conventions.ts'
import type { Figure } from '../figure.ts'

/**
 * Tensile strength assumed for drawn low-carbon sheet, and what is not known of it: 17 % either way in 95 of 100 cans.
 * Source: from memory, about 270 to 370 MPa.
 */
const sheetStrength = 330e6
const strengthDoubt = (0.17 * sheetStrength) / 1.96

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
  assumptions: ['An estimate. Low-carbon sheet of 330 MPa; of an unknown steel that is 17 % either way.'],
  relative: true,
  remark: () => '17 % either way for the unknown steel',
  needs: ['can.wall', 'can.diameter'],
  compute: ({ number, specimen }) =>
    burstEstimate(
      uncertain(sheetStrength, strengthDoubt, `${specimen('can.wall')}/can.wall#steel`),
      number('can.wall'),
      number('can.diameter'),
    ),
}
