import { both, cartridge, range, reads, spinOn, type Characteristic } from './characteristic.ts'

const outside = { station: 'outside', forms: spinOn, lostAfter: 'cut' } as const
const whole = { station: 'outside', forms: cartridge, lostAfter: 'apart' } as const

/** Taken while the filter is whole. Ranges: common practice, no published source. */
export const outsideCharacteristics: Characteristic[] = [
  { ...outside, key: 'whole.weight', part: 'whole', forms: both, kind: 'quantity', ...reads.weight, plausible: range.g(15, 2500), typical: range.g(220, 350), label: 'Whole weight', caution: 'used', how: 'Dry, out of its box and film, scale at zero.', why: 'A cut filter cannot be weighed whole, and the parts must add up to this.' },
  { ...outside, key: 'can.height', part: 'can', kind: 'quantity', ...reads.size, decimals: 1, plausible: range.mm(45, 300), typical: range.mm(70, 100), handling: 0.0002, label: 'Can height', how: 'Dome to the seaming lid, without the gasket.', why: 'A longer or shorter can may be sold for the same engine; it must clear what is around it.' },
  { ...outside, key: 'can.diameter', part: 'can', kind: 'quantity', ...reads.size, decimals: 1, plausible: range.mm(50, 150), typical: range.mm(66, 95), handling: 0.0001, label: 'Can diameter', how: 'Over the smooth part of the shell, two places across.', why: 'Room in the engine bay, and the burst estimate.' },
  { ...outside, key: 'can.dents', part: 'can', kind: 'fault', slight: 'A mark that a nail can feel, away from the seam.', serious: 'A dent at the seam, or one that presses on the element.', ends: 'dented at the seam', label: 'Dents on arrival', how: 'Turn it once round in the light.', why: 'A dent at the seam can leak; it may be the shop, not the maker.' },
  { ...outside, key: 'thread.designation', part: 'plate', kind: 'thread', label: 'Thread', how: 'Screw a known stud or a thread gauge in; the box alone is a claim.', why: 'The wrong thread may start and then strip.' },
  { ...outside, key: 'thread.turns', part: 'plate', kind: 'count', step: 0.5, noun: 'turns', plausible: range.count(1, 10), typical: range.count(3, 5), label: 'Full threads', how: 'Count with a stud, to the half turn.', why: 'Turns times pitch is what holds the filter on.' },
  { ...outside, key: 'plate.inlets', part: 'plate', kind: 'openings', units: ['mm', 'in'], imperial: 'in', plausible: range.mm(1.5, 20), most: 40, label: 'Inlet holes', how: 'Count x diameter for each size: 7 x 5.8, 1 x 8.2. A slot is count x width x length.', why: 'Flow in; and an odd hole is a fingerprint of the shell.' },
  { ...outside, key: 'plate.thickness', part: 'plate', lostAfter: 'wrap', kind: 'quantity', ...reads.small, plausible: range.mm(1, 8), typical: range.mm(2.4, 4), handling: 0.00003, label: 'Plate thickness', how: 'At the edge of an inlet hole.', why: 'A thin plate bows and the gasket lets go.' },
  {
    ...outside, key: 'gasket.material', part: 'gasket', lostAfter: 'wrap', kind: 'choice', label: 'Gasket material', how: 'Printed, or judged by feel and smell: then it is inferred.', why: 'Heat hardens nitrile; others last longer.',
    options: [
      { value: 'nitrile', label: 'Nitrile', says: 'Black, firm, smells of rubber.' },
      { value: 'hnbr', label: 'HNBR', says: 'Like nitrile, often green, named on the box.' },
      { value: 'silicone', label: 'Silicone', says: 'Soft, no smell, often orange or red.' },
      { value: 'acm', label: 'ACM', says: 'Acrylic rubber, named on the box.' },
      { value: 'fkm', label: 'FKM', says: 'Dense and dull, brown or black, named on the box.' },
      { value: 'ptfe', label: 'PTFE-faced', says: 'A slick white or grey face.' },
    ],
  },
  {
    ...outside, key: 'gasket.section', part: 'gasket', lostAfter: 'wrap', kind: 'choice', label: 'Gasket section', how: 'Look along the ring.', why: 'A lip seals with less torque.',
    options: [
      { value: 'square', label: 'Square', says: 'Flat on all sides.' },
      { value: 'round', label: 'Round', says: 'An O-ring.' },
      { value: 'lipped', label: 'Lipped', says: 'A ridge or lip on the sealing face.' },
    ],
  },
  { ...outside, key: 'gasket.thickness', part: 'gasket', lostAfter: 'wrap', kind: 'quantity', ...reads.small, plausible: range.mm(2, 8), typical: range.mm(3, 4.7), handling: 0.00008, label: 'Gasket section width', how: 'Radially across the ring, not squeezed by the jaws.', why: 'More rubber, more forgiveness.' },
  { ...outside, key: 'gasket.diameter', part: 'gasket', lostAfter: 'wrap', kind: 'quantity', ...reads.size, decimals: 1, plausible: range.mm(30, 140), typical: range.mm(58, 74), handling: 0.0002, label: 'Gasket outer diameter', how: 'Across the ring, two places, not squeezed.', why: 'It must sit on the land of the engine all round.', extra: true },
  { ...outside, key: 'gasket.proud', part: 'gasket', kind: 'quantity', ...reads.small, plausible: range.mm(0.3, 5), typical: range.mm(1, 2.2), handling: 0.00008, label: 'Gasket stands proud', how: 'Depth rod from the lid to the face of the ring, three places.', why: 'What can be squeezed before metal meets metal.' },
  { ...outside, key: 'gasket.hold', part: 'gasket', kind: 'grade', label: 'How the gasket is held', how: 'Lift it gently with a fingernail.', why: 'A gasket that stays on the engine makes two at the next change.', anchors: ['Falls out when tipped', 'Lifts out with no effort', 'Held by a few pinches or tabs', 'Held all round, lifts with a pick', 'Locked in an undercut track all round'] },
  { ...outside, key: 'adbv.colour', part: 'adbv', lostAfter: 'wrap', kind: 'text', label: 'Valve colour through the holes', how: 'What shows through the inlet holes.', why: 'Tells revisions apart on a shelf.' },

  {
    ...whole, key: 'twist.test', part: 'element', kind: 'fault', label: 'Twist test', how: 'Hold both ends and twist, gently first: does the tube move in its discs?', why: 'Movement means the keys do not lock; oil finds the gap.', slight: 'Gives a little and springs back.', serious: 'A disc turns on the tube, or the tube in the discs.', ends: 'the tube turns in its disc', caution: 'moved',
  },
  {
    ...whole, key: 'oring.lie', part: 'oring', kind: 'fault', label: 'O-rings rucked', how: 'Run a finger round each ring in its groove.', why: 'A rucked ring is cut when the cover goes on.', slight: 'A slight twist that lies flat when rolled.', serious: 'Rucked, nicked or of the wrong size.', ends: 'an O-ring rucked or of the wrong size',
  },
  { ...whole, key: 'oring.section', part: 'oring', lostAfter: 'wrap', kind: 'quantity', ...reads.small, plausible: range.mm(1, 8), typical: range.mm(2.4, 4), handling: 0.00005, label: 'O-ring section', how: 'Across the ring, jaws just touching.', why: 'Squeeze in the groove comes from it.' },
  { ...whole, key: 'oring.inside', part: 'oring', lostAfter: 'wrap', kind: 'quantity', ...reads.size, plausible: range.mm(5, 120), typical: range.mm(20, 70), handling: 0.0002, label: 'O-ring inner diameter', how: 'Laid flat, not stretched.', why: 'With the groove: how far it is stretched.', extra: true },
  { ...whole, key: 'oring.groove', part: 'oring', lostAfter: 'wrap', kind: 'quantity', ...reads.small, plausible: range.mm(0.5, 8), typical: range.mm(1.8, 3.2), label: 'Groove depth', how: 'From the disc or cover rim to the floor of the groove.', why: 'With the section: how much the ring is squeezed.', extra: true },
  { ...whole, key: 'oring.seat', part: 'oring', lostAfter: 'wrap', kind: 'quantity', ...reads.size, plausible: range.mm(5, 120), typical: range.mm(20, 70), label: 'Groove diameter', how: 'Across the floor of the groove.', why: 'With the ring: how far it is stretched.', extra: true },
  {
    ...whole, key: 'oring.material', part: 'oring', lostAfter: 'wrap', kind: 'choice', label: 'O-ring material', how: 'Printed, or judged by feel: then it is inferred.', why: 'Heat hardens nitrile; others last longer.',
    options: [
      { value: 'nitrile', label: 'Nitrile', says: 'Black, firm, smells of rubber.' },
      { value: 'hnbr', label: 'HNBR', says: 'Often green, named on the bag.' },
      { value: 'silicone', label: 'Silicone', says: 'Soft, orange or red.' },
      { value: 'fkm', label: 'FKM', says: 'Dense and dull, named on the bag.' },
    ],
  },
  {
    ...whole, key: 'tube.keys', part: 'core', kind: 'choice', label: 'Locating keys', how: 'Look into the end discs.', why: 'Keys lock disc to tube and place the cartridge in its housing.',
    options: [
      { value: 'locked', label: 'Keyed and locked', says: 'Keys sit in slots and cannot turn.' },
      { value: 'loose', label: 'Keyed, with play', says: 'Keys are there but have play.' },
      { value: 'none', label: 'No keys', says: 'Discs are held by glue or press fit alone.' },
    ],
  },
  {
    ...whole, key: 'tube.place', part: 'core', kind: 'choice', label: 'Centre tube', how: 'Is the tube part of the cartridge?', why: 'What keeps the pleats from being pushed in.',
    options: [
      { value: 'fixed', label: 'In the cartridge', says: 'A tube or cage bonded to the discs.' },
      { value: 'loose', label: 'Loose in the cartridge', says: 'A cage that can be pulled out.' },
      { value: 'engine', label: 'In the engine', says: 'No tube; the housing has one.' },
    ],
  },
  {
    ...whole, key: 'cartridge.spigot', part: 'caps', kind: 'choice', label: 'Spigot', how: 'Look at the lower disc.', why: 'Closes the drain of the housing; without it some engines lose pressure.',
    options: [
      { value: 'sealed', label: 'With its own ring', says: 'A spigot with a ring or lip on it.' },
      { value: 'plain', label: 'Plain', says: 'A spigot with no seal.' },
      { value: 'none', label: 'None', says: 'A flat disc.' },
    ],
  },
  { ...whole, key: 'kit.contents', part: 'box', lostAfter: 'wrap', kind: 'text', label: 'Rings and washers in the kit', how: 'List each ring and washer with the place it is for.', why: 'Missing rings mean a second order.' },
]
