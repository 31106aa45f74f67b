import { lineupCsv } from '#core/exchange/lineup-csv.ts'
import { columnName } from '#app/data/column-name.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { judgedLineup } from '#app/data/judged-lineup.server.ts'
import { lineupFacts } from '#app/data/lineup-facts.server.ts'
import { readPreferences } from './preferences.server.ts'
import type { Route } from './+types/lineup-csv'
import { download, found } from './http.server.ts'

/** The table of a line-up by the method and the first school in force, in the units that are set. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), 'This line-up')
  const judged = await judgedLineup(application)
  const { units } = await readPreferences(request)
  const csv = lineupCsv(judged.columns.map(columnName), lineupFacts(judged), judged.rows, units)
  return download(csv, `${application.name} line-up.csv`, 'text/csv')
}
