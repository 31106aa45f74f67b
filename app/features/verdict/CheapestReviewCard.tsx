import { href } from 'react-router'
import { formatCheapestReview, formatMinutes, planByProduct } from '#core/verdict/format-cheapest.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/how-sure.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { EvaluationView } from './useEvaluation.ts'

/** The fewest minutes of readings after which a winner can be named. */
export function CheapestReviewCard({ judged: { cheapest, all, nameOf, query } }: { judged: EvaluationView }) {
  const { application } = useLineup()
  const address = `${href('/lineups/:application/bench-card', { application: application.id })}${query}`
  return (
    <Card>
      <Stack $gap={10}>
        <Row $between>
          <h2>{texts.theCheapestCompleteReview}</h2>
          {cheapest && cheapest.plan.length > 0 && <ButtonLink to={address}>{texts.benchCardToPrint}</ButtonLink>}
        </Row>
        {all.length < 2 ? (
          <Soft>{texts.itTakesTwoFiltersWithA}</Soft>
        ) : !cheapest ? (
          <Soft>{texts.lookingForTheFewestMinutesThat}</Soft>
        ) : (
          <>
            <p>{formatCheapestReview(cheapest)}</p>
            {cheapest.plan.length > 0 && (
              <Table aria-label={texts.theCheapestCompleteReview}>
                <thead>
                  <tr>
                    <th scope="col">{texts.filter}</th>
                    <th scope="col">{texts.minutes}</th>
                    <th scope="col">{texts.toFindOutTheMostWorth}</th>
                  </tr>
                </thead>
                <tbody>
                  {planByProduct(cheapest.plan).map(({ column, minutes, answers }) => (
                    <tr key={column}>
                      <td>{nameOf(column)}</td>
                      <td>{formatMinutes(minutes)}</td>
                      <td>{answers.map(({ label }) => label.toLowerCase()).join(', ')}</td>
                    </tr>
                  ))}
                </tbody>
              </Table>
            )}
            <Small>{texts.greedyByWorthForAMinute}</Small>
          </>
        )}
      </Stack>
    </Card>
  )
}
