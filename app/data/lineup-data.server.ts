import { findApplication, listApplications } from './applications.server.ts'
import { today } from './clock.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { cachedQuery } from './query-cache.server.ts'

/** What all views of a line-up share; undefined when there is no such application. */
export function loadLineup(id: string) {
  return cachedQuery(`line-up ${id} ${today()}`, async () => {
    const application = await findApplication(id)
    if (!application) return undefined
    const [evaluation, applications] = await Promise.all([evaluateLineup(application, today()), listApplications()])
    return {
      application,
      applications: applications.map(({ id: other, name }) => ({ id: other, name })),
      // Thousands of small cells: one string passes to the page ten times as fast as the objects do.
      evaluation: JSON.stringify(evaluation),
    }
  })
}

export type LineupData = NonNullable<Awaited<ReturnType<typeof loadLineup>>>
