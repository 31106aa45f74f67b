import { figuresCsv } from '#core/exchange/figures-table.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { listFigures } from '#app/data/exports.server.ts'
import { listSpecimens } from '#app/data/specimens.server.ts'
import type { Route } from './+types/export-figures'
import { download, found } from './http.server.ts'

/** All figures of a line-up, as JSON or CSV. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.lineup), 'This line-up')
  const rows = await listFigures(await listSpecimens(application.id))
  if (new URL(request.url).pathname.endsWith('.json'))
    return download(
      JSON.stringify({ application: application.name, figures: rows }, null, 1),
      `${application.name} figures.json`,
      'application/json',
    )
  return download(figuresCsv(rows), `${application.name} figures.csv`, 'text/csv')
}
