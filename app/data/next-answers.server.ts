import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { nextAnswers, type NextAnswer } from '#core/verdict/next-answers.ts'
import { nextReadings } from '#core/verdict/next-reading.ts'
import { evaluateRevisions } from '#core/verdict/ranking.ts'
import { findApplication } from './applications.server.ts'
import { today } from './clock.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { lineupQuery } from './lineup-query.server.ts'
import type { Specimen } from './specimens.server.ts'

/** So many are proposed at the bench. */
const proposed = 3

/** The open readings of a specimen's product that are worth most, by the first school. */
export const nextAnswersOf = ({ applicationId, revisionId }: Specimen): Promise<NextAnswer[]> =>
  answersInLineup(applicationId, revisionId, today())

const answersInLineup = lineupQuery('next answers', async (id: string, revision: string, day: string) => {
  const application = await findApplication(id)
  if (!application) return []
  const { columns, rows, method, schools } = await evaluateLineup(application, day)
  const evaluated = evaluateRevisions(application.form, columns, rows, effectiveCriteria(method, schools[0]))
  return (nextAnswers(evaluated, rows, nextReadings(evaluated, rows)).get(revision) ?? [])
    .filter(({ readings }) => readings.length > 0)
    .slice(0, proposed)
})
