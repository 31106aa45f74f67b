import { href } from 'react-router'
import { ImportUpload } from '#app/features/imports/ImportUpload.tsx'
import * as texts from '#app/texts/imports.ts'
import { Card, Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/import-new'

export const meta: Route.MetaFunction = () => [{ title: texts.importTitle }]

export default function NewImport() {
  return (
    <Page>
      <h1>{texts.importReadings}</h1>
      <Card>
        <Stack>
          <p>
            {texts.aCsvFileOneRowA} <a href={href('/export/readings.csv')}>{texts.theExport}</a>{' '}
            {texts.writesItFirstComesADry}
          </p>
          <ImportUpload />
        </Stack>
      </Card>
    </Page>
  )
}
