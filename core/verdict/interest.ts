import { byKey } from '#core/by-key.ts'

/** What a reviewer may gain by what is said. Common practice, no published source. */
export const interests = [
  { key: 'none', label: 'No interest', statement: 'The reviewer has no interest in any of the makers or sellers.' },
  { key: 'employed', label: 'Employed', statement: 'The reviewer is employed by a maker or seller of filters.' },
  { key: 'paid', label: 'Paid', statement: 'The reviewer was paid for this review.' },
  { key: 'sells', label: 'Sells', statement: 'The reviewer sells filters that are judged here.' },
  { key: 'imports', label: 'Imports', statement: 'The reviewer imports filters that are judged here.' },
] as const

export type Interest = (typeof interests)[number]['key']

/**
 * What is said of a reviewer's interest with every verdict.
 *
 * @param interest empty where it was not said
 * @param note with whom, in the reviewer's words
 * @example formatInterest('sells', 'Harbour Parts')
 * // => 'The reviewer sells filters that are judged here: Harbour Parts.'
 */
export function formatInterest(interest: Interest | '', note: string): string {
  if (interest === '') return 'The reviewer has not said whether there is an interest.'
  const { statement } = byKey(interests, interest)
  return note === '' ? statement : `${statement.replace(/\.$/, '')}: ${note.replace(/\.$/, '')}.`
}
