import { disagreements } from '#core/score/disagreements.ts'
import { Card, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { EvaluationView } from './useEvaluation.ts'
import { CentralWeights } from './CentralWeights.tsx'
import { ChancesBySchool } from './ChancesBySchool.tsx'

/** Who wins by which school, and where the schools differ. */
export function SchoolsCard({ judged }: { judged: EvaluationView }) {
  const { school } = judged
  return (
    <Card>
      <Stack $gap={10}>
        <h2>First by school</h2>
        <ChancesBySchool {...judged} />
        {judged.isSettled && <CentralWeights ranked={judged.ranked} nameOf={judged.nameOf} />}
        <details>
          <summary style={{ minHeight: 44, cursor: 'pointer', font: '600 17px/44px var(--label)' }}>
            Where practitioners disagree, and the side that is in force
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
