import { lineupCsv } from '#core/exchange/lineup-csv.ts'
import { formatMoney } from '#core/money/currency.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { assessApplication } from '#app/data/assessments.server.ts'
import { buildLineupColumns } from '#app/data/lineup.server.ts'
import { readPreferences } from './preferences.server.ts'
import { currentMethod } from '#app/data/schools.server.ts'
import { librarySpreads } from '#app/data/summaries.server.ts'
import type { Route } from './+types/lineup-csv'
import { download, found } from './http.server.ts'

/** The table of a line-up by the method in force, in the units that are set. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), 'This line-up')
  const [assessed, spreads, method] = await Promise.all([
    assessApplication(application.id),
    librarySpreads(),
    currentMethod(),
  ])
  const { columns, rows } = buildLineupColumns(assessed, effectiveCriteria(method), spreads)
  const heads = columns.map(({ name, revision, score, paid }) => ({
    name: revision ? `${name} (${revision})` : name,
    score: score.value === undefined ? '' : String(Math.round(score.value)),
    price: paid ? formatMoney(paid.minor, paid.currency) : '',
  }))
  const { units } = await readPreferences(request)
  return download(lineupCsv(heads, rows, units, method.version), `${application.name} line-up.csv`, 'text/csv')
}
