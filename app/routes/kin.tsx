import { kinSoon } from '#app/data/kin.server.ts'
import { KinSoonView } from '#app/features/kin/KinSoonView.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import * as texts from '#app/texts/kin.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/kin'
import { whenPathChanges } from './revalidation.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.kinTitle }]

export const loader = () => kinSoon()

export const shouldRevalidate = whenPathChanges

const Kin = ({ loaderData }: Route.ComponentProps) => (
  <Page>
    <LineupHead title={texts.kin} subtitle={texts.whichFiltersShareAShellA} />
    <KinSoonView kin={loaderData} />
  </Page>
)

export default Kin
