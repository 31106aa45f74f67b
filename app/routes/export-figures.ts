import { figuresCsv } from '#core/exchange/figures-table.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { listFigures } from '#app/data/exports.server.ts'
import { whoIsFirst } from '#app/data/judged-lineup.server.ts'
import * as texts from '#app/texts/imports.ts'
import type { Route } from './+types/export-figures'
import { download, found } from './http.server.ts'

/** All figures of a line-up, as JSON or CSV. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), texts.thisLineUp)
  const figures = await listFigures(application.id)
  if (!new URL(request.url).pathname.endsWith('.json'))
    return download(figuresCsv(figures), texts.figuresCsv(application.name), 'text/csv')
  const said = await whoIsFirst(application)
  const json = JSON.stringify({ application: application.name, 'who is first': said, figures }, null, 1)
  return download(json, texts.figuresJson(application.name), 'application/json')
}
