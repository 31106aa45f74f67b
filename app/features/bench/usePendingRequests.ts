import { useCallback, useEffect, useMemo } from 'react'
import { useRevalidator } from 'react-router'
import type { RequestFields } from '#app/features/outbox/act.ts'
import { isKeptCopy } from '#app/features/outbox/keep-offline.ts'
import { doAct, useOutbox, withdraw } from '#app/features/outbox/outbox.ts'

/**
 * What was done to a specimen and is not in what was loaded of it: what waits, and what was taken after the server
 * had begun to look it up; oldest first. And how to do more.
 */
export function usePendingRequests(specimenId: string, loadedAt: string) {
  const { acts, taken } = useOutbox()
  const { revalidate } = useRevalidator()
  const unseen = taken.filter(({ at }) => at >= loadedAt).length

  useEffect(() => {
    if (unseen > 0 || isKeptCopy()) void revalidate()
  }, [unseen, revalidate])

  const pending = useMemo(
    () =>
      [...taken.flatMap(({ act, at }) => (at >= loadedAt ? [act] : [])), ...acts]
        .filter(({ specimen, refusal }) => specimen === specimenId && refusal === undefined)
        .sort((a, b) => a.order - b.order)
        .map(({ fields }) => fields),
    [acts, taken, specimenId, loadedAt],
  )
  const refused = useMemo(
    () => acts.filter(({ specimen, refusal }) => specimen === specimenId && refusal !== undefined),
    [acts, specimenId],
  )
  const send = useCallback(
    (fields: RequestFields, picture?: File) => void doAct(specimenId, fields, picture),
    [specimenId],
  )
  /** Takes back what waits or is on its way; false when there is nothing left to take back. */
  const takeBack = useCallback(
    (intent: string, id: string): boolean => {
      const waiting = acts.find(({ fields }) => fields.intent === intent && fields.id === id)
      if (waiting) void withdraw(waiting)
      return waiting !== undefined
    },
    [acts],
  )
  return { pending, refused, send, takeBack }
}
