import { href } from 'react-router'
import { refusalText, type ActionResult } from '#app/features/forms/action-result.ts'
import type { Act, RequestFields } from './act.ts'

/** What the server said to an act: taken, refused with a reason, or nothing that can be relied on. */
export type Answer =
  { kind: 'taken'; at: string } | { kind: 'refused'; because: string } | { kind: 'none'; because: string }

/** So long an answer is waited for, in milliseconds. */
const longestAnswer = 30_000

/** Sends an act. Only an answer of the application itself counts; anything else is no answer. */
export async function sendAct({ specimen, fields, picture }: Act): Promise<Answer> {
  try {
    const address = picture ? '/specimens/:specimen/photos' : '/bench/:specimen/acts'
    const response = await fetch(href(address, { specimen }), {
      method: 'POST',
      body: picture ? pictureForm(fields, picture) : new URLSearchParams(fields),
      signal: AbortSignal.timeout(longestAnswer),
    })
    if (response.status !== 200 && response.status !== 422)
      return { kind: 'none', because: `The server answers with a fault (${response.status}).` }
    const result = (await response.json()) as ActionResult<{ takenAt: string }>
    if (result.ok === true) return { kind: 'taken', at: result.takenAt }
    if (result.ok === false) return { kind: 'refused', because: result.problem?.message ?? refusalText(result) }
    return { kind: 'none', because: 'The server gives no answer that can be read.' }
  } catch {
    return { kind: 'none', because: 'There is no connection to Plicator.' }
  }
}

function pictureForm({ id = '', part = '' }: RequestFields, picture: File): FormData {
  const form = new FormData()
  form.set('id', id)
  form.set('part', part)
  form.set('picture', picture, picture.name)
  return form
}
