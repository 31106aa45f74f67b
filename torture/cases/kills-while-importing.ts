import { startServer, type RunningServer } from '../../benchmarks/server-process.ts'
import { note, noOutcome, type Case } from '../case.ts'
import { ask, demoFolder, isWhole, removeFolder } from '../folder.ts'

const shown = (folder: string): number =>
  ask(folder, (database) => database.prepare('select count(*) from shown_reading').pluck().get() as number)

async function sendFile(server: RunningServer, csv: string): Promise<string> {
  const answer = await fetch(`${server.url}/import/file?name=torture.csv`, {
    method: 'POST',
    body: csv,
    headers: { Origin: server.url, 'Content-Type': 'text/csv' },
  })
  return ((await answer.json()) as { id: string }).id
}

const pageOf = async (server: RunningServer, id: string): Promise<string> =>
  (await fetch(`${server.url}/import/${id}`)).text()

async function untilReady(server: RunningServer, id: string): Promise<void> {
  for (let turn = 0; turn < 400; turn++) {
    if (/Write (<!-- -->)?[\d,]+ readings/.test(await pageOf(server, id))) return
    await new Promise((resolve) => setTimeout(resolve, 25))
  }
  throw new Error('The dry run did not end')
}

/** An import is written, the server is killed, and started again: all of it is there, or nothing, and it says which. */
export const killsWhileImporting: Case = {
  name: 'killed while an import is written',
  times: { whole: 20, short: 2 },
  async run(times, random) {
    const outcome = noOutcome()
    const folder = demoFolder()
    let exported = ''
    const ends = { nothing: 0, all: 0, neither: 0 }
    for (let turn = 0; turn < times; turn++) {
      let server = await startServer(folder)
      exported ||= await (await fetch(`${server.url}/export/readings.csv`)).text()
      const csv = exported.replaceAll('Corvane', `Brand ${turn}`).replaceAll('Norrith', `Other ${turn}`)
      const before = shown(folder)
      const id = await sendFile(server, csv)
      await untilReady(server, id)
      void fetch(`${server.url}/import/${id}`, {
        method: 'POST',
        body: new URLSearchParams(),
        headers: { Origin: server.url },
      }).catch(() => undefined)
      await new Promise((resolve) => setTimeout(resolve, random() * 300))
      await server.kill('SIGKILL')
      server = await startServer(folder)
      const page = await pageOf(server, id)
      const says = page.includes('Nothing of it was written')
        ? 'nothing'
        : page.includes('Imported')
          ? 'all'
          : 'neither'
      const added = shown(folder) - before
      const rows = ask(folder, (database) =>
        database.prepare('select new from import where id = ?').pluck().get(id),
      ) as number
      const isSound = (says === 'nothing' && added === 0) || (says === 'all' && added === rows && rows > 0)
      const left = ask(folder, (database) =>
        database
          .prepare("select count(*) from reading where import_id in (select id from import where state <> 'done')")
          .pluck()
          .get(),
      ) as number
      await server.stop()
      const remark = !isSound
        ? `${added} of ${rows} rows are there, and it says ${says}`
        : left > 0
          ? `${left} rows are left hidden`
          : isWhole(folder)
            ? undefined
            : 'the database is not whole'
      note(outcome, isSound ? 0 : 1, remark)
      ends[says]++
    }
    outcome.remarks.push(`${ends.nothing} times nothing was there, ${ends.all} times all`)
    removeFolder(folder)
    return outcome
  },
}
