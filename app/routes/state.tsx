import { appState } from '#app/data/app-state.server.ts'
import { now } from '#app/data/clock.ts'
import { StateCards } from '#app/features/state/StateCards.tsx'
import { Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/state'

export const meta: Route.MetaFunction = () => [{ title: 'State of the app · Plicator' }]

export const loader = async () => ({ state: await appState(), now: now() })

export default function State({ loaderData: { state, now: present } }: Route.ComponentProps) {
  return (
    <Page>
      <Stack $gap={4}>
        <h1>State of the app</h1>
        <Soft>Where everything lies, how large it is, and what took long since Plicator was started.</Soft>
      </Stack>
      <StateCards state={state} now={present} />
    </Page>
  )
}
