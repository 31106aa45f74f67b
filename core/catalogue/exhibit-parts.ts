import { byKey } from '#core/by-key.ts'
import type { FilterPartKey } from './filter-parts.ts'

/** Parts that can be laid beside others, as they are drawn, each with the parts of the catalogue that go with it. */
export const exhibitParts = [
  { key: 'plate', label: 'Base plate and gasket', of: ['plate', 'gasket'] },
  { key: 'oring', label: 'O-ring', of: ['oring'] },
  { key: 'adbv', label: 'Anti-drain-back valve', of: ['adbv'] },
  { key: 'element', label: 'Element', of: ['element', 'core', 'caps'] },
  { key: 'pleats', label: 'Pleats and media', of: ['pleats', 'media'] },
  { key: 'bypass', label: 'Bypass valve', of: ['bypass'] },
  { key: 'spring', label: 'Retainer spring', of: ['spring'] },
  { key: 'can', label: 'Can', of: ['can'] },
] as const satisfies readonly { key: string; label: string; of: readonly FilterPartKey[] }[]

export type ExhibitPart = (typeof exhibitParts)[number]['key']

/**
 * What a part that is laid beside others is called.
 *
 * @example exhibitPartLabel('pleats') // => 'Pleats and media'
 */
export const exhibitPartLabel = (key: ExhibitPart): string => byKey(exhibitParts, key).label

/**
 * Parts of the catalogue whose readings go with an exhibit.
 *
 * @example partsOfExhibit('plate') // => ['plate', 'gasket']
 */
export const partsOfExhibit = (key: ExhibitPart): readonly FilterPartKey[] => byKey(exhibitParts, key).of
