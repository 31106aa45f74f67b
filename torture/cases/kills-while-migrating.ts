import { startServer } from '../../benchmarks/server-process.ts'
import { spawn } from 'node:child_process'
import { note, noOutcome, type Case } from '../case.ts'
import { ask, formerFolder, isWhole, removeFolder } from '../folder.ts'

const count = (folder: string, table: string): number =>
  ask(folder, (database) => database.prepare(`select count(*) from ${table}`).pluck().get() as number)

/** A new version starts on a database of a former one and is killed; the next start finds all that was there. */
export const killsWhileMigrating: Case = {
  name: 'killed while the database is updated',
  times: { whole: 5, short: 2 },
  async run(times, random) {
    const outcome = noOutcome()
    for (let turn = 0; turn < times; turn++) {
      const folder = formerFolder()
      const before = [count(folder, 'reading'), count(folder, 'specimen'), count(folder, 'price')]
      const starting = spawn('node', ['bin/serve.mjs'], {
        env: { ...process.env, PLICATOR_DATA: folder, PORT: '0' },
        stdio: 'ignore',
      })
      const ended = new Promise((resolve) => starting.once('exit', resolve))
      // Once the files of the update are there, so much later.
      await new Promise((resolve) => setTimeout(resolve, 350 + random() * 500))
      starting.kill('SIGKILL')
      await ended
      const server = await startServer(folder)
      const isUp = (await fetch(`${server.url}/library`)).status === 200
      await server.stop()
      const after = [count(folder, 'reading'), count(folder, 'specimen'), count(folder, 'price')]
      const lost = before.filter((number, index) => number !== after[index]).length
      note(outcome, lost, isUp && isWhole(folder) ? undefined : 'the app does not come up')
      removeFolder(folder)
    }
    return outcome
  },
}
