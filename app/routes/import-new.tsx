import { href } from 'react-router'
import { ImportUpload } from '#app/features/imports/ImportUpload.tsx'
import { Card, Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/import-new'

export const meta: Route.MetaFunction = () => [{ title: 'Import · Plicator' }]

export default function NewImport() {
  return (
    <Page>
      <h1>Import readings</h1>
      <Card>
        <Stack>
          <p>
            A CSV file, one row a reading, as <a href={href('/export/readings.csv')}>the export</a> writes it. First
            comes a dry run that says what would become of every row; nothing is written until you say so, and then all
            or nothing. A table of your own making comes in by “Bring your table” on its line-up. A data package, as a
            line-up writes it, comes in whole: engine, products, claims and prices with the readings.
          </p>
          <ImportUpload />
        </Stack>
      </Card>
    </Page>
  )
}
