import { fatalFaultCap } from '#core/score/fatal-faults.ts'
import { unfitReason, type EvaluatedRevision } from '#core/verdict/ranking.ts'
import type { ColumnHead } from '#app/data/lineup.server.ts'
import * as texts from '#app/texts/verdict.ts'
import { Alert } from '#app/ui/layout.tsx'
import { useColumnOf } from './useColumnOf.ts'
import type { EvaluationView } from './useEvaluation.ts'

/** Those that do not fit, have not what the school must have, or have a fatal fault. */
export const avoided = ({ all }: Pick<EvaluationView, 'all'>): EvaluatedRevision[] =>
  all.filter((one) => unfitReason(one) !== undefined || one.score.fatalFaults.length > 0)

/** Why each of those to avoid is to be avoided. */
export function AvoidList({ judged }: { judged: EvaluationView }) {
  const columnOf = useColumnOf()
  return avoided(judged).map((one) => (
    <Alert key={one.id}>
      {judged.nameOf(one.id)}: {reasonToAvoid(one, columnOf(one))}
    </Alert>
  ))
}

function reasonToAvoid(one: EvaluatedRevision, column: ColumnHead): string {
  const { context, score } = one
  if (context.misfits.length > 0) return texts.excluded(column.misfits.join(' and '))
  const unfit = unfitReason(one)
  if (unfit !== undefined) return texts.unfit(unfit)
  const faults = score.fatalFaults.map(({ description }) => description).join(' and ')
  return texts.cappedAtWhateverElseIsGood(faults, fatalFaultCap, patternText(column))
}

function patternText({ specimens, faultCount: { found, lookedAt } }: ColumnHead): string {
  if (lookedAt < 2) return texts.openASecondSpecimenBeforeIt
  const opened = specimens > lookedAt ? texts.opened(specimens) : ''
  return texts.foundInOfTheLookedAt(found, lookedAt, opened, found > 1)
}
