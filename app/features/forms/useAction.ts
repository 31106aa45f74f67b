import { useFetcher, type FetcherWithComponents } from 'react-router'
import { refusalText, type ActionResult } from './action-result.ts'

type Answer<Action> = Action extends (...args: never[]) => unknown ? Awaited<ReturnType<Action>> : never

/** An act that stays on the page: what it says of itself, and why it was refused. */
export function useAction<Action>(address?: string) {
  const fetcher = useFetcher<Action>()
  const result = fetcher.data as ActionResult | undefined
  const isIdle = fetcher.state === 'idle'
  return {
    Form: fetcher.Form as FetcherWithComponents<Answer<Action>>['Form'],
    result,
    isIdle,
    /** Why the last act was refused. */
    refusal: isIdle ? refusalText(result) : '',
    /** The last act was taken. */
    isTaken: isIdle && result?.ok === true,
    send: (fields: Record<string, string>) =>
      void fetcher.submit(fields, { method: 'post', ...(address !== undefined && { action: address }) }),
  }
}
