import { useState } from 'react'
import type { RequestFields } from '#app/features/outbox/act.ts'
import * as texts from '#app/texts/bench.ts'

/** What was done to a reading on this page. */
interface Step {
  kind: 'taken' | 'struck' | 'restored'
  id: string
}

/** Why a reading is struck that was taken back by undo. */
export const undone = texts.takenBackByUndo

/** Strikes and restores readings, and takes the last step back. */
export function useUndo(send: (fields: RequestFields) => void) {
  const [steps, setSteps] = useState<Step[]>([])
  const note = (step: Step) => setSteps((before) => [...before, step])
  const strike = (id: string, why = '') => {
    send({ intent: 'strike', id, ...(why !== '' && { why }) })
    note({ kind: 'struck', id })
  }
  const restore = (id: string) => {
    send({ intent: 'restore', id })
    note({ kind: 'restored', id })
  }
  /** Takes the last step back and says what became of the reading; undefined when there is none. */
  const undo = (): string | undefined => {
    const last = steps.at(-1)
    if (!last) return undefined
    setSteps((before) => before.slice(0, -1))
    send(last.kind === 'struck' ? { intent: 'restore', id: last.id } : { intent: 'strike', id: last.id, why: undone })
    return last.kind === 'struck' ? texts.theReadingIsBack : texts.theReadingIsStruck
  }
  return { strike, restore, undo, noteTaken: (id: string) => note({ kind: 'taken', id }) }
}
