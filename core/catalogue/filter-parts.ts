import { byKey } from '#core/by-key.ts'

/** Parts in the order they lie on the mat, thread end first; what is no part stands last. */
export const filterParts = [
  { key: 'whole', label: 'Whole filter' },
  { key: 'plate', label: 'Base plate' },
  { key: 'gasket', label: 'Gasket' },
  { key: 'oring', label: 'O-rings' },
  { key: 'adbv', label: 'Anti-drain-back valve' },
  { key: 'element', label: 'Element' },
  { key: 'core', label: 'Centre tube' },
  { key: 'caps', label: 'End caps and glue' },
  { key: 'pleats', label: 'Pleats' },
  { key: 'media', label: 'Media' },
  { key: 'bypass', label: 'Bypass valve' },
  { key: 'spring', label: 'Retainer spring' },
  { key: 'can', label: 'Can' },
  { key: 'inside', label: 'First look inside' },
  { key: 'box', label: 'Box' },
] as const

export type FilterPartKey = (typeof filterParts)[number]['key']

/**
 * What a part is called.
 *
 * @example partLabel('plate') // => 'Base plate'
 */
export const partLabel = (key: FilterPartKey): string => byKey(filterParts, key).label
