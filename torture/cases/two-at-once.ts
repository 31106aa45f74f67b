import { startServer } from '../../benchmarks/server-process.ts'
import { note, noOutcome, type Case } from '../case.ts'
import { ask, demoFolder, removeFolder } from '../folder.ts'

/** A second server on the folder of a first one. */
export const twoServers: Case = {
  name: 'two servers on one folder',
  times: { whole: 5, short: 2 },
  async run(times) {
    const outcome = noOutcome()
    const folder = demoFolder()
    for (let turn = 0; turn < times; turn++) {
      const first = await startServer(folder)
      const refused = await startServer(folder).then(
        () => 'the second one started, too',
        (error: Error) =>
          error.message.includes(`is in use by the server at ${first.url}`) ? undefined : error.message,
      )
      note(outcome, 0, refused)
      await first.kill(turn % 2 ? 'SIGKILL' : 'SIGTERM')
    }
    removeFolder(folder)
    return outcome
  },
}

interface Row {
  id: string
  version: number
  note: string
}

/**
 * Two tabs save one application from the same version, at once: one is saved, the other is told, and keeps its text.
 */
export const twoTabs: Case = {
  name: 'two tabs save one record',
  times: { whole: 100, short: 20 },
  async run(times) {
    const outcome = noOutcome()
    const folder = demoFolder()
    const server = await startServer(folder)
    const row = () =>
      ask(
        folder,
        (database) => database.prepare('select * from application order by id').get() as Row & { name: string },
      )
    for (let turn = 0; turn < times; turn++) {
      const { id, version, name } = row()
      const save = async (text: string) => {
        const body = new URLSearchParams({
          id,
          version: String(version),
          name,
          form: 'spin-on',
          bypass: 'unknown',
          note: text,
        })
        const init = { method: 'POST', body, headers: { Origin: server.url }, redirect: 'manual' as const }
        const answer = await fetch(`${server.url}/lineups/${id}/edit.data`, init)
        return answer.status
      }
      const texts = [`first ${turn}`, `second ${turn}`] as const
      const statuses = await Promise.all(texts.map(save))
      const kept = row()
      const saved = statuses.filter((status) => status < 300).length
      const isSound = saved === 1 && statuses.includes(409) && kept.version === version + 1
      const winner = texts[statuses.findIndex((status) => status < 300)]
      note(outcome, isSound && kept.note === winner ? 0 : 1, isSound ? undefined : statuses.join(', '))
    }
    await server.stop()
    removeFolder(folder)
    return outcome
  },
}
