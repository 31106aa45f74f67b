/** How a reading came about, strongest first. */
export const evidences = [
  { key: 'measured', label: 'Measured', glyph: '●', says: 'Read off an instrument on this specimen.' },
  { key: 'observed', label: 'Observed', glyph: '◐', says: 'Seen, felt or counted on this specimen.' },
  { key: 'claimed', label: 'Claimed', glyph: '□', says: 'Stated by the maker, a dealer or the box.' },
  { key: 'inferred', label: 'Inferred', glyph: '?', says: 'Concluded from looks, memory or other filters.' },
] as const

export type Evidence = (typeof evidences)[number]['key']

/** 0 is the strongest. */
export const strength = (evidence: Evidence): number => evidences.findIndex((known) => known.key === evidence)

/**
 * An evidence class by its key.
 *
 * @example evidenceOf('inferred').glyph // => '?'
 */
export const evidenceOf = (key: Evidence): (typeof evidences)[number] => evidences[strength(key)]!
