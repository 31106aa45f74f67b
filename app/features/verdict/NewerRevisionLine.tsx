import { href, Link } from 'react-router'
import { newerRevision } from '#core/verdict/revision-age.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Small } from '#app/ui/layout.tsx'
import type { EvaluationView } from './useEvaluation.ts'

/** That a newer revision of what is named has been seen: a shop may have that one. */
export function NewerRevisionLine({ judged: { call, ranked, nameOf } }: { judged: EvaluationView }) {
  const { columns } = useLineup().evaluation
  return (call?.named ?? []).map(({ id }) => {
    const newer = newerRevision(columns, id)
    if (!newer) return null
    const place = ranked.findIndex((one) => one.id === newer.id) + 1
    return (
      <Small key={id} as="p">
        {texts.isNotItsNewestRevision(nameOf(id))}{' '}
        <Link to={href('/products/:product', { product: newer.productId })}>{nameOf(newer.id)}</Link>{' '}
        {place > 0 ? texts.isRankedOf(place, ranked.length) : texts.hasBeenSeenAndIsNot}
      </Small>
    )
  })
}
