/** Facts beside the readings that a criterion may judge: what claims and prices allow to say. */
export const externalAttributes = [
  { key: 'claim.efficiency', label: 'Efficiency claimed at 20 µm', shows: 'share' },
  { key: 'claim.fine', label: 'Efficiency claimed at 10 µm', shows: 'share' },
  { key: 'claim.complete', label: 'Completeness of the efficiency claim', shows: 'grade' },
  { key: 'claim.interval', label: 'Interval claimed', shows: 'distance' },
  { key: 'claim.capacity', label: 'Dirt capacity claimed', shows: 'mass' },
  { key: 'value.landed', label: 'Landed price', shows: 'money' },
  { key: 'value.area', label: 'Media area for the money', shows: 'area' },
  { key: 'value.own', label: "Engine maker's own", shows: 'yes' },
] as const

export type ExternalAttributeKey = (typeof externalAttributes)[number]['key']

/** What is known of a fact: exactly, when both are equal, or within bounds. SI, shares from 0 to 1, or money. */
export interface AttributeBounds {
  low: number
  high: number
}

export type ExternalAttributes = ReadonlyMap<string, AttributeBounds>

/**
 * Whether a key is that of a fact.
 *
 * @example isExternalAttribute('claim.fine') // => true
 */
export const isExternalAttribute = (key: string): key is ExternalAttributeKey =>
  externalAttributes.some((fact) => fact.key === key)

/**
 * How much a fact varies by itself, as a share: prices change from shop to shop and from month to month. Common
 * practice, no published source.
 */
const spreads: Partial<Record<string, number>> = { 'value.landed': 0.05, 'value.area': 0.05 }

/**
 * How much a fact varies by itself, as a share.
 *
 * @returns 0 for what stands as it is
 * @example externalSpread('value.landed') // => 0.05
 */
export const externalSpread = (attribute: string): number => spreads[attribute] ?? 0
