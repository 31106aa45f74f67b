import { findApplication } from '#app/data/applications.server.ts'
import { lineupTable } from '#app/data/lineup-table.server.ts'
import * as texts from '#app/texts/line-up.ts'
import { readPreferences } from './preferences.server.ts'
import type { Route } from './+types/lineup-csv'
import { download, found } from './http.server.ts'

/** The table of a line-up, in the units that are set. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), texts.thisLineUp)
  const { units } = await readPreferences(request)
  return download(await lineupTable(application, units), texts.lineUpCsv(application.name), 'text/csv')
}
