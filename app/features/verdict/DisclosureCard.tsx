import { href, Link } from 'react-router'
import { cautions } from '#core/catalogue/index.ts'
import { formatInterest } from '#core/verdict/interest.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import type { ColumnHead } from '#app/data/lineup.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
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
        <h2>{texts.doubtsAndDisclosures}</h2>
        <ReasonList>
          <li>
            {formatInterest(reviewer.interest, reviewer.interestNote)}{' '}
            <Link to={href('/reviewer')} data-print="no">
              {texts.change}
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
              <li key={`given ${id}`}>{texts.aSampleWasGivenBy(nameOf(id), given.join(', '))}</li>
            ))}
        </ReasonList>
        <Caution>{texts.aJudgementOfConstructionAndValue(cautions.opened.summary)}</Caution>
      </Stack>
    </Card>
  )
}

function reservationsText({ score }: EvaluatedRevision, { specimens, findings }: ColumnHead): string {
  const said = [
    texts.specimensWereOpened(specimens),
    score.coverage < 1 && texts.ofTheWeightIsOpenOr(Math.round((1 - score.coverage) * 100)),
    findings > 0 && texts.contradictionsInItsReadings(findings),
  ]
  return said.filter(Boolean).join(', ')
}
