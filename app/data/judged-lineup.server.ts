import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { formatCall } from '#core/verdict/call.ts'
import { judge } from '#core/verdict/judgement.ts'
import { evaluateRevisions } from '#core/verdict/ranking.ts'
import type { Application } from './applications.server.ts'
import { today } from './clock.ts'
import { columnNames } from './column-name.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { lineupQuery } from './lineup-query.server.ts'

/** A line-up judged by the first school, for anybody, as the files that are saved of it say. */
export async function judgedLineup(application: Application) {
  const evaluation = await evaluateLineup(application, today())
  const { columns, rows, method, schools } = evaluation
  const [school] = schools
  const all = evaluateRevisions(application.form, columns, rows, effectiveCriteria(method, school))
  const judgement = judge(all)
  const { call } = judgement
  const said = call && school ? `${school.name}: ${formatCall(call, columnNames(columns))}` : ''
  return { ...evaluation, all, judgement, said }
}

/** Who is first in a line-up, in words. */
export const whoIsFirst = lineupQuery(
  'who is first',
  async (application: Application): Promise<string> => (await judgedLineup(application)).said,
)
