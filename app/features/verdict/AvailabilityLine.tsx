import { useMemo } from 'react'
import { canBeHad, formatAvailability } from '#core/money/availability.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { formatCall } from '#core/verdict/call.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Caution, Small } from '#app/ui/layout.tsx'
import type { EvaluationView } from './useEvaluation.ts'

/** The best that can be had, where somebody before it cannot; and how the one that is first can be had. */
export function AvailabilityLine({ judged: { ranked, nameOf, available } }: { judged: EvaluationView }) {
  const { columns } = useLineup().evaluation
  const seenOf = useMemo(() => new Map(columns.map(({ id, availability }) => [id, availability])), [columns])
  const [first] = ranked
  const isGone = (id: string) => !canBeHad(seenOf.get(id)?.status)
  const leaderIsGone = first !== undefined && isGone(first.id)
  if (!first) return null
  const own = seenOf.get(first.id)
  if (!leaderIsGone) return own ? <Small>{`${nameOf(first.id)}: ${formatAvailability(own)}.`}</Small> : null
  if (!available) return null
  const { call } = available
  const [best] = call?.named ?? []
  const before = ranked.slice(0, best ? ranked.findIndex(({ id }) => id === best.id) : ranked.length)
  const waiting = before.flatMap(({ id }) => {
    const seen = seenOf.get(id)
    return seen && isGone(id) ? [`${nameOf(id)} (${formatAvailability(seen)})`] : []
  })
  return (
    <Caution>
      {texts.ofThoseThatCanBeHad(call ? formatCall(call, nameOf) : texts.noneIsJudged)}{' '}
      {waiting.length > 0 && texts.notToBeHadAndBefore(formatList(waiting, 'conjunction'))}
    </Caution>
  )
}
