import { spinOn } from '#core/catalogue/index.ts'
import { threadEngagement } from '../can.ts'
import { length } from '../conventions.ts'
import type { Figure } from '../figure.ts'

export const threadEngagementFigure: Figure = {
  key: 'thread.engagement',
  label: 'Thread engagement',
  part: 'plate',
  forms: spinOn,
  ...length,
  decimals: 1,
  formula: 'full threads × pitch',
  why: 'Holding strength.',
  source: 'Common practice, no published source',
  assumptions: ['Turns are counted to the half: known to a quarter turn.'],
  needs: ['thread.designation', 'thread.turns'],
  compute: ({ number, thread }) => threadEngagement(number('thread.turns'), thread('thread.designation').pitch),
}
