import { href } from 'react-router'
import { catalogue } from '#core/catalogue/index.ts'
import { criterionGroupLabel, type Criterion } from '#core/score/criterion.ts'
import { fatalFaultCap } from '#core/score/fatal-faults.ts'
import * as texts from '#app/texts/method.ts'
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
          <h2>{texts.score}</h2>
          <Row $gap={8}>
            <ButtonLink to={href('/schools')}>{texts.schools}</ButtonLink>
            <ButtonLink to={href('/method/edit')}>{texts.changeTheMethod}</ButtonLink>
          </Row>
        </Row>
        <p>{texts.theseWeightsAreThoseOfThe}</p>
        <p>
          {texts.eachCriterionGives0To10(
            fatalFaultCap,
            catalogue.flatMap((c) => (c.kind === 'fault' ? (c.fatal ?? []) : [])).join('; '),
          )}
        </p>
        <Table>
          <thead>
            <tr>
              <th>{texts.criterion}</th>
              <th>{texts.weight}</th>
              <th>{texts.points}</th>
              <th>{texts.because}</th>
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
