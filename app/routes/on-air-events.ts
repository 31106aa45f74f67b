import { findApplication } from '#app/data/applications.server.ts'
import { whenControlChanges, whenReadingsChange } from '#app/data/bench-events.server.ts'
import { airBench, airControl } from '#app/data/on-air.server.ts'
import * as texts from '#app/texts/on-air.ts'
import type { Route } from './+types/on-air-events'
import { eventStream } from './event-stream.server.ts'
import { found } from './http.server.ts'
import { readPreferences } from './preferences.server.ts'

/** What lies on the bench and how the picture is driven: now, and whenever it changes. Each event says all of it. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const { id } = found(await findApplication(params.application), texts.thisLineUp)
  const { units } = await readPreferences(request)
  return eventStream(request, (say) => {
    let saying = Promise.resolve()
    const sayAll = () => {
      saying = saying
        .then(async () =>
          say(`data: ${JSON.stringify({ bench: await airBench(id, units), control: airControl(id) })}\n\n`),
        )
        .catch(() => say('event: away\ndata: {}\n\n'))
    }
    const endings = [whenReadingsChange(sayAll), whenControlChanges((of) => of === id && sayAll())]
    say('retry: 1000\n\n')
    sayAll()
    return () => {
      for (const end of endings) end()
    }
  })
}
