import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { formatChance, standingOf } from '#core/verdict/call.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useColumnOf } from './useColumnOf.ts'
import type { EvaluationView } from './useEvaluation.ts'

const Ranking = styled(Table)`
  tr[data-named] td {
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
export function RankingCard({ judged: { ranked, call, all, nameOf, query } }: { judged: EvaluationView }) {
  const { application } = useLineup()
  const columnOf = useColumnOf()
  const isNamed = (id: string) => call !== undefined && standingOf(call, id) !== 'behind'
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.ranking}</h2>
        <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.ranking}>
          <Ranking>
            <thead>
              <tr>
                <th scope="col">{texts.rank}</th>
                <th scope="col">{texts.product}</th>
                <th scope="col">{texts.firstIn}</th>
                <th scope="col">{texts.score}</th>
                <th scope="col">{texts.n95Of100Times}</th>
                <th scope="col">{texts.known}</th>
                <th scope="col">{texts.disclosure}</th>
              </tr>
            </thead>
            <tbody>
              {ranked.map((one, rank) => {
                const { id, score, chance, chances } = one
                const { given } = columnOf(one)
                return (
                  <tr key={id} data-named={isNamed(id) || undefined}>
                    <td>{rank + 1}</td>
                    <td>{nameOf(id)}</td>
                    <td>{formatChance(chance)}</td>
                    <td>
                      <Link
                        to={`${href('/lineups/:application/score/:column', { application: application.id, column: id })}${query}`}
                      >
                        {chances.mean.toFixed(1)}
                      </Link>
                    </td>
                    <td>{texts.to(Math.round(chances.low), Math.round(chances.high))}</td>
                    <td>{Math.round(score.coverage * 100)} %</td>
                    <td>{given.length > 0 ? texts.sampleGivenBy(given.join(', ')) : ''}</td>
                  </tr>
                )
              })}
            </tbody>
          </Ranking>
        </div>
        {all
          .filter(({ id }) => !ranked.some((one) => one.id === id))
          .map((one) => (
            <Small key={one.id}>{texts.isNotJudged(nameOf(one.id), reasonNotJudged(one))}</Small>
          ))}
      </Stack>
    </Card>
  )
}

const reasonNotJudged = ({ excluded }: EvaluatedRevision): string => excluded ?? texts.nothingIsKnownOfIt
