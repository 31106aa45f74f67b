import { lineupCsv } from '#core/exchange/lineup-csv.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Application } from './applications.server.ts'
import { columnName } from './column-name.ts'
import { judgedLineup } from './judged-lineup.server.ts'
import { lineupFacts } from './lineup-facts.server.ts'
import { lineupQuery } from './lineup-query.server.ts'

/** The table of a line-up by the method and the first school in force, as CSV. */
export const lineupTable = lineupQuery('line-up as a table', async (application: Application, units: UnitHabit) => {
  const judged = await judgedLineup(application)
  return lineupCsv(judged.columns.map(columnName), lineupFacts(judged), judged.rows, units)
})
