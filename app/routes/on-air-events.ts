import { findApplication } from '#app/data/applications.server.ts'
import { whenControlChanges, whenReadingsChange } from '#app/data/bench-events.server.ts'
import { airBench, airControl } from '#app/data/on-air.server.ts'
import type { Route } from './+types/on-air-events'
import { found } from './http.server.ts'
import { readPreferences } from './preferences.server.ts'

/** So often a line is sent where nothing happens, so that a dropped connection is found out, ms. */
const heartbeat = 15_000

/** What lies on the bench and how the picture is driven: now, and whenever it changes. Each event says all of it. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const { id } = found(await findApplication(params.application), 'This line-up')
  const { units } = await readPreferences(request)
  const { signal } = request
  const encoder = new TextEncoder()
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const say = (text: string) => {
        if (!signal.aborted) controller.enqueue(encoder.encode(text))
      }
      let saying = Promise.resolve()
      const sayAll = () => {
        saying = saying
          .then(async () =>
            say(`data: ${JSON.stringify({ bench: await airBench(id, units), control: airControl(id) })}\n\n`),
          )
          .catch(() => say('event: away\ndata: {}\n\n'))
      }
      const endings = [whenReadingsChange(sayAll), whenControlChanges((of) => of === id && sayAll())]
      const beat = setInterval(() => say(': still here\n\n'), heartbeat)
      beat.unref()
      signal.addEventListener('abort', () => {
        for (const end of endings) end()
        clearInterval(beat)
      })
      say('retry: 1000\n\n')
      sayAll()
    },
  })
  return new Response(stream, {
    headers: { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' },
  })
}
