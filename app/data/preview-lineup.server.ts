import type { Application } from './applications.server.ts'
import { today } from './clock.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { lineupQuery } from './lineup-query.server.ts'

/** A line-up on which a change of weights is tried out; none when there is no application yet. */
export const previewLineup = async (application: Application | undefined): Promise<PreviewLineup | undefined> =>
  application && preview(application)

const preview = lineupQuery('preview', async (application: Application) => {
  const { id, name, form } = application
  return { id, name, form, evaluation: JSON.stringify(await evaluateLineup(application, today())) }
})

export interface PreviewLineup extends Pick<Application, 'id' | 'name' | 'form'> {
  /** As text, since it is large. */
  evaluation: string
}
