import { saidCsv } from '#core/exchange/said-csv.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { listSaid } from '#app/data/said-rows.server.ts'
import * as texts from '#app/texts/said-table.ts'
import type { Route } from './+types/said-csv'
import { download, found } from './http.server.ts'

/** What was said beside the readings of a line-up. */
export async function loader({ params }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), texts.thisLineUp)
  return download(saidCsv(await listSaid(application.id)), texts.saidCsv(application.name), 'text/csv')
}
