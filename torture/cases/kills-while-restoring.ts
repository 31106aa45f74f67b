import { spawn } from 'node:child_process'
import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { startServer } from '../../benchmarks/server-process.ts'
import { note, noOutcome, type Case } from '../case.ts'
import { ask, demoFolder, isWhole, removeFolder, specimenIds } from '../folder.ts'
import { takeReading, type Accepted } from '../writing.ts'

const readings = (folder: string): number =>
  ask(folder, (database) => database.prepare('select count(*) from reading').pluck().get() as number)

const run = (command: string, folder: string, ...more: string[]) =>
  spawn('npx', ['tsx', `bin/commands/${command}.ts`, ...more], {
    env: { ...process.env, PLICATOR_DATA: folder },
    stdio: 'ignore',
    detached: true,
  })

/** A restore is killed; the next start finds what was there before it, or what the backup holds: never a mixture. */
export const killsWhileRestoring: Case = {
  name: 'killed while a backup is restored',
  times: { whole: 5, short: 1 },
  async run(times, random) {
    const outcome = noOutcome()
    for (let turn = 0; turn < times; turn++) {
      const folder = demoFolder()
      const [specimen = ''] = specimenIds(folder)
      const old = readings(folder)
      await new Promise((resolve) => run('backup', folder).once('exit', resolve))
      const backup = join(folder, 'backups', readdirSync(join(folder, 'backups'))[0] ?? '')
      let server = await startServer(folder)
      const accepted: Accepted = new Map()
      for (let reading = 0; reading < 5; reading++) await takeReading(server.url, specimen, accepted, random)
      await server.stop()
      const restoring = run('restore', folder, backup)
      const ended = new Promise((resolve) => restoring.once('exit', resolve))
      await new Promise((resolve) => setTimeout(resolve, 400 + random() * 500))
      if (restoring.pid !== undefined)
        try {
          process.kill(-restoring.pid, 'SIGKILL')
        } catch {
          // It had ended.
        }
      await ended
      server = await startServer(folder)
      await server.stop()
      const now = readings(folder)
      const isEither = now === old || now === old + accepted.size
      note(outcome, isEither ? 0 : 1, isWhole(folder) ? undefined : 'the database is not whole')
      removeFolder(folder)
    }
    return outcome
  },
}
