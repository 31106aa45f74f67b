import { href } from 'react-router'
import { listSchools } from '#app/data/schools.server.ts'
import { DisagreementsCard } from '#app/features/method/DisagreementsCard.tsx'
import { SchoolTable } from '#app/features/method/SchoolTable.tsx'
import * as texts from '#app/texts/schools.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Page, Row, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/schools'

export const meta: Route.MetaFunction = () => [{ title: texts.schoolsTitle }]

export const loader = async () => ({ schools: await listSchools() })

export default function Schools({ loaderData: { schools } }: Route.ComponentProps) {
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.schools}</h1>
        <Soft>{texts.tasteIsDataEachSchoolIs}</Soft>
      </Stack>
      <Row>
        <ButtonLink to={href('/schools/by-question')} $kind="primary">
          {texts.makeOneByQuestion}
        </ButtonLink>
        <ButtonLink to={href('/schools/side-by-side')}>{texts.sideBySide}</ButtonLink>
      </Row>
      <Card>
        <SchoolTable schools={schools} />
      </Card>
      <DisagreementsCard schools={schools} />
    </Page>
  )
}
