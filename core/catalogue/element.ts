import { both, cartridge, range, reads, spinOn, type Characteristic, type Unless } from './characteristic.ts'

const element = { part: 'element', station: 'element', forms: both, lostAfter: 'apart' } as const
const pack = { station: 'pleats', forms: both, lostAfter: 'wrap' } as const
const size = { kind: 'quantity', ...reads.size, decimals: 1 } as const

const noCaps: Unless = { key: 'caps.material', is: ['none'], reason: 'the media is welded and has no caps' }
const noTube: Unless = { key: 'core.type', is: ['none'], reason: 'there is no centre tube' }
const tubeInEngine: Unless = { key: 'tube.place', is: ['engine'], reason: 'the centre tube stays in the engine' }

/** The element while it holds together, then its core and its pleats once the caps are off. */
export const elementCharacteristics: Characteristic[] = [
  { ...element, ...size, key: 'element.od', plausible: range.mm(30, 130), typical: range.mm(58, 72), handling: 0.0004, label: 'Element outer diameter', how: 'Over the pleat tips, two places across, not squeezed.', why: 'Room for pleats, and their pitch.' },
  { ...element, ...size, key: 'element.id', plausible: range.mm(10, 70), typical: range.mm(26, 38), handling: 0.0003, label: 'Centre tube outer diameter', how: 'Where the inner pleat tips rest.', why: 'With the outer diameter: the space a pleat has.' },
  { ...element, ...size, key: 'element.height', plausible: range.mm(25, 250), typical: range.mm(55, 85), handling: 0.0002, label: 'Element height', how: 'Cap to cap, outside.', why: 'Must agree with the width of the strip.' },
  { ...element, key: 'element.weight', forms: spinOn, kind: 'quantity', ...reads.weight, plausible: range.g(10, 900), typical: range.g(35, 110), label: 'Element weight', how: 'Whole element, dry.', why: 'Part of the sum.' },
  {
    ...element, key: 'caps.material', part: 'caps', kind: 'choice', label: 'End caps', how: 'Tap and scratch one.', why: 'Steel is rugged; fibre is glued just as well; none at all when the media is welded.',
    options: [
      { value: 'steel', label: 'Steel', says: 'Stamped steel cups.' },
      { value: 'fibre', label: 'Fibre', says: 'Felt or board discs.' },
      { value: 'moulded', label: 'Moulded', says: 'Plastic or rubber cast on the pleats.' },
      { value: 'none', label: 'None', says: 'Media welded together, no caps.' },
    ],
  },
  { ...element, key: 'glue.grade', part: 'caps', kind: 'grade', label: 'Glue bead', how: 'All the way round both caps, in good light.', why: 'A gap is a leak past the media.', unless: [noCaps], anchors: ['A bare gap', 'Thin, pleats show through', 'Closed, but uneven', 'Even, with a thin place or two', 'An even bead all round both caps'] },
  {
    ...element, key: 'glue.flood', part: 'caps', kind: 'fault', label: 'Glue where it should not be', how: 'Over the cap, on the valve seat, loose drops.', why: 'Loose glue can travel or jam a valve.', unless: [noCaps], slight: 'A run over the rim, well stuck.', serious: 'Loose drops, or glue on a valve seat.', ends: 'loose glue, or glue on a valve seat',
  },
  {
    ...element, key: 'caps.hold', part: 'caps', kind: 'fault', label: 'End cap comes away', how: 'Squeeze and twist the element by hand, no tools.', why: 'Oil goes round the media.', unless: [noCaps], slight: 'Lifts at one place under force.', serious: 'Comes away by hand.', ends: 'an end cap that comes away by hand',
  },
  {
    ...element, key: 'element.seam', kind: 'choice', label: 'Seam of the pack', how: 'Where first and last pleat meet.', why: 'An open seam is a door.',
    options: [
      { value: 'crimp', label: 'Crimp over glue', says: 'A metal strip folded over.' },
      { value: 'glue', label: 'Glued', says: 'Glue alone.' },
      { value: 'weld', label: 'Welded', says: 'Ultrasonic, a row of marks.' },
    ],
  },
  { ...element, key: 'pleats.spacing', part: 'pleats', kind: 'grade', label: 'Pleat spacing', how: 'Turn it once against the light.', why: 'Bunched pleats starve, wide gaps are weak.', anchors: ['Bunched, bare gaps', 'Several touch, wide gaps', 'Uneven', 'Even but for a few', 'Even all round'] },
  { ...element, key: 'pleats.narrow', part: 'pleats', kind: 'quantity', ...reads.small, plausible: range.mm(0.05, 20), typical: range.mm(1, 4), handling: 0.0002, label: 'Narrowest pleat gap', how: 'Tip to tip, the closest pair.', why: 'Spread of the gaps.', extra: true },
  { ...element, key: 'pleats.wide', part: 'pleats', kind: 'quantity', ...reads.small, plausible: range.mm(0.5, 40), typical: range.mm(2, 6), handling: 0.0002, label: 'Widest pleat gap', how: 'Tip to tip, the widest pair, seam left out.', why: 'Spread of the gaps.', extra: true },
  {
    ...element, key: 'pleats.band', part: 'pleats', kind: 'choice', label: 'Band round the pleats', how: 'String, tape or wrap.', why: 'Keeps the spacing when the flow comes.', extra: true,
    options: [
      { value: 'none', label: 'None', says: 'Nothing round the pleats.' },
      { value: 'string', label: 'String', says: 'A thread or glue bead wound round.' },
      { value: 'wrap', label: 'Wrap', says: 'A perforated sleeve.' },
    ],
  },
  { ...element, key: 'seal.end', part: 'caps', forms: spinOn, kind: 'grade', label: 'How the element seals to the plate', how: 'Look at the ring of contact on the upper cap.', why: 'Metal on rubber all round keeps dirty oil out of the clean side.', extra: true, anchors: ['No contact somewhere', 'Touches here and there', 'Metal to metal all round', 'Soft seal, narrow ring', 'Soft seal, wide even ring'] },
  {
    ...pack, key: 'core.type', part: 'core', kind: 'choice', label: 'Centre tube build', caution: 'blades', how: 'How the tube is made and closed.', why: 'A spiral seam stands most when squeezed; a cage has the larger openings.', unless: [tubeInEngine],
    options: [
      { value: 'spiral', label: 'Spiral-seamed steel', says: 'A seam that winds round the tube.' },
      { value: 'perforated', label: 'Perforated steel', says: 'Round holes, straight seam.' },
      { value: 'louvred', label: 'Louvred steel', says: 'Slits pressed open, straight seam.' },
      { value: 'cage', label: 'Nylon cage', says: 'Moulded ribs with large windows.' },
      { value: 'none', label: 'None', says: 'No tube at all.' },
    ],
  },
  { ...pack, key: 'core.openings', part: 'core', kind: 'openings', units: ['mm', 'in'], imperial: 'in', plausible: range.mm(0.3, 40), most: 2000, label: 'Core openings', how: 'Count x diameter, or count x width x length for louvres and windows. Count one row and multiply.', why: 'Flow out through the core.', unless: [noTube, tubeInEngine] },
  { ...pack, key: 'core.opening', part: 'core', kind: 'grade', label: 'Are the openings really open?', how: 'Hold the tube against the light.', why: 'A louvre that was not pressed through is no hole.', unless: [noTube, tubeInEngine], anchors: ['Most are shut', 'Many are shut', 'Open, but narrow and uneven', 'All open, a few narrow', 'All open and even'] },
  { ...pack, key: 'core.stiffness', part: 'core', kind: 'grade', label: 'Centre tube when squeezed', how: 'Between thumb and finger, whole element first.', why: 'A tube that gives lets the pleats collapse when the oil is thick.', unless: [noTube, tubeInEngine], anchors: ['Collapses', 'Gives and stays bent', 'Gives and springs back', 'Gives a hair', 'Does not give'] },
  { ...pack, key: 'disc.bond', part: 'caps', forms: cartridge, kind: 'grade', label: 'Bond of media to disc', how: 'Pull a pleat tip away from the disc.', why: 'The same leak as a bare gap of glue.', unless: [noCaps], anchors: ['Comes off clean', 'Comes off with a few fibres', 'Holds in places', 'Tears the media in most places', 'Tears the media everywhere'] },
  { ...pack, key: 'pleats.count', part: 'pleats', lostAfter: 'unfold', kind: 'count', step: 1, noun: 'pleats', caution: 'blades', plausible: range.count(15, 160), typical: range.count(36, 65), label: 'Pleat count', how: 'Outer tips, from a mark on the first; twice.', why: 'With the strip it gives depth and pitch. It does not stand for area.' },
  {
    ...pack, key: 'media.backing', part: 'media', kind: 'choice', label: 'Mesh behind the media', how: 'Look at a pleat edge.', why: 'Carries fine media; takes room from pleats.',
    options: [
      { value: 'none', label: 'None', says: 'Media alone.' },
      { value: 'wire', label: 'Wire mesh', says: 'A metal mesh on the clean side.' },
      { value: 'plastic', label: 'Plastic mesh', says: 'A moulded or woven net.' },
    ],
  },
]
