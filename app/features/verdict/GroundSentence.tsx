import { formatCall } from '#core/verdict/call.ts'
import * as texts from '#app/texts/verdict.ts'
import { Small } from '#app/ui/layout.tsx'
import type { EvaluationView } from './useEvaluation.ts'

/** What the other ground says of who is first, and whether the two disagree. */
export function GroundSentence({ judged: { beside, call, nameOf } }: { judged: EvaluationView }) {
  if (!beside?.call || beside.kept.length === 0) return null
  const isOther = call !== undefined && call.named[0]?.id !== beside.call.named[0]?.id
  const of = beside.kept.length + beside.leftOut.length
  return (
    <Small>
      {beside.ground === 'common' ? texts.onCommonGroundOfCriteria(beside.kept.length, of) : texts.overallLead}
      {formatCall(beside.call, nameOf)}
      {isOther && <strong>{` ${texts.theTwoDisagreeWhatIsNot}`}</strong>}
    </Small>
  )
}
