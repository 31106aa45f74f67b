import { figuresCsv } from '#core/exchange/figures-table.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { listFigures } from '#app/data/exports.server.ts'
import { whoIsFirst } from '#app/data/judged-lineup.server.ts'
import type { Route } from './+types/export-figures'
import { download, found } from './http.server.ts'

/** All figures of a line-up, as JSON or CSV. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), 'This line-up')
  const figures = await listFigures(application.id)
  if (!new URL(request.url).pathname.endsWith('.json'))
    return download(figuresCsv(figures), `${application.name} figures.csv`, 'text/csv')
  const said = await whoIsFirst(application)
  const json = JSON.stringify({ application: application.name, 'who is first': said, figures }, null, 1)
  return download(json, `${application.name} figures.json`, 'application/json')
}
