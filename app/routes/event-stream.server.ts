import * as texts from '#app/texts/house.ts'
/** So often a line is sent where nothing happens, so that a dropped connection is found out, ms. */
const heartbeat = 15_000

const eventStreamType = 'text/event-stream'

/** Says one event, or a comment; after the end it says nothing. */
export type Say = (text: string) => void

/**
 * A stream of server-sent events, for who listens to one: read in any other way it would have no end. It begins with
 * what `begin` says, and ends when the request is given up or the body is let go of (as of a HEAD request, whose answer
 * has none); then `begin`'s own ending is called, once.
 */
export function eventStream({ headers, signal }: Request, begin: (say: Say) => () => void): Response {
  if (!headers.get('Accept')?.includes(eventStreamType))
    return new Response(texts.eventsAreListenedToHereNothing, { status: 406 })
  const encoder = new TextEncoder()
  let end: () => void
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      let isOver = false
      const say: Say = (text) => {
        if (!isOver) controller.enqueue(encoder.encode(text))
      }
      const endBegun = begin(say)
      const beat = setInterval(() => say(': still here\n\n'), heartbeat)
      beat.unref()
      end = () => {
        if (isOver) return
        isOver = true
        clearInterval(beat)
        endBegun()
      }
      if (signal.aborted) end()
      signal.addEventListener('abort', end)
    },
    cancel: () => end(),
  })
  return new Response(stream, {
    headers: { 'Content-Type': eventStreamType, 'Cache-Control': 'no-cache, no-transform' },
  })
}
