import { loadValue } from '#app/data/value-page.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import { ValueDetail } from '#app/features/specimen/ValueDetail.tsx'
import { Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/value'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [{ title: `${loaderData?.label ?? 'Value'} · Plicator` }]

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  return { specimen, ...found(await loadValue(specimen, params.key), 'This characteristic or figure') }
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
