import { href } from 'react-router'
import { refusalText, type ActionResult } from '#app/features/forms/action-result.ts'
import * as texts from '#app/texts/outbox.ts'
import type { Act, RequestFields } from './act.ts'

/** What the server said to an act: taken, refused with a reason, or nothing that can be relied on. */
export type Answer =
  { kind: 'taken'; at: string } | { kind: 'refused'; because: string } | { kind: 'none'; because: string }

/** Taken, refused with a reason, or too large. */
const answers = new Set([200, 413, 422])

/** So long an answer is waited for, in milliseconds. */
const longestAnswer = 30_000

/**
 * Sends an act until it is given up, or was waited for too long. Only an answer of the application itself counts;
 * anything else is no answer.
 */
export async function sendAct({ specimen, fields, picture }: Act, giveUp: AbortController): Promise<Answer> {
  const tooLong = setTimeout(() => giveUp.abort(), longestAnswer)
  try {
    const response = await fetch(picture ? pictureAddress(specimen, fields, picture) : actsAddress(specimen), {
      method: texts.post,
      body: picture ?? new URLSearchParams(fields),
      ...(picture && { headers: { 'Content-Type': 'application/octet-stream' } }),
      signal: giveUp.signal,
    })
    if (!answers.has(response.status))
      return { kind: 'none', because: texts.theServerAnswersWithAFault(response.status) }
    const result = (await response.json()) as ActionResult<{ takenAt: string }>
    if (result.ok === true) return { kind: 'taken', at: result.takenAt }
    if (result.ok === false) return { kind: 'refused', because: result.problem?.message ?? refusalText(result) }
    return { kind: 'none', because: texts.theServerGivesNoAnswerThat }
  } catch {
    return { kind: 'none', because: texts.thereIsNoConnectionToPlicator }
  } finally {
    clearTimeout(tooLong)
  }
}

const actsAddress = (specimen: string): string => href('/bench/:specimen/acts', { specimen })

function pictureAddress(specimen: string, { id = '', part = '' }: RequestFields, picture: File): string {
  const about = new URLSearchParams({ id, part, name: picture.name })
  return `${href('/specimens/:specimen/photos', { specimen })}?${about}`
}
