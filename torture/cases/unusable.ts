import { execFileSync } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import SqliteFile from 'better-sqlite3'
import { startServer, type RunningServer } from '../../benchmarks/server-process.ts'
import { note, noOutcome, type Case } from '../case.ts'
import { onOwnDisk } from '../disk.ts'
import { demoFolder, removeFolder, specimenIds } from '../folder.ts'
import { countLost, takeReading, type Accepted } from '../writing.ts'

const home = async ({ url }: RunningServer) => {
  const answer = await fetch(url)
  return { status: answer.status, text: await answer.text() }
}

/** Waits until the app answers as it should again, without a start. */
async function recovers(server: RunningServer): Promise<boolean> {
  for (let turn = 0; turn < 60; turn++) {
    if ((await home(server)).status === 200) return true
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  return false
}

async function isTold(server: RunningServer, title: string): Promise<string | undefined> {
  const { status, text } = await home(server)
  return status === 503 && text.includes(title) ? undefined : `it answered ${status} without "${title}"`
}

/** Another program locks the database at the start, and lets it go. */
export const lockedDatabase: Case = {
  name: 'locked at the start',
  times: { whole: 3, short: 1 },
  async run(times) {
    const outcome = noOutcome()
    for (let turn = 0; turn < times; turn++) {
      const folder = demoFolder()
      const other = new SqliteFile(join(folder, 'plicator.sqlite'))
      other.pragma('locking_mode = EXCLUSIVE')
      other.exec('begin exclusive')
      const server = await startServer(folder)
      const told = await isTold(server, 'The database is in use by another program')
      other.close()
      note(outcome, 0, told ?? ((await recovers(server)) ? undefined : 'it does not recover'))
      await server.stop()
      removeFolder(folder)
    }
    return outcome
  },
}

/** The disk turns read-only under the server, and back. */
export const readOnlyFolder: Case = {
  name: 'the folder cannot be written',
  times: { whole: 3, short: 1 },
  async run(times, random) {
    const outcome = noOutcome()
    return onOwnDisk(outcome, { times, size: '40m' }, async (disk) => {
      const [specimen = ''] = specimenIds(disk)
      const accepted: Accepted = new Map()
      const remount = (how: 'ro' | 'rw') => execFileSync('mount', ['-o', `remount,${how}`, disk], { stdio: 'ignore' })
      remount('ro')
      const server = await startServer(disk)
      const told = await isTold(server, 'The data folder cannot be written')
      const refused = await takeReading(server.url, specimen, accepted, random)
      remount('rw')
      const isBack = await recovers(server)
      const taken = await takeReading(server.url, specimen, accepted, random)
      await server.stop()
      const remark =
        told ?? (refused !== 503 || !isBack || taken !== 200 ? `${refused}, ${isBack}, ${taken}` : undefined)
      note(outcome, countLost(disk, accepted), remark)
    })
  },
}

/** Pages of the file are overwritten; the newest backup brings back what it held. */
export const damagedPages: Case = {
  name: 'pages of the file are damaged',
  times: { whole: 5, short: 1 },
  async run(times, random) {
    const outcome = noOutcome()
    for (let turn = 0; turn < times; turn++) {
      const folder = demoFolder()
      const [specimen = ''] = specimenIds(folder)
      const accepted: Accepted = new Map()
      let server = await startServer(folder)
      for (let reading = 0; reading < 5; reading++) await takeReading(server.url, specimen, accepted, random)
      await server.stop()
      const env = { ...process.env, PLICATOR_DATA: folder }
      const backup = join(folder, 'kept.tar')
      execFileSync('npx', ['tsx', 'bin/commands/backup.ts', backup], { env, stdio: 'ignore' })
      const file = join(folder, 'plicator.sqlite')
      const bytes = readFileSync(file)
      for (let turns = 0; turns < 20; turns++) {
        const start = 4096 * Math.floor(random() * (bytes.length / 4096))
        bytes.fill(0xaa, start, start + 4096)
      }
      writeFileSync(file, bytes)
      server = await startServer(folder)
      const { status } = await home(server)
      await server.stop()
      execFileSync('npx', ['tsx', 'bin/commands/restore.ts', backup], { env, stdio: 'ignore' })
      server = await startServer(folder)
      const isBack = (await home(server)).status === 200
      await server.stop()
      const remark =
        status >= 500 && status !== 503 ? `it answered ${status}` : isBack ? undefined : 'it does not come back'
      note(outcome, countLost(folder, accepted), remark)
      removeFolder(folder)
    }
    return outcome
  },
}
