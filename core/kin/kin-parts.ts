import { byKey } from '#core/by-key.ts'
import { findCharacteristic, type FilterForm } from '#core/catalogue/index.ts'

/**
 * Parts that two filters may share. The shell is plate and can, the element what is under the caps; the box and the
 * paint are put on by whoever sells a filter, and say nothing of how it is built.
 */
export const kinParts = [
  { key: 'plate', label: 'Base plate', of: 'shell' },
  { key: 'can', label: 'Can', of: 'shell' },
  { key: 'gasket', label: 'Gasket', of: 'inside' },
  { key: 'oring', label: 'O-ring', of: 'inside' },
  { key: 'adbv', label: 'Anti-drain-back valve', of: 'inside' },
  { key: 'spring', label: 'Retainer spring', of: 'inside' },
  { key: 'bypass', label: 'Bypass valve', of: 'inside' },
  { key: 'core', label: 'Centre tube', of: 'element' },
  { key: 'caps', label: 'End caps and glue', of: 'element' },
  { key: 'media', label: 'Media and pleats', of: 'element' },
  { key: 'box', label: 'Box and print', of: 'box' },
] as const

export type KinPartKey = (typeof kinParts)[number]['key']

/**
 * What a part that may be shared is called.
 *
 * @example kinPartLabel('media') // => 'Media and pleats'
 */
export const kinPartLabel = (key: KinPartKey): string => byKey(kinParts, key).label

/**
 * What speaks of each part, in groups: of a group only what speaks loudest counts, since a thick plate is a heavy one
 * and a soft rubber a limp one. The track of the gasket is pressed into the plate. What every filter of an engine must
 * have, as its thread and the seat of its gasket, speaks of none. An aspect of openings stands behind a colon.
 */
export const evidenceGroups: Readonly<Record<KinPartKey, readonly (readonly string[])[]>> = {
  plate: [
    ['plate.inlets:count'],
    ['plate.inlets:odd'],
    ['plate.inlets:size'],
    ['plate.hole.shape'],
    ['plate.hole.spacing'],
    ['plate.thickness', 'plate.weight'],
    ['thread.turns', 'thread.lead'],
    ['plate.stamp', 'plate.stamp.place'],
    ['gasket.track', 'gasket.hold'],
  ],
  can: [
    ['can.height'],
    ['can.diameter'],
    ['can.wall', 'can.weight', 'can.squeeze'],
    ['can.seam'],
    ['can.grip'],
    ['can.lining'],
  ],
  gasket: [
    ['gasket.material', 'gasket.softness'],
    ['gasket.section', 'gasket.lip'],
    ['gasket.thickness', 'gasket.proud', 'gasket.weight'],
  ],
  oring: [['oring.section'], ['oring.material']],
  adbv: [
    ['adbv.build'],
    ['adbv.material', 'adbv.limp', 'adbv.colour'],
    ['adbv.thickness', 'adbv.weight'],
    ['adbv.lip'],
  ],
  spring: [['spring.type'], ['spring.weight']],
  bypass: [
    ['bypass.place'],
    ['bypass.build', 'bypass.support', 'bypass.screen'],
    ['bypass.seal'],
    ['bypass.wire', 'bypass.coil', 'bypass.coils', 'bypass.weight'],
    ['bypass.travel', 'bypass.push', 'bypass.preload', 'bypass.printed'],
    ['bypass.seat'],
  ],
  core: [
    ['core.type', 'core.stiffness', 'core.ribs'],
    ['core.openings:count', 'core.openings:size', 'core.opening'],
    ['core.seam', 'core.louvres'],
    ['tube.keys', 'tube.place'],
  ],
  caps: [
    ['caps.material', 'caps.flimsy'],
    ['caps.fixing', 'cartridge.spigot'],
    ['glue.colour', 'glue.grade'],
    ['caps.print'],
  ],
  media: [
    ['pleats.count', 'pleats.spacing'],
    ['media.length'],
    ['element.height', 'media.width'],
    ['element.od', 'element.id'],
    ['media.thickness', 'media.weight', 'element.weight'],
    ['media.backing', 'media.layers'],
    ['media.type', 'media.limp'],
    ['element.seam', 'pleats.band'],
  ],
  box: [
    ['box.closure', 'box.seal'],
    ['box.origin', 'box.maker'],
    ['box.datefont', 'can.dome'],
    ['can.print', 'can.colour'],
  ],
}

/**
 * Parts that filters of a form have, as far as anything could be known of them.
 *
 * @example kinPartsOf('cartridge').some(({ key }) => key === 'plate') // => false
 */
export const kinPartsOf = (form: FilterForm): (typeof kinParts)[number][] =>
  kinParts.filter(({ key }) =>
    evidenceGroups[key].flat().some((one) => findCharacteristic(one.split(':')[0] ?? '')?.forms.includes(form)),
  )
