import { findApplication } from '#app/data/applications.server.ts'
import { streamReadings } from '#app/data/exports.server.ts'
import { listAllSpecimens, listSpecimens } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/imports.ts'
import type { Route } from './+types/export-readings'
import { download, found } from './http.server.ts'

/** All readings, or those of one line-up. */
export async function loader({ params }: Route.LoaderArgs) {
  if (!params.application)
    return download(streamReadings(await listAllSpecimens()), texts.plicatorReadingsCsv, 'text/csv')
  const application = found(await findApplication(params.application), texts.thisLineUp)
  return download(streamReadings(await listSpecimens(application.id)), texts.readingsCsv(application.name), 'text/csv')
}
