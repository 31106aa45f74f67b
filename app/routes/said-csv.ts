import { saidCsv } from '#core/exchange/said-csv.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { listSaid } from '#app/data/said-rows.server.ts'
import type { Route } from './+types/said-csv'
import { download, found } from './http.server.ts'

/** What was said beside the readings of a line-up. */
export async function loader({ params }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), 'This line-up')
  return download(saidCsv(await listSaid(application.id)), `${application.name} said.csv`, 'text/csv')
}
