import { assessSpecimen } from '#app/data/assessments.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { FindingList } from '#app/features/specimen/FindingList.tsx'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import { useSpecimen } from '#app/features/specimen/useSpecimen.ts'
import * as texts from '#app/texts/findings.ts'
import { Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/findings'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.contradictionsTitle }]

export async function loader({ params }: Route.LoaderArgs) {
  const { findings } = await assessSpecimen(found(await findSpecimen(params.specimen), texts.thisSpecimen))
  return { findings }
}

export default function Findings({ loaderData: { findings } }: Route.ComponentProps) {
  const specimen = useSpecimen()
  return (
    <Page>
      <Stack $gap={4}>
        <SpecimenTrail specimen={specimen} />
        <h1>{texts.contradictions}</h1>
        <p>{texts.readingsThatCannotAllBeRight}</p>
      </Stack>
      {findings.length === 0 ? (
        <p>{texts.noneWhatIsRecordedAgreesWith}</p>
      ) : (
        <FindingList findings={findings} specimen={specimen.id} />
      )}
    </Page>
  )
}
