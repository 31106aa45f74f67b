import { Link } from 'react-router'
import { disagreements } from '#core/score/schools.ts'
import { listSchools } from '#app/data/schools.server.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/schools'

export const meta: Route.MetaFunction = () => [{ title: 'Schools · Plicator' }]

export const loader = async () => ({ schools: await listSchools() })

export default function Schools({ loaderData: { schools } }: Route.ComponentProps) {
  return (
    <Page>
      <Stack $gap={4}>
        <h1>Schools</h1>
        <Soft>Taste is data: each school is a named set of weights and house rules. Copy one to make your own.</Soft>
      </Stack>
      <Card>
        <Table>
          <tbody>
            {schools.map(({ id, name, says, builtIn }) => (
              <tr key={id}>
                <td style={{ width: '20%' }}>
                  <strong>{name}</strong>
                  {!builtIn && (
                    <>
                      <br />
                      <Small>your own</Small>
                    </>
                  )}
                </td>
                <td>{says}</td>
                <td style={{ width: '16%' }}>
                  <Row $gap={8}>
                    <ButtonLink to={`/schools/new?of=${id}`} aria-label={`Copy ${name}`}>
                      Copy
                    </ButtonLink>
                    {!builtIn && (
                      <ButtonLink to={`/schools/${id}`} aria-label={`Change ${name}`}>
                        Change
                      </ButtonLink>
                    )}
                  </Row>
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>Where practitioners disagree</h2>
          <Table>
            <tbody>
              {disagreements.map(({ question, sides }) => (
                <tr key={question}>
                  <td style={{ width: '24%' }}>{question}</td>
                  <td>
                    {sides.map(({ says, schools: those }) => (
                      <p key={says}>
                        {says}{' '}
                        <Small>
                          ({those.map((id) => schools.find((school) => school.id === id)!.name).join(', ')})
                        </Small>
                      </p>
                    ))}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
          <Small>
            Breakpoints that hold for all schools stand under <Link to="/method">Method</Link>.
          </Small>
        </Stack>
      </Card>
    </Page>
  )
}
