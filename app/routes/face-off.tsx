import { usablePoints } from '#core/claims/bounds.ts'
import { assessApplication } from '#app/data/assessments.server.ts'
import { claimOverview } from '#app/data/claim-overview.server.ts'
import { lineupQuery } from '#app/data/lineup-query.server.ts'
import { drawingData } from '#app/drawing/data.ts'
import { FaceOffView } from '#app/features/faceoff/FaceOffView.tsx'
import { useFacing } from '#app/features/faceoff/useFacing.ts'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { useEvaluation } from '#app/features/verdict/useEvaluation.ts'
import { Card, Page, Soft } from '#app/ui/layout.tsx'
import type { Route } from './+types/face-off'
import { whenPathChanges } from './revalidation.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Face-off · Plicator' }]

/** Drawings by specimen, and the points of the claims that count by product. */
const facing = lineupQuery('face-off', async (application: string) => {
  const [assessed, { products }] = await Promise.all([assessApplication(application), claimOverview(application)])
  return {
    drawings: Object.fromEntries(
      assessed.map(({ specimen, assessment }) => [specimen.id, drawingData(specimen.form, assessment.values)]),
    ),
    points: Object.fromEntries(products.map(({ id, claims }) => [id, usablePoints(claims)])),
  }
})

export const loader = ({ params: { application } }: Route.LoaderArgs) => facing(application)

export const shouldRevalidate = whenPathChanges

export default function FaceOff({ loaderData: { drawings, points } }: Route.ComponentProps) {
  const { application } = useLineup()
  const judged = useEvaluation()
  const facing = useFacing(judged)
  return (
    <Page>
      <LineupHead
        title={`Face-off: ${application.name}`}
        subtitle="Two filters, part by part: who takes it, by how much, and what is too close to call."
        view="/lineups/:application/face-off"
      />
      {facing ? (
        <FaceOffView judged={judged} facing={facing} drawings={drawings} points={points} />
      ) : (
        <Card>
          <Soft>A face-off takes two filters with something recorded. Put a second one on the bench.</Soft>
        </Card>
      )}
    </Page>
  )
}
