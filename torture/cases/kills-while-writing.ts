import { startServer } from '../../benchmarks/server-process.ts'
import { note, noOutcome, type Case } from '../case.ts'
import { demoFolder, isWhole, removeFolder, specimenIds } from '../folder.ts'
import { countLost, writeUntil, type Accepted } from '../writing.ts'

/** Readings are typed by four hands, the server is killed, and started again on the same folder. */
export const killsWhileWriting: Case = {
  name: 'killed while readings are written',
  times: { whole: 200, short: 6 },
  async run(times, random) {
    const outcome = noOutcome()
    const folder = demoFolder()
    const specimens = specimenIds(folder)
    const accepted: Accepted = new Map()
    for (let turn = 0; turn < times; turn++) {
      const server = await startServer(folder)
      let isOver = false
      const writing = writeUntil(() => isOver, server.url, specimens, accepted, random)
      await new Promise((resolve) => setTimeout(resolve, 50 + random() * 500))
      await server.kill('SIGKILL')
      isOver = true
      await writing
      const lost = countLost(folder, accepted)
      note(outcome, lost, isWhole(folder) ? undefined : 'the database is not whole')
      if (lost > 0) break
    }
    outcome.remarks.push(`${accepted.size} readings accepted`)
    removeFolder(folder)
    return outcome
  },
}
