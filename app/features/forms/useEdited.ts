import { useState } from 'react'
import type { ActionResult } from './action-result.ts'

/** Which thing of a list is being changed; once a change is taken, none is. */
export function useEdited<Thing>(result: ActionResult | undefined) {
  const [edited, edit] = useState<Thing>()
  const [seen, setSeen] = useState(result)
  if (seen !== result) {
    setSeen(result)
    if (result?.ok) edit(undefined)
  }
  return [edited, edit] as const
}
