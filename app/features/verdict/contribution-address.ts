import { href } from 'react-router'
import type { Contribution } from '#core/verdict/contributions.ts'

/** Where what a contribution rests on stands: the readings of a specimen, the claims, or the prices. */
export function contributionAddress(
  { criterion, group, specimen }: Contribution,
  application: string,
  query = '',
): string {
  if (specimen) return href('/specimens/:specimen/values/:key', { specimen, key: criterion.attribute })
  return group === 'claims'
    ? `${href('/lineups/:application/claims', { application })}${query}`
    : `${href('/lineups/:application/money', { application })}${query}`
}
