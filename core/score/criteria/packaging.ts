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
    valueFunction: { kind: 'answers', points: { bag: 10, film: 8, cap: 5, none: 0 } },
    rationale: 'Dust on a shelf ends on the clean side.',
  },
  {
    key: 'closure',
    label: 'How the box is closed',
    part: 'box',
    forms: both,
    attribute: 'box.closure',
    weight: 0,
    valueFunction: { kind: 'answers', points: { 'glue-lines': 10, tape: 8, 'glue-dots': 5, flap: 0 } },
    rationale: 'A clue to a counterfeit beside others, and no quality: no school that ships counts it.',
  },
  {
    key: 'maker',
    label: 'Maker named',
    part: 'box',
    forms: both,
    attribute: 'box.maker',
    weight: 0,
    valueFunction: { kind: 'answers', points: { named: 10, 'brand-only': 0 } },
    rationale: 'Someone answers for it; it says nothing of the filter, and no school that ships counts it.',
  },
]
