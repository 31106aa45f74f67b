import { both, range, reads, type Characteristic, type Unless } from './characteristic.ts'

const media = { part: 'media', station: 'media', forms: both, lostAfter: 'wrap' } as const

const betweenCaps: Unless = { key: 'media.how', is: ['between'], reason: 'the width was measured between the caps, so nothing is buried in it' }

/** The strip laid flat. */
export const mediaCharacteristics: Characteristic[] = [
  { ...media, key: 'media.length', kind: 'quantity', ...reads.strip, plausible: range.m(0.4, 5), typical: range.m(0.79, 1.52), handling: 0.003, label: 'Media length', how: 'Unfolded flat, pulled straight but not stretched, seam to seam.', why: 'The long side of the area.', caution: 'fibres' },
  {
    ...media, key: 'media.how', kind: 'choice', label: 'How the width is measured', how: 'Say it before measuring: the two ways give two areas.', why: 'Areas measured two ways differ by the strip that is buried in glue, about 5 %.',
    options: [
      { value: 'strip', label: 'The cut strip', says: 'Full width of the strip; what was buried is taken off.' },
      { value: 'between', label: 'Between the caps', says: 'Only what was free between the caps.' },
    ],
  },
  { ...media, key: 'media.width', kind: 'quantity', ...reads.size, decimals: 1, plausible: range.mm(20, 220), typical: range.mm(68, 87), handling: 0.0003, label: 'Media width', how: 'Three places along the strip.', why: 'The short side of the area.' },
  { ...media, key: 'media.buried', kind: 'quantity', ...reads.small, plausible: range.mm(0, 15), typical: range.mm(1.5, 4), handling: 0.0003, label: 'Width buried in glue', how: 'Both edges together: where the glue line shows. About a tenth of an inch in all is usual.', why: 'It does not filter.', unless: [betweenCaps] },
  { ...media, key: 'media.thickness', kind: 'quantity', ...reads.small, plausible: range.mm(0.2, 2.5), typical: range.mm(0.5, 0.95), handling: 0.000015, label: 'Media thickness', how: 'Micrometer with its friction thimble, several places away from folds.', why: 'Crowding at the core, and density.' },
  { ...media, key: 'media.weight', kind: 'quantity', ...reads.weight, plausible: range.g(3, 300), typical: range.g(17, 28), label: 'Media weight', how: 'The whole strip, dry, glue trimmed off or weighed with it: say so in a note.', why: 'Weight per area catches a wrong length.' },
  { ...media, key: 'media.layers', kind: 'count', step: 1, noun: 'layers', plausible: range.count(1, 6), typical: range.count(1, 2), label: 'Media layers', how: 'At a torn edge.', why: 'Two layers: a coarse one before a fine one.' },
  {
    ...media, key: 'media.type', kind: 'choice', label: 'Media type', caution: 'opened', how: 'By eye it is inferred; on the box it is claimed; under a microscope it is observed.', why: 'Fine media stops smaller dirt; plain paper is cheaper and often has more area.',
    options: [
      { value: 'cellulose', label: 'Cellulose', says: 'Paper: tears short, fibres like wood.' },
      { value: 'blend', label: 'Blend', says: 'Paper with synthetic fibres in it.' },
      { value: 'synthetic', label: 'Full synthetic', says: 'Felt-like, hard to tear, mostly with mesh.' },
      { value: 'glass', label: 'Glass microfibre', says: 'Very fine and white; itches. Do not rub.' },
    ],
  },
  { ...media, key: 'media.tear', kind: 'grade', label: 'Tear strength by hand', caution: 'fibres', how: 'A nick at the edge, then pull; same hands, same pull.', why: 'A rough sign of resin and fibre.', extra: true, anchors: ['Falls apart', 'Tears with no effort', 'Tears like writing paper', 'Tears with effort', 'Does not tear by hand'] },
]
