import { both } from '#core/catalogue/index.ts'
import type { Criterion } from '../criterion.ts'
import { scale, squareCentimetreScale, steps } from '../value-functions.ts'

/** Pleats and media. */
export const mediaCriteria: readonly Criterion[] = [
  {
    key: 'spacing',
    label: 'Pleat spacing',
    part: 'pleats',
    forms: both,
    attribute: 'pleats.spacing',
    weight: 4,
    valueFunction: steps,
    rationale: 'Bunched pleats starve, wide gaps are weak.',
  },
  {
    key: 'crowding',
    label: 'Crowding at the core',
    part: 'pleats',
    forms: both,
    attribute: 'pleat.crowding',
    weight: 3,
    valueFunction: scale([0.75, 10], [0.9, 6], [1, 3], [1.1, 0]),
    rationale: 'Near 1 and above, part of the area is blind.',
  },
  {
    key: 'area',
    label: 'Media area',
    part: 'media',
    forms: both,
    attribute: 'media.area',
    weight: 9,
    valueFunction: squareCentimetreScale([390, 0], [650, 4], [970, 8], [1350, 10]),
    rationale: '60 to 210 in² is the usual span.',
  },
  {
    key: 'media',
    label: 'Media type',
    part: 'media',
    forms: both,
    attribute: 'media.type',
    weight: 5,
    valueFunction: { kind: 'answers', points: { cellulose: 0, blend: 5, synthetic: 10, glass: 10 } },
    rationale: 'Finer fibres stop smaller dirt at the same area.',
  },
  {
    key: 'backing',
    label: 'Mesh behind the media',
    part: 'media',
    forms: both,
    attribute: 'media.backing',
    weight: 1,
    valueFunction: { kind: 'answers', points: { wire: 10, plastic: 8, none: 0 } },
    rationale: 'Carries fine media; takes room from pleats. A matter of taste.',
  },
  {
    key: 'pleat-count',
    label: 'Pleat count',
    part: 'pleats',
    forms: both,
    attribute: 'pleats.count',
    weight: 0,
    valueFunction: scale([36, 0], [50, 5], [65, 10]),
    rationale: '36 to 65 pleats are usual. If nothing else is known, some take the higher.',
  },
]
