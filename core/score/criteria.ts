import { both, cartridge, spinOn } from '#core/catalogue/index.ts'
import type { Criterion, Scale } from './criterion.ts'

const scale = (...points: [number, number][]): Scale => ({ kind: 'scale', points })
const mm = (...points: [number, number][]): Scale => scale(...points.map(([at, p]): [number, number] => [at / 1000, p]))
const cm2 = (...points: [number, number][]): Scale => scale(...points.map(([at, p]): [number, number] => [at / 1e4, p]))
const steps = { kind: 'steps' } as const
const fault = { kind: 'fault' } as const

/**
 * The construction score: what is judged, how heavily, and by which breakpoints. Breakpoints are
 * absolute, so a new rival never moves the others. All are common practice, no published source, but
 * where `because` names one.
 */
export const criteria: readonly Criterion[] = [
  { key: 'can-wall', label: 'Can wall', part: 'can', forms: spinOn, from: 'can.wall', weight: 6, rule: mm([0.3, 0], [0.381, 4], [0.45, 7], [0.508, 9], [0.6, 10]), because: '0.015 and 0.020 in are the two usual walls; 0.4 to 0.5 mm is average.' },
  { key: 'thread', label: 'Thread engagement', part: 'plate', forms: spinOn, from: 'thread.engagement', weight: 4, rule: mm([3, 0], [4.5, 4], [6, 7], [7.5, 10]), because: 'Three to five full threads; four is usual, five rare and best.' },
  { key: 'plate', label: 'Plate thickness', part: 'plate', forms: spinOn, from: 'plate.thickness', weight: 3, rule: mm([2, 0], [2.8, 5], [3.5, 8], [4.2, 10]), because: 'A thicker plate bows less.' },
  { key: 'inlet', label: 'Inlet area', part: 'plate', forms: spinOn, from: 'inlet.area', weight: 2, rule: scale([100e-6, 0], [174e-6, 6], [213e-6, 9], [260e-6, 10]), because: '0.27 to 0.33 in² together is usual.' },
  { key: 'gasket-material', label: 'Gasket material', part: 'gasket', forms: spinOn, from: 'gasket.material', weight: 3, rule: { kind: 'answers', points: { nitrile: 5, silicone: 7, hnbr: 8, acm: 8, fkm: 10, ptfe: 9 } }, because: 'Nitrile hardens above about 250 °F; others stand more.' },
  { key: 'gasket-size', label: 'Gasket section', part: 'gasket', forms: spinOn, from: 'gasket.thickness', weight: 2, rule: mm([2.5, 0], [3.05, 4], [3.8, 7], [4.65, 10]), because: '0.120 to 0.183 in is usual.' },
  { key: 'gasket-hold', label: 'Gasket hold', part: 'gasket', forms: spinOn, from: 'gasket.hold', weight: 2, rule: steps, because: 'A gasket left on the engine makes two at the next change.' },
  { key: 'oring-material', label: 'O-ring material', part: 'oring', forms: cartridge, from: 'oring.material', weight: 4, rule: { kind: 'answers', points: { nitrile: 5, silicone: 7, hnbr: 8, fkm: 10 } }, because: 'Nitrile hardens above about 250 °F; others stand more.' },
  { key: 'oring-lie', label: 'O-rings lie flat', part: 'oring', forms: cartridge, from: 'oring.lie', weight: 4, rule: fault, because: 'A rucked ring is cut when the cover goes on.' },
  { key: 'adbv-material', label: 'Anti-drain-back valve material', part: 'adbv', forms: spinOn, from: 'adbv.material', weight: 5, rule: { kind: 'answers', points: { silicone: 10, nitrile: 5, other: 3 } }, because: 'Silicone stays limp; nitrile is enough at short intervals.' },
  { key: 'adbv-fit', label: 'Valve covers the holes', part: 'adbv', forms: spinOn, from: 'adbv.fit', weight: 4, rule: steps, because: 'A gap drains the engine overnight.' },
  { key: 'bypass-build', label: 'Bypass build', part: 'bypass', forms: spinOn, from: 'bypass.build', weight: 4, rule: { kind: 'answers', points: { coil: 10, combination: 7, leaf: 5 } }, because: 'A coil-loaded plunger opens at the same pressure each time; a matter of taste.' },
  { key: 'bypass-place', label: 'Bypass place', part: 'bypass', forms: spinOn, from: 'bypass.place', weight: 2, rule: { kind: 'answers', points: { thread: 10, dome: 7, none: 7 } }, because: 'At the thread end, settled dirt is not swept through; it opens rarely. A matter of taste.' },
  { key: 'spring', label: 'Retainer spring', part: 'spring', forms: spinOn, from: 'spring.type', weight: 2, rule: { kind: 'answers', points: { coil: 10, combination: 7, leaf: 6, none: 3 } }, because: 'A coil keeps its force; a leaf does the same for less. A matter of taste.' },
  { key: 'caps', label: 'End caps', part: 'caps', forms: both, from: 'caps.material', weight: 2, rule: { kind: 'answers', points: { steel: 9, moulded: 8, fibre: 7, none: 7 } }, because: 'Steel is rugged; fibre is glued just as well. A matter of taste.' },
  { key: 'glue', label: 'Glue bead', part: 'caps', forms: both, from: 'glue.grade', weight: 6, rule: steps, because: 'A gap is a leak past the media.' },
  { key: 'seam', label: 'Seam of the pack', part: 'element', forms: both, from: 'element.seam', weight: 2, rule: { kind: 'answers', points: { crimp: 10, weld: 8, glue: 7 } }, because: 'An open seam is a door.' },
  { key: 'core', label: 'Centre tube', part: 'core', forms: both, from: 'core.type', weight: 3, rule: { kind: 'answers', points: { spiral: 10, cage: 8, perforated: 8, louvred: 6, none: 3 } }, because: 'A spiral seam stands most when squeezed; a cage has far larger openings.' },
  { key: 'core-open', label: 'Core openings open', part: 'core', forms: both, from: 'core.opening', weight: 2, rule: steps, because: 'A louvre that was not pressed through is no hole.' },
  { key: 'keys', label: 'Locating keys', part: 'core', forms: cartridge, from: 'tube.keys', weight: 4, rule: { kind: 'answers', points: { locked: 10, loose: 5, none: 2 } }, because: 'Keys lock disc to tube.' },
  { key: 'bond', label: 'Bond of media to disc', part: 'caps', forms: cartridge, from: 'disc.bond', weight: 5, rule: steps, because: 'The same leak as a bare gap of glue.' },
  { key: 'spacing', label: 'Pleat spacing', part: 'pleats', forms: both, from: 'pleats.spacing', weight: 4, rule: steps, because: 'Bunched pleats starve, wide gaps are weak.' },
  { key: 'crowding', label: 'Crowding at the core', part: 'pleats', forms: both, from: 'pleat.crowding', weight: 3, rule: scale([0.75, 10], [0.9, 7], [1, 4], [1.2, 0]), because: 'Near 1 and above, part of the area is blind.' },
  { key: 'area', label: 'Media area', part: 'media', forms: both, from: 'media.area', weight: 9, rule: cm2([390, 0], [650, 4], [970, 8], [1350, 10]), because: '60 to 210 in² is the usual span.' },
  { key: 'media', label: 'Media type', part: 'media', forms: both, from: 'media.type', weight: 5, rule: { kind: 'answers', points: { cellulose: 4, blend: 7, synthetic: 10, glass: 10 } }, because: 'Finer fibres stop smaller dirt at the same area.' },
  { key: 'rust', label: 'Clean inside', part: 'inside', forms: spinOn, from: 'inside.rust', weight: 5, rule: fault, because: 'Rust on the clean side goes to the bearings first.' },
  { key: 'centred', label: 'Element sits centred', part: 'inside', forms: spinOn, from: 'inside.centred', weight: 2, rule: { kind: 'answers', points: { centred: 10, off: 3 } }, because: 'Off centre, the valve does not seat all round.' },
  { key: 'dents', label: 'No dents', part: 'can', forms: spinOn, from: 'can.dents', weight: 1, rule: fault, because: 'A dent at the seam can leak.' },
  { key: 'print', label: 'Printing on the can', part: 'can', forms: spinOn, from: 'can.print', weight: 0.5, rule: { kind: 'answers', points: { printed: 8, stamped: 9, sticker: 5 } }, because: 'A sticker hides another brand as easily as it names one.' },
  { key: 'gasket-section', label: 'Gasket shape', part: 'gasket', forms: spinOn, from: 'gasket.section', weight: 1, rule: { kind: 'answers', points: { lipped: 9, round: 8, square: 6 } }, because: 'A lip seals with less torque.' },
  { key: 'gasket-proud', label: 'Gasket stands proud', part: 'gasket', forms: spinOn, from: 'gasket.proud', weight: 1, rule: mm([0.6, 0], [1, 5], [1.5, 9], [2, 10]), because: 'What can be squeezed before metal meets metal.' },
  { key: 'adbv-thickness', label: 'Anti-drain-back valve thickness', part: 'adbv', forms: spinOn, from: 'adbv.thickness', weight: 1, rule: mm([0.7, 0], [1, 6], [1.3, 10], [1.6, 10], [2.4, 4]), because: 'Too thin flutters, too thick stays open.' },
  { key: 'bypass-seal', label: 'Bypass seal', part: 'bypass', forms: spinOn, from: 'bypass.seal', weight: 2, rule: { kind: 'answers', points: { rubber: 10, plastic: 7, metal: 5, board: 4 } }, because: 'A seat that leaks lets oil past the media all the time.' },
  { key: 'caps-hold', label: 'End caps hold', part: 'caps', forms: both, from: 'caps.hold', weight: 4, rule: fault, because: 'Oil goes round the media where a cap lifts.' },
  { key: 'glue-flood', label: 'No glue astray', part: 'caps', forms: both, from: 'glue.flood', weight: 2, rule: fault, because: 'Excess is carelessness and may travel.' },
  { key: 'core-stiffness', label: 'Centre tube when squeezed', part: 'core', forms: both, from: 'core.stiffness', weight: 3, rule: steps, because: 'A tube that gives lets the pleats collapse when the oil is thick.' },
  { key: 'twist', label: 'Twist test', part: 'element', forms: cartridge, from: 'twist.test', weight: 5, rule: fault, because: 'Movement means the keys do not lock.' },
  { key: 'spigot', label: 'Spigot', part: 'caps', forms: cartridge, from: 'cartridge.spigot', weight: 1, rule: { kind: 'answers', points: { sealed: 10, plain: 7, none: 5 } }, because: 'Closes the drain of the housing.' },
  { key: 'backing', label: 'Mesh behind the media', part: 'media', forms: both, from: 'media.backing', weight: 1, rule: { kind: 'answers', points: { wire: 9, plastic: 8, none: 6 } }, because: 'Carries fine media; takes room from pleats. A matter of taste.' },
  { key: 'pack-seal', label: 'Cover over the filter', part: 'box', forms: both, from: 'box.seal', weight: 0.5, rule: { kind: 'answers', points: { bag: 10, film: 9, cap: 7, none: 3 } }, because: 'Dust on a shelf ends on the clean side.' },
  { key: 'closure', label: 'How the box is closed', part: 'box', forms: both, from: 'box.closure', weight: 0.5, rule: { kind: 'answers', points: { 'glue-lines': 9, tape: 8, 'glue-dots': 6, flap: 3 } }, because: 'One of the clues to a counterfeit.' },
  { key: 'maker', label: 'Maker named', part: 'box', forms: both, from: 'box.maker', weight: 0.5, rule: { kind: 'answers', points: { named: 9, 'brand-only': 5 } }, because: 'Someone answers for it.' },
  { key: 'debris', label: 'Nothing loose inside', part: 'inside', forms: spinOn, from: 'inside.debris', weight: 4, rule: fault, because: 'What is loose on the clean side travels.' },

  { key: 'pleat-count', label: 'Pleat count', part: 'pleats', forms: both, from: 'pleats.count', weight: 0, rule: scale([36, 2], [50, 6], [65, 10]), because: '36 to 65 pleats are usual. If nothing else is known, some take the higher.' },
  { key: 'whole-weight', label: 'Whole weight', part: 'whole', forms: spinOn, from: 'whole.weight', weight: 0, rule: scale([0.22, 2], [0.3, 7], [0.35, 10]), because: '220 to 350 g are usual; to some a sign of steel where it counts.' },
  { key: 'efficiency', label: 'Efficiency claimed at 20 µm', part: 'claims', forms: both, from: 'claim.efficiency', weight: 0, rule: scale([0.5, 0], [0.9, 4], [0.97, 7], [0.99, 9], [0.999, 10]), because: 'What follows from the claims, as bounds; the makers\' word, untested here.' },
  { key: 'fine', label: 'Efficiency claimed at 10 µm', part: 'claims', forms: both, from: 'claim.fine', weight: 0, rule: scale([0.2, 0], [0.5, 4], [0.75, 7], [0.94, 10]), because: 'Small dirt wears bearings; the makers\' word, untested here.' },
  { key: 'claim-complete', label: 'Claim can be checked', part: 'claims', forms: both, from: 'claim.complete', weight: 0, rule: scale([0, 0], [1, 5], [2, 10]), because: 'Percent, size and test together; a slogan is worth nothing.' },
  { key: 'claim-interval', label: 'Interval claimed', part: 'claims', forms: both, from: 'claim.interval', weight: 0, rule: scale([5e6, 0], [10e6, 4], [15e6, 6], [25e6, 9], [30e6, 10]), because: 'The maker\'s word; the manual and the driver may set less.' },
  { key: 'capacity', label: 'Dirt capacity claimed', part: 'claims', forms: both, from: 'claim.capacity', weight: 0, rule: scale([0.008, 0], [0.014, 5], [0.02, 8], [0.03, 10]), because: 'The maker\'s word, untested here.' },
  { key: 'price', label: 'Landed price', part: 'value', forms: both, from: 'value.landed', weight: 0, rule: scale([4, 10], [8, 7], [12, 4], [16, 1], [20, 0]), because: 'In the currency of the line-up, one filter; set the breakpoints for yours.' },
  { key: 'area-for-money', label: 'Media area for the money', part: 'value', forms: both, from: 'value.area', weight: 0, rule: scale([0.002, 0], [0.008, 5], [0.015, 9], [0.022, 10]), because: 'Square metres for one unit of the currency.' },
  { key: 'own', label: 'Engine maker\'s own', part: 'value', forms: both, from: 'value.own', weight: 0, rule: scale([0, 5], [1, 10]), because: 'To some the safest: one party to blame in a warranty case. Warranty rules differ by country.' },
]

const byFrom = new Map(criteria.filter(({ weight }) => weight > 0).map((criterion) => [criterion.from, criterion]))

/**
 * The criterion of the construction score that judges a characteristic or figure, if one does.
 *
 * @example criterionFor('can.wall')?.weight // => 6
 */
export const criterionFor = (key: string): Criterion | undefined => byFrom.get(key)
