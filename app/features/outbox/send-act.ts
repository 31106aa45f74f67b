import { href } from 'react-router'
import { refusalText, type ActionResult } from '#app/features/forms/action-result.ts'
import type { Act } from './act.ts'

/** What the server said to an act: taken, refused with a reason, or nothing that can be relied on. */
export type Answer = { kind: 'taken' } | { kind: 'refused'; because: string } | { kind: 'none'; because: string }

/** So long an answer is waited for, in milliseconds. */
const longestAnswer = 30_000

/** Sends an act. Only an answer of the application itself counts; anything else is no answer. */
export async function sendAct({ specimen, fields }: Act): Promise<Answer> {
  try {
    const response = await fetch(href('/bench/:specimen/acts', { specimen }), {
      method: 'POST',
      body: new URLSearchParams(fields),
      signal: AbortSignal.timeout(longestAnswer),
    })
    if (response.status !== 200 && response.status !== 422)
      return { kind: 'none', because: `The server answers with a fault (${response.status}).` }
    const result = (await response.json()) as ActionResult
    if (result.ok === true) return { kind: 'taken' }
    if (result.ok === false) return { kind: 'refused', because: result.problem?.message ?? refusalText(result) }
    return { kind: 'none', because: 'The server gives no answer that can be read.' }
  } catch {
    return { kind: 'none', because: 'There is no connection to Plicator.' }
  }
}
