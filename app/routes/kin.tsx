import { kinOverview } from '#app/data/kin.server.ts'
import { KinView } from '#app/features/kin/KinView.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/kin'
import { whenPathChanges } from './revalidation.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Kin · Plicator' }]

export const loader = () => kinOverview()

export const shouldRevalidate = whenPathChanges

const Kin = ({ loaderData }: Route.ComponentProps) => (
  <Page>
    <LineupHead title="Kin" subtitle="Which filters share a shell, a valve or an element, over all engines." />
    <KinView {...loaderData} />
  </Page>
)

export default Kin
