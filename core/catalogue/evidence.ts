import { byKey } from '#core/by-key.ts'

/** How a reading came about, strongest first. */
export const evidenceClasses = [
  { key: 'measured', label: 'Measured', glyph: '●', description: 'Read off an instrument on this specimen.' },
  { key: 'observed', label: 'Observed', glyph: '◐', description: 'Seen, felt or counted on this specimen.' },
  { key: 'claimed', label: 'Claimed', glyph: '□', description: 'Stated by the maker, a dealer or the box.' },
  { key: 'inferred', label: 'Inferred', glyph: '?', description: 'Concluded from looks, memory or other filters.' },
  {
    key: 'reported',
    label: 'Reported',
    glyph: '»',
    description: 'Hearsay, by whom in general words. It raises a check and gives no points.',
  },
] as const

export type Evidence = (typeof evidenceClasses)[number]['key']

/** Keys of the evidence classes, strongest first. */
export const evidenceKeys = evidenceClasses.map(({ key }) => key) as [Evidence, ...Evidence[]]

/** 0 is the strongest. */
export const evidenceRank = (evidence: Evidence): number => evidenceClasses.findIndex((known) => known.key === evidence)

/**
 * An evidence class by its key.
 *
 * @example evidenceClassOf('inferred').glyph // => '?'
 */
export const evidenceClassOf = (key: Evidence): (typeof evidenceClasses)[number] => byKey(evidenceClasses, key)
