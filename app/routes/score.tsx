import { Link } from 'react-router'
import { styled } from 'styled-components'
import { groupLabel } from '#core/score/criterion.ts'
import { vetoCap } from '#core/score/score.ts'
import { assessSpecimen } from '#app/data/assessments.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Alert, Card, Page, Small, Stack } from '#app/ui/layout.tsx'
import { sayRule } from '#core/score/say-rule.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { Table } from '#app/ui/Table.tsx'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import type { Route } from './+types/score'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Construction score · Plicator' }]

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const { score } = await assessSpecimen(specimen)
  return { specimen, score }
}

const Ledger = styled(Table)`
  td:nth-child(3),
  td:nth-child(4),
  td:nth-child(5),
  th:nth-child(3),
  th:nth-child(4),
  th:nth-child(5) {
    text-align: right;
  }
`

export default function ScorePage({ loaderData: { specimen, score } }: Route.ComponentProps) {
  const { units: system } = usePreferences()
  const weight = score.lines.reduce((sum, { criterion, points, reason }) => sum + (points === undefined || reason ? 0 : criterion.weight), 0)
  return (
    <Page>
      <Stack $gap={4}>
        <SpecimenTrail specimen={specimen} />
        <h1>Construction score {score.value === undefined ? 'not known' : `${Math.round(score.value)} of 100`}</h1>
        <p>
          {score.coverage < 1 && `${Math.round(score.coverage * 100)} % of the weight rests on evidence; what is missing leaves it anywhere from ${Math.round(score.low)} to ${Math.round(score.high)}. `}A judgement of construction, not a filtration test.
        </p>
        {score.vetoes.map(({ key, because }) => (
          <Alert key={key}>
            Capped at {vetoCap}: {because}. Open a second specimen before publishing it as a pattern.
          </Alert>
        ))}
      </Stack>
      <Card>
        <Ledger>
          <thead>
            <tr>
              <th>Criterion</th>
              <th>Rule</th>
              <th>Points</th>
              <th>Weight</th>
              <th>Adds</th>
              <th>Evidence</th>
            </tr>
          </thead>
          <tbody>
            {score.lines.map(({ criterion, points, evidence, reason }) => (
              <tr key={criterion.key}>
                <td>
                  <Link to={`/specimens/${specimen.id}/values/${criterion.from}`}>{criterion.label}</Link>
                  <br />
                  <Small>{groupLabel(criterion.part)}</Small>
                </td>
                <td>
                  {sayRule(criterion, system)}
                  <br />
                  <Small>{criterion.because}</Small>
                </td>
                <td>{points === undefined ? (reason ? '' : '?') : points.toFixed(1)}</td>
                <td>{criterion.weight}</td>
                <td>{points === undefined || weight === 0 ? '' : ((10 * points * criterion.weight) / weight).toFixed(1)}</td>
                <td>{reason ? <Small>left out: {reason}</Small> : evidence ? <EvidenceGlyph evidence={evidence} word /> : <Small>missing</Small>}</td>
              </tr>
            ))}
          </tbody>
        </Ledger>
      </Card>
    </Page>
  )
}
