import { partLabel } from './filter-parts.ts'
import type { Characteristic } from './characteristic.ts'

/** What a characteristic is called beside its label when it is said in passing; small letters. */
const synonyms: Readonly<Record<string, readonly string[]>> = {
  'box.origin': ['origin', 'made in'],
  'box.datecode': ['date code', 'date'],
  'box.suffix': ['part number', 'number', 'suffix'],
  'box.closure': ['box', 'closure'],
  'box.seal': ['cover', 'wrapped in'],
  'can.print': ['print', 'printing'],
  'can.dents': ['dents', 'dent', 'dented'],
  'can.height': ['height', 'tall', 'can height'],
  'can.diameter': ['diameter', 'dia', 'can diameter', 'across'],
  'can.wall': ['wall', 'can wall', 'can thickness', 'sheet'],
  'can.weight': ['can weight', 'empty can'],
  'whole.weight': ['weight', 'weighs', 'whole', 'whole weight', 'on the scale'],
  'thread.designation': ['thread'],
  'thread.turns': ['turns', 'threads', 'full threads', 'grooves'],
  'plate.inlets': ['holes', 'inlets', 'inlet holes'],
  'plate.thickness': ['plate', 'base plate', 'plate thickness'],
  'plate.weight': ['plate weight', 'base plate weight'],
  'gasket.thickness': ['gasket width', 'gasket thickness', 'gasket'],
  'gasket.diameter': ['gasket diameter'],
  'gasket.proud': ['proud', 'gasket proud', 'stands proud'],
  'gasket.hold': ['gasket hold', 'hold'],
  'gasket.weight': ['gasket weight'],
  'gasket.hottest': ['gasket temperature', 'gasket good to', 'gasket stands', 'gasket up to'],
  'gasket.coldest': ['gasket down to', 'gasket good down to'],
  'inside.rust': ['rust', 'rust inside', 'rusty'],
  'inside.debris': ['debris', 'bits', 'swarf', 'loose bits'],
  'spring.type': ['spring', 'retainer'],
  'spring.weight': ['spring weight'],
  'bypass.place': ['bypass place', 'bypass at', 'bypass in'],
  'bypass.build': ['bypass build'],
  'bypass.seal': ['bypass seal'],
  'bypass.travel': ['travel', 'bypass travel'],
  'bypass.push': ['push', 'bypass push'],
  'bypass.printed': ['opens at', 'bypass pressure', 'bypass'],
  'bypass.weight': ['bypass weight'],
  'adbv.material': ['valve material', 'adbv', 'drain-back valve', 'valve'],
  'adbv.colour': ['valve colour', 'colour'],
  'adbv.thickness': ['valve thickness', 'flap thickness'],
  'adbv.fit': ['valve fit', 'covers the holes'],
  'adbv.weight': ['valve weight'],
  'adbv.hottest': [
    'valve temperature',
    'adbv temperature',
    'valve good to',
    'adbv good to',
    'valve stands',
    'adbv stands',
  ],
  'adbv.coldest': ['valve down to', 'adbv down to'],
  'element.od': ['element diameter', 'element outside'],
  'element.id': ['tube diameter', 'core diameter', 'centre tube diameter'],
  'element.height': ['element height'],
  'element.weight': ['element weight', 'element'],
  'caps.material': ['caps', 'end caps'],
  'glue.grade': ['glue', 'bead'],
  'glue.colour': ['glue colour'],
  'plate.stamp': ['stamped', 'stamp'],
  'plate.stamp.place': ['stamped mark', 'mark'],
  'thread.lead': ['thread begins', 'thread start'],
  'gasket.track': ['track'],
  'can.seam': ['can seam', 'rolled seam', 'rim'],
  'can.grip': ['dimples', 'ribs on the can', 'flutes', 'grip'],
  'can.lining': ['lining', 'inside of the can', 'can inside'],
  'can.dome': ['dome', 'print on the dome'],
  'adbv.lip': ['valve lip', 'lip of the valve'],
  'core.louvres': ['louvres'],
  'caps.print': ['cap print'],
  'element.seam': ['seam'],
  'pleats.count': ['pleats', 'pleat count'],
  'pleats.spacing': ['spacing'],
  'core.seam': ['tube seam', 'core seam'],
  'core.type': ['core', 'tube', 'centre tube'],
  'core.openings': ['core openings', 'core holes'],
  'core.stiffness': ['core stiffness', 'squeezed'],
  'media.backing': ['mesh', 'backing', 'backed'],
  'told.media.area': ['media area', 'area', 'area of media', 'of media'],
  'told.inlet.area': ['inlet area', 'hole area'],
  'told.core.area': ['core area', 'tube area'],
  'told.pleat.depth': ['pleat depth', 'deep'],
  'told.media.density': ['media density', 'density'],
  'media.with': ['weighed with', 'on the scale with the media'],
  'media.length': ['length', 'media length', 'strip', 'long', 'media', 'paper', 'media size', 'size'],
  'media.width': ['width', 'media width', 'wide'],
  'media.buried': ['buried', 'in glue'],
  'media.thickness': ['media thickness', 'thickness'],
  'media.weight': ['media weight'],
  'media.type': ['media'],
  'media.tear': ['tear'],
}

/**
 * What a characteristic may be called, small letters, the longest first.
 *
 * @example namesOf(characteristicOf('can.wall'))[0] // => 'can thickness'
 */
export const namesOf = ({ key, label }: Characteristic): string[] =>
  [...new Set([label.toLowerCase(), ...(synonyms[key] ?? [])])].sort((a, b) => b.length - a.length)

/**
 * Words by which a part is meant, so that an answer that several parts can have is one of that part.
 *
 * @example partWordsOf(characteristicOf('bypass.place')).includes('bypass') // => true
 */
export const partWordsOf = ({ key, part }: Characteristic): string[] => [
  partLabel(part).toLowerCase(),
  ...(partWords[key.split('.')[0] ?? ''] ?? []),
]

const partWords: Readonly<Record<string, readonly string[]>> = {
  adbv: ['valve', 'adbv', 'flap', 'drain-back valve'],
  bypass: ['bypass'],
  spring: ['spring', 'retainer'],
  gasket: ['gasket'],
  core: ['core', 'tube', 'centre tube'],
  media: ['media', 'paper'],
  caps: ['caps', 'cap', 'end caps'],
  oring: ['o-ring', 'ring'],
  can: ['can'],
  plate: ['plate', 'base plate'],
  box: ['box'],
  element: ['element', 'pack', 'seam'],
}
