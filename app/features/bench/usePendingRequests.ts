import { useCallback, useMemo, useState } from 'react'
import { href, useFetchers, useSubmit } from 'react-router'
import type { Problem } from '#core/result.ts'
import type { ActionResult } from '#app/features/forms/action-result.ts'
import { useOutbox, wasRefused, type RequestFields } from './outbox.ts'

/** What this page asked of the server and has no answer to yet, oldest first; and what was refused. */
export function usePendingRequests(specimenId: string) {
  const submit = useSubmit()
  const fetchers = useFetchers()
  const outbox = useOutbox()
  /** Readings taken on this page: they are there at once and stay, however the answers overtake each other. */
  const [taken, setTaken] = useState<RequestFields[]>([])
  const action = href('/bench/:specimen', { specimen: specimenId })

  const pending = useMemo(() => {
    const kept = outbox.filter((one) => one.specimen === specimenId).map(({ fields }) => fields)
    const inFlight = fetchers.flatMap(({ formData, formAction }) =>
      formData && formAction?.startsWith(action) ? [Object.fromEntries(formData) as RequestFields] : [],
    )
    return [...taken.filter(({ id = '' }) => !wasRefused(id)), ...kept, ...inFlight]
  }, [taken, outbox, fetchers, specimenId, action])

  const send = useCallback(
    (fields: RequestFields) => {
      if (fields.intent === 'take') setTaken((before) => [...before, fields])
      void submit(fields, { method: 'post', navigate: false, fetcherKey: `bench ${fields.intent} ${fields.id}` })
    },
    [submit],
  )

  const problems = fetchers.flatMap(({ key, data }) =>
    key.startsWith('bench ') || key === outboxFetcher ? (problemOf(data as ActionResult | undefined) ?? []) : [],
  )
  return { pending, send, problems }
}

/** The key of the fetcher that sends what had to wait. */
export const outboxFetcher = 'outbox'

const problemOf = (result: ActionResult | undefined): Problem | undefined =>
  result?.ok === false ? (result.problem ?? { code: 'form', message: result.form.join(' ') }) : undefined
