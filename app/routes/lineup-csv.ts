import { lineupCsv } from '#core/exchange/lineup-csv.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { assessApplication } from '#app/data/assessments.server.ts'
import { librarySpreads, lineupOf } from '#app/data/lineup.server.ts'
import { sayMoney } from '#app/ui/money.ts'
import { readPreferences } from '#app/ui/preferences.ts'
import type { Route } from './+types/lineup-csv'
import { download, found } from './http.server.ts'

export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.lineup), 'This line-up')
  const { columns, rows } = lineupOf(await assessApplication(application.id), await librarySpreads())
  const heads = columns.map(({ name, revision, score, price }) => ({
    name: revision ? `${name} (${revision})` : name,
    score: score.value === undefined ? '' : String(Math.round(score.value)),
    price: price ? sayMoney(price.minor, price.currency) : '',
  }))
  return download(lineupCsv(heads, rows, readPreferences(request).units), `${application.name} line-up.csv`, 'text/csv')
}
