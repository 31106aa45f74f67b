import { useRouteLoaderData } from 'react-router'
import type { LineupData } from '#app/data/lineup-data.server.ts'
import type { LineupEvaluation } from '#app/data/lineup-evaluation.server.ts'

let latest: { text: string; evaluation: LineupEvaluation } | undefined

/** The evaluation that was sent as text, parsed once for all views. */
function parseOnce(text: string): LineupEvaluation {
  if (latest?.text !== text) latest = { text, evaluation: JSON.parse(text) as LineupEvaluation }
  return latest.evaluation
}

/** The line-up that the page is about: its application, the others, and all that is judged of it. */
export function useLineup() {
  const lineup = useRouteLoaderData<LineupData>('routes/lineup-layout')
  if (!lineup) throw new Error('This page does not belong to a line-up')
  const { evaluation, ...rest } = lineup
  return { ...rest, evaluation: parseOnce(evaluation), evaluationText: evaluation }
}
