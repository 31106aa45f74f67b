import { useRouteLoaderData } from 'react-router'
import type { LineupData } from '#app/data/lineup-data.server.ts'
import type { LineupEvaluation } from '#app/data/lineup-evaluation.server.ts'

/** So many are kept as they were parsed: a server draws pages of several line-ups in turn. */
const mostKept = 3
const parsed = new Map<string, LineupEvaluation>()

/** The evaluation that was sent as text, parsed once for all views. */
function parseOnce(text: string): LineupEvaluation {
  const evaluation = parsed.get(text) ?? (JSON.parse(text) as LineupEvaluation)
  // What was asked for last stands last.
  parsed.delete(text)
  parsed.set(text, evaluation)
  for (const oldest of parsed.keys()) if (parsed.size > mostKept) parsed.delete(oldest)
  return evaluation
}

/** The line-up that the page is about: its application, the others, and all that is judged of it. */
export function useLineup() {
  const lineup = useRouteLoaderData<LineupData>('routes/lineup-layout')
  if (!lineup) throw new Error('This page does not belong to a line-up')
  const { evaluation, ...rest } = lineup
  return { ...rest, evaluation: parseOnce(evaluation), evaluationText: evaluation }
}
