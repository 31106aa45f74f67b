import { appState } from '#app/data/app-state.server.ts'
import { now } from '#app/data/clock.ts'
import { StateCards } from '#app/features/state/StateCards.tsx'
import * as texts from '#app/texts/house.ts'
import { Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/state'

export const meta: Route.MetaFunction = () => [{ title: texts.stateOfTheAppTitle }]

export const loader = async () => ({ state: await appState(), now: now() })

export default function State({ loaderData: { state, now: present } }: Route.ComponentProps) {
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.stateOfTheApp}</h1>
        <Soft>{texts.whereEverythingLiesHowLargeIt}</Soft>
      </Stack>
      <StateCards state={state} now={present} />
    </Page>
  )
}
