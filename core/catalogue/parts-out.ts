import { both, range, reads, spinOn, type Characteristic, type Unless } from './characteristic.ts'

const first = { part: 'inside', station: 'parts', forms: spinOn, lostAfter: 'apart' } as const
const part = { station: 'parts', forms: spinOn, lostAfter: 'wrap' } as const
const weight = { kind: 'quantity', ...reads.weight } as const

const noBypass: Unless = { key: 'bypass.place', is: ['none'], reason: 'there is no bypass valve in this filter' }
const combination: Unless = { key: 'spring.type', is: ['combination'], reason: 'spring and bypass are one part here; its weight stands under the spring' }
const noSpring: Unless = { key: 'spring.type', is: ['none'], reason: 'there is no retainer spring in this filter' }
const noAdbv: Unless = { key: 'adbv.build', is: ['none'], reason: 'there is no anti-drain-back valve in this filter' }
const coilOnly: Unless = { key: 'bypass.build', is: ['leaf', 'combination'], reason: 'the bypass has no coil' }

/** First look inside, then each part as it leaves the can. */
export const partsOutCharacteristics: Characteristic[] = [
  { ...first, key: 'inside.rust', kind: 'fault', label: 'Rust inside', how: 'Before anything is touched: dome, seam, spring, core.', why: 'Rust on the clean side goes to the bearings first.', slight: 'A tint that wipes off.', serious: 'Rust that stays, anywhere inside.', ends: 'rust inside a new filter', caution: 'cut' },
  { ...first, key: 'inside.debris', kind: 'fault', label: 'Loose bits inside', how: 'Tip the parts over white paper: board, glue, swarf. Your own cutter leaves none; a saw does.', why: 'What is loose on the clean side travels.', slight: 'A few fibres or paint flakes at the cut.', serious: 'Board, glue or swarf that was inside before the cut.', ends: 'loose board, glue or swarf inside' },
  {
    ...first, key: 'inside.centred', part: 'element', kind: 'choice', label: 'Element sits', how: 'Look down on it before lifting it out.', why: 'Off centre, the valve does not seat all round.',
    options: [
      { value: 'centred', label: 'Centred', says: 'The same gap all round.' },
      { value: 'off', label: 'Off centre', says: 'Leans or touches the can on one side.' },
    ],
  },
  {
    ...part, key: 'spring.type', part: 'spring', kind: 'choice', label: 'Retainer spring', how: 'At the dome, under the element.', why: 'Keeps the element on its seat; a leaf may stay bent.',
    options: [
      { value: 'coil', label: 'Coil', says: 'A wound wire.' },
      { value: 'leaf', label: 'Leaf', says: 'A stamped steel leaf.' },
      { value: 'combination', label: 'Combination valve', says: 'A stamped spring with the bypass built in.' },
      { value: 'none', label: 'None', says: 'The element is held without a spring.' },
    ],
  },
  { ...part, ...weight, key: 'spring.weight', part: 'spring', plausible: range.g(1, 60), typical: range.g(5, 14), label: 'Spring weight', how: 'On the scale, wiped.', why: 'Part of the sum.', unless: [noSpring] },
  {
    ...part, key: 'bypass.place', part: 'bypass', kind: 'choice', label: 'Bypass place', how: 'Thread end, dome end, or none.', why: 'At the thread end, dirt that settled at the dome is not swept through.',
    options: [
      { value: 'thread', label: 'Thread end', says: 'Between plate and element.' },
      { value: 'dome', label: 'Dome end', says: 'In the far cap or the spring.' },
      { value: 'none', label: 'No bypass', says: 'The engine has its own, or none is there.' },
    ],
  },
  {
    ...part, key: 'bypass.build', part: 'bypass', kind: 'choice', label: 'Bypass build', how: 'What opens, and what pushes it shut.', why: 'A coil-loaded plunger opens at the same pressure each time.', unless: [noBypass],
    options: [
      { value: 'coil', label: 'Coil plunger', says: 'A disc or plunger on a coil spring.' },
      { value: 'leaf', label: 'Leaf', says: 'A flexible leaf over holes.' },
      { value: 'combination', label: 'Combination valve', says: 'Built into the retainer spring.' },
    ],
  },
  {
    ...part, key: 'bypass.seal', part: 'bypass', kind: 'choice', label: 'Bypass seal', how: 'What the plunger or leaf rests on.', why: 'A seat that leaks lets oil past the media all the time.', unless: [noBypass],
    options: [
      { value: 'rubber', label: 'Rubber', says: 'A soft ring or disc.' },
      { value: 'plastic', label: 'Hard plastic', says: 'A moulded disc.' },
      { value: 'board', label: 'Fibreboard', says: 'A punched board disc.' },
      { value: 'metal', label: 'Metal to metal', says: 'No seal between them.' },
    ],
  },
  {
    ...part, key: 'bypass.support', part: 'bypass', kind: 'choice', label: 'Plate behind the seal', how: 'Is the seal backed by metal?', why: 'An unbacked seal is drawn through its hole.', unless: [noBypass], extra: true,
    options: [
      { value: 'yes', label: 'Backed', says: 'A metal plate carries the seal.' },
      { value: 'no', label: 'Not backed', says: 'The seal bears the load alone.' },
    ],
  },
  {
    ...part, key: 'bypass.screen', part: 'bypass', kind: 'choice', label: 'Screen over the bypass', how: 'A mesh over the opening.', why: 'Stops the coarsest dirt when it opens.', unless: [noBypass], extra: true,
    options: [
      { value: 'yes', label: 'Screen', says: 'A mesh covers the opening.' },
      { value: 'no', label: 'None', says: 'The opening is bare.' },
    ],
  },
  { ...part, key: 'bypass.travel', part: 'bypass', kind: 'quantity', ...reads.small, plausible: range.mm(0.5, 15), typical: range.mm(2, 5), handling: 0.0002, label: 'Bypass travel', how: 'From shut to fully open, depth rod.', why: 'How far it can open.', unless: [noBypass], extra: true },
  { ...part, key: 'bypass.push', part: 'bypass', kind: 'quantity', ...reads.weight, plausible: range.g(100, 6000), typical: range.g(600, 2500), handling: 0.03, label: 'Push to open the bypass', how: 'Stand it on the scale, press a rod on the valve, read the moment it leaves its seat.', why: 'With the seat it gives the opening pressure, and replaces the thumb.', unless: [noBypass], extra: true },
  { ...part, key: 'bypass.seat', part: 'bypass', kind: 'quantity', ...reads.small, plausible: range.mm(4, 30), typical: range.mm(9, 18), label: 'Bypass seat diameter', how: 'Across the opening that the valve closes.', why: 'The area that the pressure works on.', unless: [noBypass], extra: true },
  { ...part, key: 'bypass.wire', part: 'bypass', kind: 'quantity', ...reads.small, plausible: range.mm(0.3, 3), typical: range.mm(0.7, 1.4), label: 'Bypass coil: wire', how: 'Micrometer on the wire, paint off.', why: 'Spring rate, fourth power: measure it well.', unless: [noBypass, coilOnly], extra: true },
  { ...part, key: 'bypass.coil', part: 'bypass', kind: 'quantity', ...reads.small, plausible: range.mm(3, 40), typical: range.mm(8, 18), label: 'Bypass coil: outer diameter', how: 'Over the coil.', why: 'Spring rate.', unless: [noBypass, coilOnly], extra: true },
  { ...part, key: 'bypass.coils', part: 'bypass', kind: 'count', step: 0.5, noun: 'active coils', plausible: range.count(1, 30), typical: range.count(3, 8), label: 'Bypass coil: active coils', how: 'Coils that can move; leave out the closed ends.', why: 'Spring rate.', unless: [noBypass, coilOnly], extra: true },
  { ...part, key: 'bypass.preload', part: 'bypass', kind: 'quantity', ...reads.small, plausible: range.mm(0.5, 40), typical: range.mm(4, 14), handling: 0.0003, label: 'Bypass coil: preload', how: 'Free length less the length it has when shut.', why: 'With the rate: the force that keeps it shut.', unless: [noBypass, coilOnly], extra: true },
  { ...part, key: 'bypass.printed', part: 'bypass', forms: both, kind: 'quantity', ...reads.pressure, plausible: range.bar(0.3, 6), typical: range.bar(0.6, 2), label: 'Bypass pressure as printed', how: 'From box, can or data sheet: a claim.', why: 'The difference across the element, not the pressure in the system; the two are often confused.', unless: [noBypass], extra: true },
  { ...part, ...weight, key: 'bypass.weight', part: 'bypass', plausible: range.g(1, 120), typical: range.g(6, 18), label: 'Bypass weight', how: 'The valve alone, when it comes off.', why: 'Part of the sum.', unless: [noBypass, combination] },
  {
    ...part, key: 'adbv.build', part: 'adbv', kind: 'choice', label: 'Anti-drain-back valve build', how: 'Under the plate.', why: 'A rare one is a thin disc pressed shut by its own spring.',
    options: [
      { value: 'flap', label: 'Rubber flap', says: 'A rubber ring whose lip covers the holes.' },
      { value: 'disc', label: 'Spring-pressed disc', says: 'A thin disc with its own coil spring and plate.' },
      { value: 'none', label: 'None', says: 'Nothing covers the inlet holes.' },
    ],
  },
  {
    ...part, key: 'adbv.material', part: 'adbv', kind: 'choice', label: 'Anti-drain-back valve material', how: 'Feel and stretch it: silicone is limp and does not smell.', why: 'Nitrile goes hard with heat; silicone does not.', unless: [noAdbv],
    options: [
      { value: 'silicone', label: 'Silicone', says: 'Limp, often orange or red, no smell.' },
      { value: 'nitrile', label: 'Nitrile', says: 'Black, stiffer, smells of rubber.' },
      { value: 'other', label: 'Other', says: 'Plastic, or a rubber that is neither.' },
    ],
  },
  { ...part, key: 'adbv.thickness', part: 'adbv', kind: 'quantity', ...reads.small, plausible: range.mm(0.4, 4), typical: range.mm(1, 1.8), handling: 0.00005, label: 'Anti-drain-back valve thickness', how: 'At the lip, jaws just touching.', why: 'Too thin flutters, too thick stays open.', unless: [noAdbv] },
  { ...part, key: 'adbv.fit', part: 'adbv', kind: 'grade', label: 'How the valve covers the holes', how: 'Lay it on the plate and look through the holes.', why: 'A gap drains the engine overnight.', unless: [noAdbv], anchors: ['Leaves a hole open', 'Touches a hole edge', 'Covers, lip stands off in places', 'Covers with a small margin', 'Covers all round with a wide margin, lies flat'] },
  { ...part, ...weight, key: 'adbv.weight', part: 'adbv', plausible: range.g(0.5, 40), typical: range.g(3, 8), label: 'Anti-drain-back valve weight', how: 'On the scale, wiped.', why: 'Part of the sum.', unless: [noAdbv] },
  { ...part, key: 'can.wall', part: 'can', kind: 'quantity', ...reads.small, plausible: range.mm(0.25, 1.2), typical: range.mm(0.36, 0.6), handling: 0.000005, label: 'Can wall', how: 'At the cut edge, paint scraped off, three places round the can.', why: 'A 0.020 in wall holds a third more than a 0.015 in one, and is 2.4 times as stiff against a dent.', caution: 'cut' },
  { ...part, ...weight, key: 'can.weight', part: 'can', plausible: range.g(20, 900), typical: range.g(55, 95), label: 'Can weight', how: 'The shell alone, edge wiped.', why: 'Part of the sum.' },
  { ...part, ...weight, key: 'plate.weight', part: 'plate', plausible: range.g(40, 900), typical: range.g(100, 180), label: 'Base plate weight', how: 'Plate and seaming lid, gasket and valve off.', why: 'Steel where it counts.' },
  { ...part, ...weight, key: 'gasket.weight', part: 'gasket', plausible: range.g(0.5, 40), typical: range.g(2, 6), label: 'Gasket weight', how: 'On the scale, wiped.', why: 'Part of the sum.' },
]
