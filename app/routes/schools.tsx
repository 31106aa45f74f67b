import { href } from 'react-router'
import { listSchools } from '#app/data/schools.server.ts'
import { DisagreementsCard } from '#app/features/method/DisagreementsCard.tsx'
import { SchoolTable } from '#app/features/method/SchoolTable.tsx'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Page, Row, Soft, Stack } from '#app/ui/layout.tsx'
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
      <Row>
        <ButtonLink to={href('/schools/by-question')} $kind="primary">
          Make one by question
        </ButtonLink>
        <ButtonLink to={href('/schools/side-by-side')}>Side by side</ButtonLink>
      </Row>
      <Card>
        <SchoolTable schools={schools} />
      </Card>
      <DisagreementsCard schools={schools} />
    </Page>
  )
}
