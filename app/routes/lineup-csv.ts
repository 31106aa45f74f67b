import { lineupCsv } from '#core/exchange/lineup-csv.ts'
import { formatMoney } from '#core/money/currency.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { judgedLineup } from '#app/data/judged-lineup.server.ts'
import { readPreferences } from './preferences.server.ts'
import type { Route } from './+types/lineup-csv'
import { download, found } from './http.server.ts'

/** The table of a line-up by the method and the first school in force, in the units that are set. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), 'This line-up')
  const { columns, rows, method, judgement, said } = await judgedLineup(application)
  const heads = columns.map(({ id, name, revision, paid }) => {
    const judged = judgement.ranked.find((one) => one.id === id)
    return {
      name: revision ? `${name} (${revision})` : name,
      score: judged?.chances.mean.toFixed(0) ?? '',
      chance: judged?.chance.toFixed(3) ?? '',
      price: paid ? formatMoney(paid.minor, paid.currency) : '',
    }
  })
  const { units } = await readPreferences(request)
  return download(lineupCsv(heads, rows, units, method.version, said), `${application.name} line-up.csv`, 'text/csv')
}
