import { startServer } from '../../benchmarks/server-process.ts'
import { note, noOutcome, type Case } from '../case.ts'
import { ask, demoFolder, removeFolder, specimenIds } from '../folder.ts'
import { takeReading, type Accepted } from '../writing.ts'

/** So long the next request may take, in milliseconds. */
const patience = 2000

/** Sixty pages are asked for and given up at once; the next one is answered as if nobody had asked. */
export const givenUp: Case = {
  name: 'sixty requests are given up',
  times: { whole: 5, short: 2 },
  async run(times, random) {
    const outcome = noOutcome()
    const folder = demoFolder()
    const lineups = ask(folder, (database) => database.prepare('select id from application').pluck().all() as string[])
    const [specimen = ''] = specimenIds(folder)
    const server = await startServer(folder)
    const accepted: Accepted = new Map()
    for (let turn = 0; turn < times; turn++) {
      // What was worked out before holds no more.
      await takeReading(server.url, specimen, accepted, random)
      const sender = new AbortController()
      const views = ['', '/face-off', '/claims', '/money', '/verdict']
      const asked = Array.from({ length: 60 }, (_, index) =>
        fetch(`${server.url}/lineups/${lineups[index % lineups.length]}${views[index % views.length]}`, {
          signal: sender.signal,
        }).catch(() => undefined),
      )
      await new Promise((resolve) => setTimeout(resolve, 30))
      sender.abort()
      const start = performance.now()
      const { status } = await fetch(`${server.url}/library`)
      const took = performance.now() - start
      await Promise.all(asked)
      note(outcome, 0, status === 200 && took < patience ? undefined : `${status} after ${took.toFixed(0)} ms`)
    }
    await server.stop()
    removeFolder(folder)
    return outcome
  },
}
