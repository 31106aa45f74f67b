import { findApplication, listApplicationNames } from './applications.server.ts'
import { today } from './clock.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { lineupQuery } from './lineup-query.server.ts'

/** What all views of a line-up share; undefined when there is no such application. */
export const loadLineup = (id: string) => lineupOfDay(id, today())

const lineupOfDay = lineupQuery('line-up', async (id: string, day: string) => {
  const application = await findApplication(id)
  if (!application) return undefined
  const [evaluation, applications] = await Promise.all([evaluateLineup(application, day), listApplicationNames(id)])
  return {
    application,
    applications,
    // Thousands of small cells: one string passes to the page ten times as fast as the objects do.
    evaluation: JSON.stringify(evaluation),
  }
})

export type LineupData = NonNullable<Awaited<ReturnType<typeof loadLineup>>>
