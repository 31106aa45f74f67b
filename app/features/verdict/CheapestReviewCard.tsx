import { href } from 'react-router'
import { formatCheapestReview, formatMinutes, planByProduct } from '#core/verdict/format-cheapest.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
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
          <h2>The cheapest complete review</h2>
          {cheapest && cheapest.plan.length > 0 && <ButtonLink to={address}>Bench card to print</ButtonLink>}
        </Row>
        {all.length < 2 ? (
          <Soft>It takes two filters with a specimen each.</Soft>
        ) : !cheapest ? (
          <Soft>Looking for the fewest minutes that would do …</Soft>
        ) : (
          <>
            <p>{formatCheapestReview(cheapest)}</p>
            {cheapest.plan.length > 0 && (
              <Table aria-label="The cheapest complete review">
                <thead>
                  <tr>
                    <th scope="col">Filter</th>
                    <th scope="col">Minutes</th>
                    <th scope="col">To find out, the most worth first</th>
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
            <Small>
              Greedy by worth for a minute, by the school in force; minutes are those of a practised hand. What is read
              may come out either way: this is how often it would be enough.
            </Small>
          </>
        )}
      </Stack>
    </Card>
  )
}
