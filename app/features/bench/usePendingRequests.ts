import { useCallback, useEffect, useMemo } from 'react'
import { useRevalidator } from 'react-router'
import type { RequestFields } from '#app/features/outbox/act.ts'
import { doAct, useOutbox } from '#app/features/outbox/outbox.ts'

/**
 * What was done to a specimen and is not in what was loaded of it: what waits, and what was taken after it was asked
 * for; oldest first. And how to do more.
 */
export function usePendingRequests(specimenId: string, requestedAt: number) {
  const { acts, taken } = useOutbox()
  const { revalidate } = useRevalidator()
  const unseen = taken.filter(({ at }) => at > requestedAt).length

  useEffect(() => {
    if (unseen > 0) void revalidate()
  }, [unseen, revalidate])

  const pending = useMemo(
    () =>
      [...taken.flatMap(({ act, at }) => (at > requestedAt ? [act] : [])), ...acts]
        .filter(({ specimen, refusal }) => specimen === specimenId && refusal === undefined)
        .sort((a, b) => a.order - b.order)
        .map(({ fields }) => fields),
    [acts, taken, specimenId, requestedAt],
  )
  const refused = useMemo(
    () => acts.filter(({ specimen, refusal }) => specimen === specimenId && refusal !== undefined),
    [acts, specimenId],
  )
  const send = useCallback((fields: RequestFields) => void doAct(specimenId, fields), [specimenId])
  return { pending, refused, send }
}
