import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { scoresTied, type EvaluatedRevision } from '#core/verdict/ranking.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useColumnOf } from './useColumnOf.ts'
import type { EvaluationView } from './useEvaluation.ts'

const Ranking = styled(Table)`
  tr[data-tied] td {
    background: var(--green-soft);
  }
  td:first-child,
  th:first-child {
    padding-left: 8px;
  }
  td:not(:nth-child(2)):not(:last-child) {
    white-space: nowrap;
  }
`

/** Everybody in order, and who is not ranked and why. */
export function RankingCard({ judged: { ranked, all, nameOf, query } }: { judged: EvaluationView }) {
  const { application } = useLineup()
  const columnOf = useColumnOf()
  const [leader] = ranked
  const tiesLeader = ({ score }: EvaluatedRevision) => leader !== undefined && scoresTied(score, leader.score)
  return (
    <Card>
      <Stack $gap={10}>
        <h2>Ranking</h2>
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Ranking">
          <Ranking>
            <thead>
              <tr>
                <th scope="col">Rank</th>
                <th scope="col">Product</th>
                <th scope="col">Score</th>
                <th scope="col">May be</th>
                <th scope="col">Known</th>
                <th scope="col">Disclosure</th>
              </tr>
            </thead>
            <tbody>
              {ranked.map((one, rank) => {
                const { id, score } = one
                const { given } = columnOf(one)
                return (
                  <tr key={id} data-tied={tiesLeader(one) || undefined}>
                    <td>{rank > 0 && tiesLeader(one) ? '1, tied' : rank + 1}</td>
                    <td>{nameOf(id)}</td>
                    <td>
                      <Link
                        to={`${href('/lineups/:application/score/:column', { application: application.id, column: id })}${query}`}
                      >
                        {score.value?.toFixed(1)}
                        {score.u > 0 && ` ± ${(2 * score.u).toFixed(1)}`}
                      </Link>
                    </td>
                    <td>
                      {Math.round(score.low)} to {Math.round(score.high)}
                    </td>
                    <td>{Math.round(score.coverage * 100)} %</td>
                    <td>{given.length > 0 ? `sample given by ${given.join(', ')}` : ''}</td>
                  </tr>
                )
              })}
            </tbody>
          </Ranking>
        </div>
        {all
          .filter((one) => !ranked.includes(one))
          .map((one) => (
            <Small key={one.id}>
              {nameOf(one.id)} is not ranked: {reasonNotRanked(one)}.
            </Small>
          ))}
      </Stack>
    </Card>
  )
}

function reasonNotRanked({ excluded, score }: EvaluatedRevision): string {
  if (excluded !== undefined) return excluded
  return score.value === undefined
    ? 'nothing is known'
    : `only ${Math.round(score.coverage * 100)} % of the weight is known`
}
