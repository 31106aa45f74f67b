import { href, Link } from 'react-router'
import { disagreements } from '#core/score/disagreements.ts'
import type { School } from '#core/score/schools.ts'
import * as texts from '#app/texts/method.ts'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** Every question on which practitioners differ, and which schools take which side. */
export function DisagreementsCard({ schools }: { schools: School[] }) {
  const names = new Map(schools.map(({ id, name }) => [id, name]))
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.wherePractitionersDisagree}</h2>
        <Table>
          <tbody>
            {disagreements.map(({ question, sides }) => (
              <tr key={question}>
                <td style={{ width: '24%' }}>{question}</td>
                <td>
                  {sides.map(({ position, schools: those }) => (
                    <p key={position}>
                      {position} <Small>({those.map((id) => names.get(id)).join(', ')})</Small>
                    </p>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
        <Small>
          {texts.neutralTakesNoSideWhatA} <Link to={href('/method')}>{texts.method}</Link>.
        </Small>
      </Stack>
    </Card>
  )
}
