import type { Row } from '#core/compare/lineup.ts'
import { firstStep } from '#core/compare/first-step.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { canBeHad } from '#core/money/availability.ts'
import { availableCall } from '#core/verdict/available-call.ts'
import { drawChances, firstAnswerSettings } from '#core/verdict/judgement.ts'
import { evaluateRevisions } from '#core/verdict/ranking.ts'
import { findApplication, listApplicationNames, type Application } from './applications.server.ts'
import { today } from './clock.ts'
import { evaluateLineup, type LineupEvaluation } from './lineup-evaluation.server.ts'
import { lineupQuery } from './lineup-query.server.ts'
import { listProducts } from './products.server.ts'

/**
 * What all views of a line-up share; undefined when there is no such application.
 *
 * @param withAnswer whether it is judged, too, for a page that is drawn before a browser can judge it
 */
export const loadLineup = (id: string, withAnswer: boolean) => lineupOfDay(id, today(), withAnswer)

const lineupOfDay = lineupQuery('line-up', async (id: string, day: string, withAnswer: boolean) => {
  const application = await findApplication(id)
  if (!application) return undefined
  const [evaluation, applications] = await Promise.all([evaluateLineup(application, day), listApplicationNames(id)])
  return {
    application,
    applications,
    evaluation: textOf(evaluation),
    first: withAnswer ? firstAnswerOf(application, evaluation) : undefined,
    firstStep: await firstStepOf(id, evaluation),
  }
})

/** Rows that are the same as before were written before. */
const rowTexts = new WeakMap<Row, string>()

function rowText(row: Row): string {
  const text = rowTexts.get(row) ?? JSON.stringify(row)
  rowTexts.set(row, text)
  return text
}

/** Thousands of small cells: one text passes to the page ten times as fast as the objects do. */
const textOf = ({ rows, ...rest }: LineupEvaluation): string =>
  `{"rows":[${rows.map(rowText).join(',')}],${JSON.stringify(rest).slice(1)}`

/** Products are looked up where there is so little that it takes them to say what comes next. */
async function firstStepOf(application: string, { columns }: LineupEvaluation) {
  if (!firstStep([], columns)) return undefined
  const products = await listProducts(application)
  return firstStep(
    products.map(({ id, brand, partNumber }) => ({ id, name: `${brand} ${partNumber}` })),
    columns,
  )
}

/** The first answer by the first school, for anybody: what a page opens with before it draws itself. */
function firstAnswerOf({ form }: Application, { columns, rows, method, schools: [school] }: LineupEvaluation) {
  const all = evaluateRevisions(form, columns, rows, effectiveCriteria(method, school))
  const drawn = drawChances(all, firstAnswerSettings)
  const seen = new Map(columns.map(({ id, availability }) => [id, availability?.status]))
  return { school: school?.id, drawn, available: availableCall(all, drawn, (id) => canBeHad(seen.get(id))) }
}

export type LineupData = NonNullable<Awaited<ReturnType<typeof loadLineup>>>
