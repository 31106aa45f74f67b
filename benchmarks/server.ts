/**
 * Times of the built app on the demo, as a table: npm run bench:server. Needs a build (npm run build).
 * Server times are those of whole requests on the loopback interface, one after the other.
 */
import { execFileSync, spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import SqliteFile from 'better-sqlite3'
import { medianTime, p95Time, sendReading, takeReading } from './timing.ts'

const root = join(import.meta.dirname, '..')
const data = mkdtempSync(join(tmpdir(), 'plicator-bench-'))
const port = '4399'
const url = `http://127.0.0.1:${port}`
const env = { ...process.env, PLICATOR_DATA: data, PORT: port, NODE_ENV: 'production' }
const runs = 50

const page = async (path: string) => (await fetch(url + path)).text()

/** Compressed size of all scripts that a page asks for at first. */
async function scriptSize(path: string): Promise<number> {
  const html = await page(path)
  const files = new Set(
    [...html.matchAll(/<link rel="modulepreload" href="(\/assets\/[\w.-]+\.js)"/g)].map(([, file]) => file!),
  )
  return [...files].reduce(
    (sum, file) => sum + gzipSync(readFileSync(join(root, 'build/client', file)), { level: 6 }).length,
    0,
  )
}

/**
 * What it costs a small transaction that the disk has it before it ends, against one that may be lost in a power cut.
 */
async function costOfDurability(): Promise<number> {
  const database = new SqliteFile(join(data, 'durability.sqlite'))
  database.exec('pragma journal_mode = WAL; create table reading (id integer primary key, typed text)')
  const insert = database.prepare('insert into reading (typed) values (?)')
  const timeWith = (synchronous: string) => {
    database.pragma(`synchronous = ${synchronous}`)
    return medianTime(200, () => Promise.resolve(insert.run('0.49 mm')))
  }
  const cost = (await timeWith('FULL')) - (await timeWith('NORMAL'))
  database.close()
  return cost
}

async function untilUp(): Promise<number> {
  const start = performance.now()
  for (;;) {
    try {
      await page('/')
      return performance.now() - start
    } catch {
      await new Promise((wait) => setTimeout(wait, 10))
    }
  }
}

execFileSync('npx', ['tsx', 'db/demo/load.ts'], { cwd: root, env, stdio: 'pipe' })
const server = spawn('bin/demo', { cwd: root, env, stdio: 'ignore' })
try {
  const up = await untilUp()
  const home = await page('/')
  const bench = /href="(\/bench\/\w+)"/.exec(home)![1]!
  const lineup = /href="(\/lineups\/(?!new)\w+)"/.exec(home)![1]!
  const rows: [string, string, string][] = [
    ['bench page, median of 50', `${(await medianTime(runs, () => page(bench))).toFixed(1)} ms`, '50 ms'],
    ['line-up page, median of 50', `${(await medianTime(runs, () => page(lineup))).toFixed(1)} ms`, '50 ms'],
    [
      'taking a reading, action and revalidation',
      `${(await medianTime(runs, () => takeReading(url, bench))).toFixed(1)} ms`,
      '60 ms',
    ],
    [
      'a reading until it is said taken, p95',
      `${(await p95Time(200, () => sendReading(url, bench))).toFixed(1)} ms`,
      '20 ms',
    ],
    ['of that, for the disk to have it (FULL less NORMAL)', `${(await costOfDurability()).toFixed(2)} ms`, '5 ms'],
    ['scripts of the bench, compressed', `${((await scriptSize(bench)) / 1000).toFixed(0)} kB`, '220 kB'],
    ['bin/demo from built state to first answer', `${(up / 1000).toFixed(2)} s`, '3 s'],
  ]
  for (const [what, measured, aim] of rows) console.log(`${what.padEnd(54)}${measured.padStart(10)}   aim below ${aim}`)
} finally {
  server.kill()
  rmSync(data, { recursive: true, force: true })
}
