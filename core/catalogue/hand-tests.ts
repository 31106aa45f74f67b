import type { Characteristic, GradeCharacteristic } from './characteristic.ts'
import { both, spinOn } from './filter-form.ts'

/** A judgement by hand on a scale with a written anchor for each step; recorded when there is time. */
const byHand = (
  test: Omit<GradeCharacteristic, 'kind' | 'extra' | 'lostAfter'> & Partial<Pick<GradeCharacteristic, 'lostAfter'>>,
): Characteristic => ({ kind: 'grade', extra: true, lostAfter: 'wrap', ...test })

/** What a thumb tells of the parts: rough, and better than nothing when the anchors are kept to. */
export const handTestCharacteristics: Characteristic[] = [
  byHand({
    key: 'can.squeeze',
    part: 'can',
    station: 'outside',
    lostAfter: 'cut',
    forms: spinOn,
    label: 'Can when squeezed',
    how: 'Thumb and finger at half height, before the cut.',
    why: 'A rough sign of wall and temper when no caliper is at hand.',
    anchors: ['Buckles and stays', 'Gives a lot, springs back', 'Gives some', 'Gives a hair', 'Does not give'],
  }),
  byHand({
    key: 'gasket.softness',
    part: 'gasket',
    station: 'outside',
    forms: spinOn,
    label: 'Gasket softness',
    how: 'Thumbnail into the face of the ring.',
    why: 'A hard ring needs more torque; softness alone does not tell the rubber.',
    anchors: ['Like hard plastic', 'Hardly marks', 'Marks and comes back', 'Soft', 'Very soft, comes back at once'],
  }),
  byHand({
    key: 'adbv.limp',
    part: 'adbv',
    station: 'parts',
    forms: spinOn,
    label: 'Drain-back valve, how limp',
    how: 'Hold it by its inner rim and let the lip hang.',
    why: 'A limp lip seals with no pressure; a stiff one stands off when cold.',
    anchors: ['Stiff like board', 'Stiff', 'Bends under its own weight a little', 'Limp', 'Hangs like cloth'],
  }),
  byHand({
    key: 'caps.flimsy',
    atEnds: true,
    part: 'caps',
    station: 'element',
    lostAfter: 'apart',
    forms: both,
    label: 'End caps, how firm',
    how: 'Press the rim of a cap with a thumb.',
    why: 'A cap that bends opens its glue line.',
    anchors: ['Folds like foil', 'Bends and stays', 'Bends and springs back', 'Gives a hair', 'Does not give'],
  }),
  byHand({
    key: 'glue.peel',
    atEnds: true,
    part: 'caps',
    station: 'pleats',
    forms: both,
    label: 'Glue, how it peels',
    how: 'A fingernail under the bead, then pull.',
    why: 'Glue that peels costs points and ends nothing; loose glue is another matter.',
    notApplicableWhen: [{ key: 'caps.material', values: ['none'], reason: 'the media is welded and has no caps' }],
    anchors: [
      'Comes off in one ring',
      'Peels with little effort',
      'Peels in pieces',
      'Peels with a blade',
      'Tears the media first',
    ],
  }),
  byHand({
    key: 'media.limp',
    part: 'media',
    station: 'media',
    forms: both,
    label: 'Media, how stiff',
    how: 'Hold a hand’s length of it level by one end.',
    why: 'A rough sign of resin; limp media needs a mesh behind it.',
    anchors: ['Hangs like cloth', 'Hangs down', 'Bends halfway', 'Bends a little', 'Stands out straight'],
  }),
]
