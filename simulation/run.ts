/**
 * Shows that the verdict keeps its word: markets with a known truth are drawn, reviewed with instruments that are off
 * and readings that are missing, and judged as the app judges them. npm run simulate; with --short a form of it for
 * each test run. Seeded, on two cores. Prints the table, and ends with 1 when anything in it does not hold; the whole
 * run keeps it for docs/method.md.
 */
import { fork, type ChildProcess } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Extent } from './check.ts'
import { checks, type Checked, type CheckName } from './checks/index.ts'

const extent: Extent = process.argv.includes('--short') ? 'short' : 'whole'
const seed = 20_261_125
const cores = 2
const started = performance.now()

const names = Object.keys(checks) as CheckName[]
/** Those that take longest come first. */
const queue = [...new Set<CheckName>(['verdicts', 'next', 'answers', 'kin', ...names])]
const done = new Map<CheckName, Checked>()
const seconds = new Map<CheckName, number>()
await Promise.all(Array.from({ length: cores }, workThroughQueue))

for (const name of names)
  for (const { what, found, must, holds } of done.get(name)?.findings ?? [])
    console.log(`${holds ? '  ' : '! '}${what.padEnd(67)} ${found.padEnd(24)} must: ${must}`)
console.log(`Each on one core: ${names.map((name) => `${name} ${seconds.get(name)?.toFixed(0)} s`).join(', ')}`)
console.log(`${((performance.now() - started) / 1000).toFixed(0)} s, seed ${seed}`)

const findings = names.flatMap((name) => done.get(name)?.findings ?? [])
if (extent === 'whole')
  writeFileSync(
    join(import.meta.dirname, 'results.json'),
    `${JSON.stringify({ seed, findings, calibration: done.get('verdicts')?.calibration }, null, 1)}\n`,
  )
if (findings.some(({ holds }) => !holds)) process.exitCode = 1

async function workThroughQueue(): Promise<void> {
  const child = fork(join(import.meta.dirname, 'check-process.ts'))
  for (let name = queue.shift(); name; name = queue.shift()) {
    const began = performance.now()
    done.set(name, await checkIn(child, name))
    seconds.set(name, (performance.now() - began) / 1000)
  }
  child.kill()
}

function checkIn(child: ChildProcess, name: CheckName): Promise<Checked> {
  return new Promise((resolve, reject) => {
    const fail = (code: number | null) => reject(new Error(`The check "${name}" ended with ${code}`))
    child.once('exit', fail)
    child.once('message', (checked: Checked) => {
      child.off('exit', fail)
      resolve(checked)
    })
    child.send({ name, seed, extent })
  })
}
