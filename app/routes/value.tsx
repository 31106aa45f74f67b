import { loadValue } from '#app/data/value-page.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import { ValueDetail } from '#app/features/specimen/ValueDetail.tsx'
import * as texts from '#app/texts/specimen.ts'
import { Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/value'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: texts.titleOfLabel(loaderData?.label ?? texts.value) },
]

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), texts.thisSpecimen)
  return { specimen, ...found(await loadValue(specimen, params.key), texts.thisCharacteristicOrFigure) }
}

const ValuePage = ({ loaderData }: Route.ComponentProps) => (
  <Page>
    <Stack $gap={4}>
      <SpecimenTrail specimen={loaderData.specimen} />
      <h1>{loaderData.label}</h1>
    </Stack>
    <ValueDetail value={loaderData} />
  </Page>
)

export default ValuePage
