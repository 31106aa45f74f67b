import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { nextReadings, type NextReading } from '#core/verdict/next-reading.ts'
import { evaluateRevisions } from '#core/verdict/ranking.ts'
import { findApplication } from './applications.server.ts'
import { today } from './clock.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { lineupQuery } from './lineup-query.server.ts'
import type { Specimen } from './specimens.server.ts'

/** So many are proposed at the bench. */
const proposed = 3

/** The open readings of a specimen's product that would settle most of its line-up, by the first school. */
export const nextAnswers = async ({ applicationId, revisionId }: Specimen): Promise<NextReading[]> =>
  (await nextOfLineup(applicationId, today()))
    .filter(({ column, readings }) => column === revisionId && readings.length > 0)
    .slice(0, proposed)

const nextOfLineup = lineupQuery('next readings', async (id: string, day: string) => {
  const application = await findApplication(id)
  if (!application) return []
  const { columns, rows, method, schools } = await evaluateLineup(application, day)
  return nextReadings(evaluateRevisions(application.form, columns, rows, effectiveCriteria(method, schools[0])), rows)
})
