import { characteristicOf } from '#core/catalogue/index.ts'
import { loadValue } from '#app/data/value-page.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { CharacteristicDetail } from '#app/features/specimen/CharacteristicDetail.tsx'
import { FigureDetail } from '#app/features/specimen/FigureDetail.tsx'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import { useSpecimen } from '#app/features/specimen/useSpecimen.ts'
import { Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/value'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [{ title: `${loaderData?.label ?? 'Value'} · Plicator` }]

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  return found(await loadValue(specimen, params.key), 'This characteristic or figure')
}

export default function ValuePage({ loaderData }: Route.ComponentProps) {
  const specimen = useSpecimen()
  return (
    <Page>
      <Stack $gap={4}>
        <SpecimenTrail specimen={specimen} />
        <h1>{loaderData.label}</h1>
      </Stack>
      {loaderData.kind === 'figure' ? (
        <FigureDetail
          figureKey={loaderData.key}
          specimen={specimen}
          spread={loaderData.spread}
          result={loaderData.result}
          inputs={loaderData.inputs}
        />
      ) : (
        <CharacteristicDetail
          characteristic={characteristicOf(loaderData.key)}
          specimen={specimen}
          spread={loaderData.spread}
          readings={loaderData.readings}
          resolved={loaderData.resolved}
        />
      )}
    </Page>
  )
}
