import type { Application } from './applications.server.ts'
import { today } from './clock.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'

/** A line-up on which a change of weights is tried out; none when there is no application yet. */
export async function previewLineup(application: Application | undefined) {
  if (!application) return undefined
  const { id, name, form } = application
  return { id, name, form, evaluation: JSON.stringify(await evaluateLineup(application, today())) }
}

export type PreviewLineup = NonNullable<Awaited<ReturnType<typeof previewLineup>>>
