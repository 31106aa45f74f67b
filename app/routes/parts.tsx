import { PartsSheet } from '#app/features/parts/PartsSheet.tsx'
import { Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/parts'

export const meta: Route.MetaFunction = () => [{ title: 'Parts of the interface · Plicator' }]

export default function Parts() {
  return (
    <Page>
      <Stack $gap={4}>
        <h1>Parts of the interface</h1>
        <Soft>Every part that pages are made of, in all its states: for those who build them.</Soft>
      </Stack>
      <PartsSheet />
    </Page>
  )
}
