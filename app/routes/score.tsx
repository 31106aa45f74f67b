import { vetoCap } from '#core/score/score.ts'
import { assessSpecimen } from '#app/data/assessments.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { Ledger } from '#app/features/verdict/Ledger.tsx'
import { Alert, Card, Page, Stack } from '#app/ui/layout.tsx'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import type { Route } from './+types/score'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Construction score · Plicator' }]

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const { score } = await assessSpecimen(specimen)
  return { specimen, score }
}

export default function ScorePage({ loaderData: { specimen, score } }: Route.ComponentProps) {
  return (
    <Page>
      <Stack $gap={4}>
        <SpecimenTrail specimen={specimen} />
        <h1>Construction score {score.value === undefined ? 'not known' : `${Math.round(score.value)} of 100`}</h1>
        <p>
          {score.coverage < 1 &&
            `${Math.round(score.coverage * 100)} % of the weight rests on evidence; what is missing leaves it anywhere from ${Math.round(score.low)} to ${Math.round(score.high)}. `}
          A judgement of construction, not a filtration test.
        </p>
        {score.vetoes.map(({ key, because }) => (
          <Alert key={key}>
            Capped at {vetoCap}: {because}. Open a second specimen before publishing it as a pattern.
          </Alert>
        ))}
      </Stack>
      <Card>
        <Ledger lines={score.lines} linkOf={(from) => `/specimens/${specimen.id}/values/${from}`} />
      </Card>
    </Page>
  )
}
