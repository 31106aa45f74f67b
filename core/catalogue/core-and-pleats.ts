import type { Characteristic, NotApplicableWhen } from './characteristic.ts'
import { both, cartridge } from './filter-form.ts'
import { range } from './ranges.ts'

const pack = { station: 'pleats', forms: both, lostAfter: 'wrap' } as const
const noCaps: NotApplicableWhen = {
  key: 'caps.material',
  values: ['none'],
  reason: 'the media is welded and has no caps',
}
const noTube: NotApplicableWhen = { key: 'core.type', values: ['none'], reason: 'there is no centre tube' }
const tubeInEngine: NotApplicableWhen = {
  key: 'tube.place',
  values: ['engine'],
  reason: 'the centre tube stays in the engine',
}

/** What shows when the caps are off and the pleats are not yet unfolded. */
export const coreAndPleatsCharacteristics: Characteristic[] = [
  {
    ...pack,
    key: 'core.type',
    part: 'core',
    kind: 'choice',
    label: 'Centre tube build',
    caution: 'blades',
    how: 'How the tube is made and closed.',
    why: 'A spiral seam stands most when squeezed; a cage has the larger openings.',
    notApplicableWhen: [tubeInEngine],
    options: [
      { value: 'spiral', label: 'Spiral-seamed steel', description: 'A seam that winds round the tube.' },
      { value: 'perforated', label: 'Perforated steel', description: 'Round holes, straight seam.' },
      { value: 'louvred', label: 'Louvred steel', description: 'Slits pressed open, straight seam.' },
      { value: 'cage', label: 'Nylon cage', description: 'Moulded ribs with large windows.' },
      { value: 'none', label: 'None', description: 'No tube at all.' },
    ],
  },
  {
    ...pack,
    key: 'core.openings',
    part: 'core',
    kind: 'openings',
    units: ['mm', 'in'],
    imperial: 'in',
    plausible: range.mm(0.3, 40),
    most: 2000,
    label: 'Core openings',
    how: 'Count x diameter, or count x width x length for louvres and windows. Count one row and multiply.',
    why: 'Flow out through the core.',
    notApplicableWhen: [noTube, tubeInEngine],
  },
  {
    ...pack,
    key: 'core.opening',
    part: 'core',
    kind: 'grade',
    label: 'Are the openings really open?',
    how: 'Hold the tube against the light.',
    why: 'A louvre that was not pressed through is no hole.',
    notApplicableWhen: [noTube, tubeInEngine],
    anchors: [
      'Most are shut',
      'Many are shut',
      'Open, but narrow and uneven',
      'All open, a few narrow',
      'All open and even',
    ],
  },
  {
    ...pack,
    key: 'core.stiffness',
    part: 'core',
    kind: 'grade',
    label: 'Centre tube when squeezed',
    how: 'Between thumb and finger, whole element first.',
    why: 'A tube that gives lets the pleats collapse when the oil is thick.',
    notApplicableWhen: [noTube, tubeInEngine],
    anchors: ['Collapses', 'Gives and stays bent', 'Gives and springs back', 'Gives a hair', 'Does not give'],
  },
  {
    ...pack,
    key: 'disc.bond',
    part: 'caps',
    forms: cartridge,
    kind: 'grade',
    label: 'Bond of media to disc',
    how: 'Pull a pleat tip away from the disc.',
    why: 'The same leak as a bare gap of glue.',
    notApplicableWhen: [noCaps],
    anchors: [
      'Comes off clean',
      'Comes off with a few fibres',
      'Holds in places',
      'Tears the media in most places',
      'Tears the media everywhere',
    ],
  },
  {
    ...pack,
    key: 'pleats.count',
    minutes: 3,
    part: 'pleats',
    lostAfter: 'unfold',
    kind: 'count',
    step: 1,
    noun: 'pleats',
    caution: 'blades',
    plausible: range.count(15, 160),
    typical: range.count(36, 65),
    label: 'Pleat count',
    how: 'Outer tips, from a mark on the first; twice.',
    why: 'With the strip it gives depth and pitch. It does not stand for area.',
  },
  {
    ...pack,
    key: 'media.backing',
    part: 'media',
    kind: 'choice',
    label: 'Mesh behind the media',
    how: 'Look at a pleat edge.',
    why: 'Carries fine media; takes room from pleats.',
    options: [
      { value: 'none', label: 'None', description: 'Media alone.' },
      { value: 'wire', label: 'Wire mesh', description: 'A metal mesh on the clean side.' },
      { value: 'plastic', label: 'Plastic mesh', description: 'A moulded or woven net.' },
    ],
  },
]
