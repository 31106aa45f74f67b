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
  { key: 'debris', label: 'Nothing loose inside', part: 'inside', forms: spinOn, from: 'inside.debris', weight: 4, rule: fault, because: 'What is loose on the clean side travels.' },
]

const byFrom = new Map(criteria.map((criterion) => [criterion.from, criterion]))

/**
 * The criterion that judges a characteristic or figure, if one does.
 *
 * @example criterionFor('can.wall')?.weight // => 6
 */
export const criterionFor = (key: string): Criterion | undefined => byFrom.get(key)
