import { findApplication } from '#app/data/applications.server.ts'
import { lineupTable } from '#app/data/lineup-table.server.ts'
import { readPreferences } from './preferences.server.ts'
import type { Route } from './+types/lineup-csv'
import { download, found } from './http.server.ts'

/** The table of a line-up, in the units that are set. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), 'This line-up')
  const { units } = await readPreferences(request)
  return download(await lineupTable(application, units), `${application.name} line-up.csv`, 'text/csv')
}
