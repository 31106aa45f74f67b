import { both } from '#core/catalogue/index.ts'
import { minus } from '#core/quantity/uncertain.ts'
import { buriedWidth, buriedWidthKeys, buriedWidthRemark } from '../buried-width.ts'
import { area, geometry } from '../conventions.ts'
import type { Figure } from '../figure.ts'
import { mediaAreaFromPleats } from '../media-area.ts'
import { pleatSpace } from '../pleats.ts'

export const mediaAreaPleatsFigure: Figure = {
  key: 'media.area.pleats',
  label: 'Media area from the pleats',
  part: 'media',
  forms: both,
  ...area,
  formula: '2 × pleat count × room for a pleat × (media width − width buried in glue)',
  why: 'The same area a second way.',
  source: geometry,
  assumptions: ['Pleats fill the room they have.'],
  needs: ['pleats.count', 'element.od', 'element.id', 'media.width'],
  sharpenedBy: buriedWidthKeys,
  compute: (inputs) =>
    mediaAreaFromPleats(
      inputs.number('pleats.count'),
      pleatSpace(inputs.number('element.od'), inputs.number('element.id')),
      minus(inputs.number('media.width'), buriedWidth(inputs)),
    ),
  remark: (_, inputs) => buriedWidthRemark(inputs),
}
