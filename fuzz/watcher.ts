// Asks for a page over and over and watches the memory of a server until it is told to stop; says in JSON what it saw.
import { readFileSync } from 'node:fs'
import { startClock } from '../benchmarks/neighbours.ts'
import type { Seen } from './server.ts'

const [url = '', pid] = process.argv.slice(2)
const everyMs = 200
const seen: Seen = { pages: [], unanswered: 0, peak: 0 }
let isOn = true
process.on('SIGTERM', () => (isOn = false))

while (isOn) {
  const [at, clock] = [Date.now(), startClock()]
  try {
    await (await fetch(url)).text()
    seen.pages.push({ at, ...clock() })
  } catch {
    seen.unanswered++
  }
  const [, kilobytes = '0'] = /VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? []
  seen.peak = Math.max(seen.peak, Number(kilobytes) / 1024)
  await new Promise((later) => setTimeout(later, everyMs))
}
process.stdout.write(JSON.stringify(seen))
