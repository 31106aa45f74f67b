import { href } from 'react-router'
import { catalogue } from '#core/catalogue/index.ts'
import { criterionGroupLabel, type Criterion } from '#core/score/criterion.ts'
import { fatalFaultCap } from '#core/score/fatal-faults.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { methodAnchor } from './method-anchor.ts'
import { RuleCurve } from '#app/features/verdict/RuleCurve.tsx'

/** How a score is made, and every criterion with its weight and points. */
export function CriteriaCard({ criteria }: { criteria: readonly Criterion[] }) {
  return (
    <Card id="score">
      <Stack>
        <Row $between>
          <h2>Score</h2>
          <Row $gap={8}>
            <ButtonLink to={href('/schools')}>Schools</ButtonLink>
            <ButtonLink to={href('/method/edit')}>Change the method</ButtonLink>
          </Row>
        </Row>
        <p>
          These weights are those of the construction score, the school "Build first"; a criterion with weight 0 is
          counted by some schools only. Inferred evidence bears half its weight, the other half stays open. What an
          engine cannot take is excluded. Ranks are drawn by stochastic acceptability analysis (SMAA-2, Lahdelma and
          Salminen 2001).
        </p>
        <p>
          Each criterion gives 0 to 10 points; the score is their mean weighted as below, times ten. What is missing
          widens the score and never counts as zero. What a filter cannot have is left out. A fault that ends the
          discussion caps the score at {fatalFaultCap}:{' '}
          {catalogue.flatMap((c) => (c.kind === 'fault' ? (c.fatal ?? []) : [])).join('; ')}.
        </p>
        <Table>
          <thead>
            <tr>
              <th>Criterion</th>
              <th>Weight</th>
              <th>Points</th>
              <th>Because</th>
            </tr>
          </thead>
          <tbody>
            {criteria.map((criterion) => (
              <tr key={criterion.key} id={methodAnchor('criterion', criterion.key)}>
                <td>
                  {criterion.label}
                  <br />
                  <Small>{criterionGroupLabel(criterion.part)}</Small>
                </td>
                <td>{criterion.weight}</td>
                <td>
                  <RuleCurve criterion={criterion} />
                </td>
                <td>{criterion.rationale}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Stack>
    </Card>
  )
}
