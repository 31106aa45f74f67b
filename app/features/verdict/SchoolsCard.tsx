import { href, Link } from 'react-router'
import { disagreements } from '#core/score/disagreements.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/schools.ts'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { WhenNear } from '#app/ui/WhenNear.tsx'
import type { EvaluationView } from './useEvaluation.ts'
import { CentralWeights } from './CentralWeights.tsx'

/** Who wins by which school, and where the schools differ. */
export function SchoolsCard({ judged }: { judged: EvaluationView }) {
  const { school, driver } = judged
  const { method } = useLineup().evaluation
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{school.name}</h2>
        <p>{school.description}</p>
        {driver && <p>{driver.rules.map(({ statement }) => statement).join(' ')}</p>}
        <Row $gap={16}>
          <Small>{texts.methodOfVersion(method.version, method.note)}</Small>
          <Link to={href('/schools')}>{texts.schools}</Link>
          <Link to={href('/drivers')}>{texts.drivers}</Link>
        </Row>
        {judged.isSettled && (
          <WhenNear>
            <CentralWeights ranked={judged.ranked} nameOf={judged.nameOf} />
          </WhenNear>
        )}
        <details>
          <summary style={{ minHeight: 44, cursor: 'pointer', font: '600 17px/44px var(--label)' }}>
            {texts.wherePractitionersDisagreeAndThe}
          </summary>
          <Table>
            <tbody>
              {disagreements.map(({ question, sides }) => (
                <tr key={question}>
                  <td style={{ width: '26%' }}>{question}</td>
                  <td>
                    {sides.map(({ position, schools }) => {
                      const isInForce = schools.includes(school.id)
                      return (
                        <div key={position} style={{ fontWeight: isInForce ? 600 : 400 }}>
                          {isInForce ? '● ' : '○ '}
                          {position}
                        </div>
                      )
                    })}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        </details>
      </Stack>
    </Card>
  )
}
