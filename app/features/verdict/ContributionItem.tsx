import { href, Link } from 'react-router'
import { criterionGroupLabel } from '#core/score/criterion.ts'
import type { Contribution } from '#core/verdict/contributions.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { Small } from '#app/ui/layout.tsx'

/** A contribution as a sentence that links to what it rests on. */
export function ContributionItem({ contribution, query }: { contribution: Contribution; query: string }) {
  const { criterion, group, gain, first, second, byLook } = contribution
  const { application } = useLineup()
  return (
    <li>
      {criterionGroupLabel(group)}:{' '}
      <Link to={contributionAddress(contribution, application.id, query)}>
        {criterion.label} {first} against {second}
      </Link>{' '}
      <Small>
        ({gain >= 0 ? '+' : '−'}
        {Math.abs(gain).toFixed(1)}
        {byLook && ', by the look of it'})
      </Small>
    </li>
  )
}

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
