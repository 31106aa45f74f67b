import { href, Link } from 'react-router'
import { cautions } from '#core/catalogue/index.ts'
import { formatInterest } from '#core/verdict/interest.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import { formatCount } from '#core/quantity/format.ts'
import type { ColumnHead } from '#app/data/lineup.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { Card, Caution, Stack } from '#app/ui/layout.tsx'
import { ReasonList } from './list.ts'
import { useColumnOf } from './useColumnOf.ts'
import type { EvaluationView } from './useEvaluation.ts'

/** What the verdict does not know, who gave what, and what it is not. */
export function DisclosureCard({ judged: { ranked, call, nameOf } }: { judged: EvaluationView }) {
  const { columns, reviewer } = useLineup().evaluation
  const columnOf = useColumnOf()
  const named = ranked.filter(({ id }) => call?.named.some((one) => one.id === id))
  return (
    <Card>
      <Stack $gap={10}>
        <h2>Doubts and disclosures</h2>
        <ReasonList>
          <li>
            {formatInterest(reviewer.interest, reviewer.interestNote)}{' '}
            <Link to={href('/reviewer')} data-print="no">
              Change
            </Link>
          </li>
          {named.map((one) => (
            <li key={one.id}>
              {nameOf(one.id)}: {reservationsText(one, columnOf(one))}.
            </li>
          ))}
          {columns.flatMap(({ id, remarks, maker }) =>
            [...remarks, ...(maker.startsWith('maker guessed') ? [maker] : [])].map((remark) => (
              <li key={`${id} ${remark}`}>
                {nameOf(id)}: {remark}.
              </li>
            )),
          )}
          {columns
            .filter(({ given }) => given.length > 0)
            .map(({ id, given }) => (
              <li key={`given ${id}`}>
                {nameOf(id)}: a sample was given by {given.join(', ')}.
              </li>
            ))}
        </ReasonList>
        <Caution>
          A judgement of construction and value, no filtration test. Efficiency, capacity and burst figures are the
          makers' or estimates. The engine maker's manual and a qualified mechanic come first. {cautions.opened.summary}
        </Caution>
      </Stack>
    </Card>
  )
}

function reservationsText({ score }: EvaluatedRevision, { specimens, findings }: ColumnHead): string {
  const said = [
    `${formatCount(specimens, 'specimen was', 'specimens were')} opened`,
    score.coverage < 1 && `${Math.round((1 - score.coverage) * 100)} % of the weight is open or inferred`,
    findings > 0 && `${formatCount(findings, 'contradiction')} in its readings`,
  ]
  return said.filter(Boolean).join(', ')
}
