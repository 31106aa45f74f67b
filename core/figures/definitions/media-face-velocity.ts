import { both } from '#core/catalogue/index.ts'
import { buriedWidth, buriedWidthKeys, buriedWidthRemark } from '../buried-width.ts'
import type { Figure } from '../figure.ts'
import { faceVelocity } from '../flow-path.ts'
import { mediaArea } from '../media-area.ts'

/** Flow at which face velocities are compared. */
const statedFlow = 30 / 60_000

export const mediaFaceVelocityFigure: Figure = {
  key: 'media.faceVelocity',
  label: 'Face velocity at 30 L/min',
  part: 'media',
  forms: both,
  dimension: 'speed',
  unit: 'mm/s',
  imperial: 'in/s',
  formula: '30 L/min ÷ media area',
  why: 'How hard the media works.',
  source: 'Continuity',
  assumptions: ["A stated flow, the same for all; not the engine's."],
  needs: ['media.length', 'media.width'],
  sharpenedBy: buriedWidthKeys,
  compute: (inputs) =>
    faceVelocity(
      statedFlow,
      mediaArea(inputs.number('media.length'), inputs.number('media.width'), buriedWidth(inputs)),
    ),
  remark: (_, inputs) => buriedWidthRemark(inputs),
}
