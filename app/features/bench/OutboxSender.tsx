import { useEffect } from 'react'
import { href, useFetcher } from 'react-router'
import { styled } from 'styled-components'
import { useOutbox } from './outbox.ts'
import { outboxFetcher } from './usePendingRequests.ts'

const tryEvery = 2000

const Bar = styled.p`
  position: fixed;
  left: 50%;
  bottom: 16px;
  z-index: 40;
  transform: translateX(-50%);
  padding: 10px 18px;
  border: 1px solid var(--amber);
  border-radius: 8px;
  background: var(--amber-soft);
  color: var(--ink);
  font-size: 14px;
`

/** Sends what waits as soon as the connection is back, oldest first, and says that it waits. */
export function OutboxSender() {
  const waiting = useOutbox().filter(({ waits }) => waits)
  const fetcher = useFetcher<{ waits?: boolean }>({ key: outboxFetcher })
  const first = waiting[0]
  const { state, submit, data } = fetcher
  const failed = data?.waits === true

  useEffect(() => {
    if (!first || state !== 'idle') return
    const send = () => void submit(first.fields, { method: 'post', action: href('/bench/:specimen', first) })
    const timer = setTimeout(send, failed ? tryEvery : 0)
    window.addEventListener('online', send)
    return () => {
      clearTimeout(timer)
      window.removeEventListener('online', send)
    }
  }, [first, state, submit, failed, data])

  if (waiting.length === 0 || !failed) return <span role="status" />
  return (
    <Bar role="status">
      No connection to Plicator. {waiting.length === 1 ? 'One entry waits' : `${waiting.length} entries wait`} in this
      browser and will be sent when it is back.
    </Bar>
  )
}
