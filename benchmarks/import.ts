/**
 * An import of 100,000 readings into the built app, as a table: npm run bench:import. Needs a build.
 * Prints the time of the dry run and of the writing, and the server's highest memory.
 */
import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { readingColumns } from '#core/exchange/readings-csv.ts'
import { modestMemory } from './server-process.ts'

const rows = 100_000
const root = join(import.meta.dirname, '..')
const data = mkdtempSync(join(tmpdir(), 'plicator-import-'))
const url = 'http://127.0.0.1:4398'

const csv = [readingColumns.join(',')]
for (let row = 0; row < rows; row++) {
  const specimen = Math.floor(row / 75)
  const at = new Date(Date.UTC(2026, 0, 1) + row * 1000).toISOString()
  const wall = (0.00036 + (row % 24) / 100_000).toFixed(5)
  csv.push(
    `Engine ${specimen % 40},Brand ` +
      `${specimen % 30},P-${specimen},,spin-on,A,can.wall,${(Number(wall) * 1000).toFixed(2)},${wall},m,,measured,${at},,,mm,`,
  )
}

const server = spawn('node', ['bin/serve.mjs'], {
  cwd: root,
  env: { ...process.env, ...modestMemory, PLICATOR_DATA: data, PORT: '4398', NODE_ENV: 'production' },
  stdio: ['ignore', 'pipe', 'inherit'],
})
await new Promise((up) => server.stdout.once('data', up))

async function until(id: string, done: RegExp): Promise<{ seconds: number; looks: number }> {
  const start = performance.now()
  let looks = 0
  for (;;) {
    const text = await (await fetch(`${url}/import/${id}.data`)).text()
    looks++
    if (done.test(text)) return { seconds: (performance.now() - start) / 1000, looks }
    if (text.includes('"failed"')) throw new Error(text.slice(0, 500))
    await new Promise((wait) => setTimeout(wait, 100))
  }
}

try {
  const { id } = (await (
    await fetch(`${url}/import/file?name=bench.csv`, {
      method: 'POST',
      body: csv.join('\r\n'),
      headers: { Origin: url },
    })
  ).json()) as { id: string }
  const dry = await until(id, /"ready"/)
  await fetch(`${url}/import/${id}.data`, { method: 'POST', body: new URLSearchParams({}), headers: { Origin: url } })
  const written = await until(id, /"done"/)
  const peak = Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))![1]) / 1024
  console.log(`dry run of ${rows} rows      ${dry.seconds.toFixed(1)} s, progress seen ${dry.looks} times`)
  console.log(`writing ${rows} rows         ${written.seconds.toFixed(1)} s, progress seen ${written.looks} times`)
  console.log(`highest memory of the server ${peak.toFixed(0)} MB   aim below 400 MB`)
} finally {
  server.kill()
  rmSync(data, { recursive: true, force: true })
}
