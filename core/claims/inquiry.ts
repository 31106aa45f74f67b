import { byKey } from '#core/by-key.ts'
import { claimKinds, type Claim, type ClaimKind } from './claim.ts'

/** What was found when something was looked for. That nobody has looked is the fourth, and has no record. */
export const inquiryStates = [
  { key: 'not-published', label: 'Looked up, not published' },
  { key: 'waiting', label: 'Maker asked, waiting' },
  { key: 'answered', label: 'Maker asked, answered' },
  { key: 'refused', label: 'Maker asked, refused' },
] as const

export type InquiryState = (typeof inquiryStates)[number]['key']

/** That something was looked up or asked for, where and when. */
export interface Inquiry {
  about: ClaimKind
  state: InquiryState
  /** Where it was looked for, or who was asked. */
  place: string
  /** Day, ISO 8601. */
  madeOn: string
}

/** Kinds of which it is worth saying why nothing is known. */
const inquiredKinds: readonly ClaimKind[] = ['efficiency', 'interval', 'capacity', 'bypass', 'burst', 'flow']

/** Why nothing is claimed of a kind: nobody looked, or what came of looking and asking, latest first. */
export interface NotKnown {
  about: ClaimKind
  inquiries: Inquiry[]
}

/**
 * Of which kinds nothing is claimed, and why: not looked up, looked up and not published, or the maker was asked. The
 * three are never mixed.
 *
 * Source: common practice, no published source.
 *
 * @param claims of a product
 * @param inquiries of it
 * @example notKnown([], []).length // => 6
 */
export const notKnown = <Made extends Inquiry>(
  claims: readonly Pick<Claim, 'kind'>[],
  inquiries: readonly Made[],
): { about: ClaimKind; inquiries: Made[] }[] =>
  inquiredKinds
    .filter((kind) => !claims.some((claim) => claim.kind === kind))
    .map((about) => ({
      about,
      inquiries: inquiries.filter((one) => one.about === about).sort((a, b) => b.madeOn.localeCompare(a.madeOn)),
    }))

/**
 * Why something is not known, in words.
 *
 * @example formatNotKnown({ about: 'efficiency', inquiries: [] }) // => 'Efficiency: not looked up'
 */
export function formatNotKnown({ about, inquiries }: NotKnown): string {
  const kind = byKey(claimKinds, about).label
  if (inquiries.length === 0) return `${kind}: not looked up`
  const said = inquiries.map(({ state, place, madeOn }) =>
    [byKey(inquiryStates, state).label.toLowerCase(), place, madeOn].filter(Boolean).join(', '),
  )
  return `${kind}: ${said.join('; ')}`
}
