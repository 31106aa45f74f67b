import { useState } from 'react'
import type { Refusal } from './action-result.ts'
import { useAction } from './useAction.ts'

/** A form among others on its page. */
export interface FreshForm {
  Form: ReturnType<typeof useAction>['Form']
  id: string
  refusal: Refusal | undefined
}

/**
 * A form among others on its page. It keeps its id, and what is typed into it, until it was taken itself: what is done
 * elsewhere on the page gives new ids to all of them.
 *
 * @param newest id that the page was given last
 */
export function useFreshForm(newest: string): FreshForm {
  const { Form, result, isTaken } = useAction()
  const [id, setId] = useState(newest)
  const added = isTaken ? (result as { added?: string }).added : undefined
  if (added === id && newest !== id) setId(newest)
  return { Form, id, refusal: result?.ok === false ? result : undefined }
}
