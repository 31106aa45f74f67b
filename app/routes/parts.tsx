import { PartsSheet } from '#app/features/parts/PartsSheet.tsx'
import * as texts from '#app/texts/house.ts'
import { Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/parts'

export const meta: Route.MetaFunction = () => [{ title: texts.partsOfTheInterfaceTitle }]

export default function Parts() {
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.partsOfTheInterface}</h1>
        <Soft>{texts.everyPartThatPagesAreMade}</Soft>
      </Stack>
      <PartsSheet />
    </Page>
  )
}
