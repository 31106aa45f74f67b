import { spinOn } from '#core/catalogue/index.ts'
import { exactly, over } from '#core/quantity/uncertain.ts'
import { share } from '../conventions.ts'
import type { Figure } from '../figure.ts'

export const canEvennessFigure: Figure = {
  key: 'can.evenness',
  label: 'Can wall evenness',
  part: 'can',
  forms: spinOn,
  ...share,
  formula: '(thickest − thinnest reading of the can wall) ÷ their mean',
  why: 'A wall drawn thin on one side bursts there.',
  source: 'Common practice, no published source',
  assumptions: ['Several places round the can, paint off.'],
  needs: ['can.wall'],
  compute: ({ repeats, number }) => {
    const walls = repeats('can.wall')
    if (walls.length < 2) throw new RangeError('Evenness takes at least two readings of the can wall')
    return over(exactly(Math.max(...walls) - Math.min(...walls)), number('can.wall'))
  },
}
