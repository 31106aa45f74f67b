import { optionsAudit } from '#app/data/options-audit.server.ts'
import { kinSoon } from '#app/data/kin.server.ts'
import { AuditCard } from '#app/features/kin/AuditCard.tsx'
import { KinSoonView } from '#app/features/kin/KinSoonView.tsx'
import { FirstStepCard } from '#app/features/lineup/FirstStepCard.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/lineup-kin'
import { whenPathChanges } from './revalidation.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Kin · Plicator' }]

export async function loader({ params }: Route.LoaderArgs) {
  const [kin, options] = await Promise.all([kinSoon(), optionsAudit(params.application)])
  return { kin, options }
}

export const shouldRevalidate = whenPathChanges

export default function LineupKin({ loaderData: { kin, options } }: Route.ComponentProps) {
  const { application, firstStep } = useLineup()
  return (
    <Page>
      <LineupHead
        title={`Kin: ${application.name}`}
        subtitle="Which of its filters share parts with which, here and among all engines."
      />
      {firstStep ? (
        <FirstStepCard>
          Filters that share a shell, a valve or an element will stand here as families: it takes two with something
          recorded of each.
        </FirstStepCard>
      ) : (
        <KinSoonView kin={kin} engine={application.id} />
      )}
      <AuditCard options={options} engine={application.name} />
    </Page>
  )
}
