import { both } from '#core/catalogue/index.ts'
import type { Criterion } from '../criterion.ts'

/** The box, and what it says of care. */
export const packagingCriteria: readonly Criterion[] = [
  {
    key: 'pack-seal',
    label: 'Cover over the filter',
    part: 'box',
    forms: both,
    attribute: 'box.seal',
    weight: 0.5,
    valueFunction: { kind: 'answers', points: { bag: 10, film: 9, cap: 7, none: 3 } },
    rationale: 'Dust on a shelf ends on the clean side.',
  },
  {
    key: 'closure',
    label: 'How the box is closed',
    part: 'box',
    forms: both,
    attribute: 'box.closure',
    weight: 0.5,
    valueFunction: { kind: 'answers', points: { 'glue-lines': 9, tape: 8, 'glue-dots': 6, flap: 3 } },
    rationale: 'One of the clues to a counterfeit.',
  },
  {
    key: 'maker',
    label: 'Maker named',
    part: 'box',
    forms: both,
    attribute: 'box.maker',
    weight: 0.5,
    valueFunction: { kind: 'answers', points: { named: 9, 'brand-only': 5 } },
    rationale: 'Someone answers for it.',
  },
]
