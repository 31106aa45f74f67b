import { spinOn } from '#core/catalogue/index.ts'
import { formatFixed } from '#core/quantity/format.ts'
import { dentStiffness } from '../can.ts'
import { ratio } from '../conventions.ts'
import type { Figure } from '../figure.ts'

/** 0.015 in, one of the two usual can walls. Source: common practice, no published source. */
const referenceWall = 0.015 * 0.0254

export const canStiffnessFigure: Figure = {
  key: 'can.stiffness',
  label: 'Dent stiffness',
  part: 'can',
  forms: spinOn,
  ...ratio,
  formula: '(can wall ÷ 0.015 in)³',
  why: 'How a thicker wall stands against stones and wrenches.',
  source: 'Plate bending stiffness, handbook',
  assumptions: ['Same steel and shape; 1 is a 0.015 in wall.'],
  needs: ['can.wall'],
  compute: ({ number }) => dentStiffness(number('can.wall'), referenceWall),
  remark: (si) => `${formatFixed(si, 1)} times a 0.015 in wall`,
}
