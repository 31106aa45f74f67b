import { optionsAudit } from '#app/data/options-audit.server.ts'
import { kinSoon } from '#app/data/kin.server.ts'
import { AuditCard } from '#app/features/kin/AuditCard.tsx'
import { KinSoonView } from '#app/features/kin/KinSoonView.tsx'
import { FirstStepCard } from '#app/features/lineup/FirstStepCard.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/kin.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/lineup-kin'
import { whenPathChanges } from './revalidation.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.kinTitle }]

export async function loader({ params }: Route.LoaderArgs) {
  const [kin, options] = await Promise.all([kinSoon(), optionsAudit(params.application)])
  return { kin, options }
}

export const shouldRevalidate = whenPathChanges

export default function LineupKin({ loaderData: { kin, options } }: Route.ComponentProps) {
  const { application, firstStep } = useLineup()
  return (
    <Page>
      <LineupHead title={texts.kinOfName(application.name)} subtitle={texts.whichOfItsFiltersShareParts} />
      {firstStep ? (
        <FirstStepCard>{texts.filtersThatShareAShellAValveOr}</FirstStepCard>
      ) : (
        <KinSoonView kin={kin} engine={application.id} />
      )}
      <AuditCard options={options} engine={application.name} />
    </Page>
  )
}
