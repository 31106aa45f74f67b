/**
 * Twenty clients on a large made-up library, a third of what they do being writing, on the loopback interface:
 * npm run soak -- [seconds] [clients]. Then every page alone, cold and warm, and how each grows with the library.
 * Needs a build. Prints a table, and ends with 1 when a bound is broken.
 */
import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { median, quantileSorted } from 'simple-statistics'
import { newId } from '#app/data/id.ts'
import { catalogueFor } from '#core/catalogue/index.ts'
import type { Floor } from './floor.ts'
import { largeLibrary, type LibrarySize } from './grow.ts'
import { keepAliveClient } from './keep-alive.ts'
import { heldShare, startClock, type Stretch } from './neighbours.ts'
import { randomSource } from './random-source.ts'
import { startServer, type RunningServer } from './server-process.ts'

const seconds = Number(process.argv[2] ?? 60)
const clients = Number(process.argv[3] ?? 20)

/** What must hold. */
const bounds = { requestsASecond: 200, readP99: 250, writeP99: 100, alone: 150, growth: 1.5 }

interface Places {
  lineup: string
  specimen: string
  product: string
}

/**
 * The views of the app, by what is asked for, and how often each is looked at. Who works at a bench asks for two things
 * after every reading: the bench anew, and the field beside the next one. That is four in five; the rest look around.
 */
const views: { name: string; share: number; path: (at: Places) => string }[] = [
  { name: 'bench', share: 42, path: ({ specimen }) => `/bench/${specimen}` },
  { name: 'field beside a reading', share: 38, path: ({ specimen }) => `/bench/${specimen}/distribution/can.wall` },
  { name: 'home', share: 3, path: () => '/' },
  { name: 'line-up', share: 3, path: ({ lineup }) => `/lineups/${lineup}` },
  { name: 'face-off', share: 1, path: ({ lineup }) => `/lineups/${lineup}/face-off` },
  { name: 'claims', share: 1, path: ({ lineup }) => `/lineups/${lineup}/claims` },
  { name: 'money', share: 1, path: ({ lineup }) => `/lineups/${lineup}/money` },
  { name: 'verdict', share: 2, path: ({ lineup }) => `/lineups/${lineup}/verdict` },
  { name: 'product', share: 3, path: ({ product }) => `/products/${product}` },
  { name: 'figure', share: 2, path: ({ specimen }) => `/specimens/${specimen}/values/can.wall` },
  { name: 'library', share: 2, path: () => '/library' },
  { name: 'instruments', share: 1, path: () => '/instruments' },
  { name: 'log', share: 1, path: ({ specimen }) => `/specimens/${specimen}/log` },
]

/** Who is in the app already asks for the data of a view alone; one in twenty is opened afresh. */
const dataOf = (path: string): string => {
  if (path.includes('/distribution/')) return path
  return path === '/' ? '/_root.data' : `${path}.data`
}

/** A page that shows next to nothing: faster than the framework answers it no page is answered on this machine. */
const leastPage = '/instruments.data'

/** So many a second of the least page, asked for by all clients without a pause. */
async function ceilingOf(server: RunningServer): Promise<number> {
  const send = keepAliveClient(server.url, clients)
  const countFor = async (ms: number) => {
    let count = 0
    const end = performance.now() + ms
    const client = async () => {
      for (; performance.now() < end; count++) await send(leastPage)
    }
    await Promise.all(Array.from({ length: clients }, client))
    return (count * 1000) / ms
  }
  // What is asked for first compiles it.
  await countFor(5000)
  return countFor(5000)
}

interface Sample {
  kind: 'read' | 'write'
  took: number
}

interface Soaked {
  samples: Sample[]
  faults: number
  /** Bytes, once a second. */
  rss: number[]
  /** What the server worked meanwhile, over all processors, ms. */
  worked: number
  whole: Stretch
}

async function soak(server: RunningServer, places: Places[]): Promise<Soaked> {
  const samples: Sample[] = []
  const rss: number[] = []
  let faults = 0
  const end = performance.now() + seconds * 1000
  const send = keepAliveClient(server.url, clients)
  const ask = async (kind: Sample['kind'], path: string, body?: string) => {
    const start = performance.now()
    const status = await send(path, body)
    samples.push({ kind, took: performance.now() - start })
    if (status >= 500) faults++
  }
  const client = async (number: number) => {
    const random = randomSource(number + 1)
    const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
    // Who works stays with a specimen for a while.
    let place = pick(places)
    let turn = number
    const at = () => {
      if (random() < 1 / 40) place = pick(places)
      return place
    }
    const wheel = views.flatMap((view) => Array.from({ length: view.share }, () => view))
    while (performance.now() < end) {
      if (random() < 1 / 3) {
        const { specimen } = at()
        await ask('write', `/bench/${specimen}/acts`, String(aReading(turn++, random())))
      } else {
        const path = pick(wheel).path(at())
        await ask('read', random() < 1 / 20 ? path : dataOf(path))
      }
    }
  }
  const [clock, workedBefore] = [startClock(), server.worked()]
  const memory = setInterval(() => rss.push(server.memory()), 1000)
  await Promise.all(Array.from({ length: clients }, (_, number) => client(number)))
  clearInterval(memory)
  return { samples, faults, rss, worked: server.worked() - workedBefore, whole: clock() }
}

/** Lengths of a spin-on, one after the other as they are taken. */
const lengths = catalogueFor('spin-on').filter((c) => c.kind === 'quantity' && c.dimension === 'length')

function aReading(turn: number, share: number): URLSearchParams {
  const c = lengths[turn % lengths.length]
  if (c?.kind !== 'quantity') throw new Error('The catalogue has no lengths')
  const [low, high] = c.typical
  return new URLSearchParams({
    intent: 'take',
    id: newId(),
    characteristic: c.key,
    typed: ((low + share * (high - low)) * 1000).toFixed(3),
    unit: 'mm',
    evidence: 'measured',
    insist: 'yes',
  })
}

const at = (sorted: number[], share: number): number => (sorted.length === 0 ? 0 : quantileSorted(sorted, share))

function reportSoak({ samples, faults, rss, worked, whole }: Soaked): boolean {
  const rate = samples.length / seconds
  const times = (kind: Sample['kind']) =>
    samples
      .filter((sample) => sample.kind === kind)
      .map(({ took }) => took)
      .sort((a, b) => a - b)
  const [reads, writes] = [times('read'), times('write')]
  // The first quarter of the time fills the caches.
  const settled = rss.slice(Math.floor(rss.length / 4))
  const half = Math.floor(settled.length / 2)
  const grown = settled.length < 8 ? 1 : median(settled.slice(half)) / median(settled.slice(0, half))
  const lines: [string, string, boolean][] = [
    ['requests a second', `${rate.toFixed(0)}`, rate >= bounds.requestsASecond],
    ['work of the server a request', `${(worked / samples.length).toFixed(1)} ms`, true],
    ['processors held by neighbours', `${heldShare(whole).toFixed(0)} %`, true],
    ['a page read, p50', `${at(reads, 0.5).toFixed(0)} ms`, true],
    ['a page read, p99', `${at(reads, 0.99).toFixed(0)} ms`, at(reads, 0.99) < bounds.readP99],
    ['a reading taken, p50', `${at(writes, 0.5).toFixed(0)} ms`, true],
    ['a reading taken, p99', `${at(writes, 0.99).toFixed(0)} ms`, at(writes, 0.99) < bounds.writeP99],
    ['answers of 5xx', `${faults}`, faults === 0],
    ['memory at the end', `${((rss.at(-1) ?? 0) / 1e6).toFixed(0)} MB`, true],
    ['memory, second half over first', grown.toFixed(2), grown < 1.15],
  ]
  for (const [what, measured, holds] of lines)
    console.log(`${what.padEnd(36)}${measured.padStart(12)}   ${mark(holds)}`)
  return lines.every(([, , holds]) => holds)
}

const mark = (holds: boolean): string => (holds ? 'holds' : 'BROKEN')

/** Every page once after a start, then the median of several; whole pages, one after the other. */
async function alone(
  folder: string,
  places: Places,
  others: Places,
): Promise<Map<string, { cold: number; warm: number }>> {
  const result = new Map<string, { cold: number; warm: number }>()
  const server = await startServer(folder)
  try {
    // The code of the pages is compiled first, on other data than those that are measured.
    for (const { path } of views) await fetch(server.url + path(others)).then((answer) => answer.arrayBuffer())
    const once = async (path: string) => {
      const start = performance.now()
      await (await fetch(server.url + path)).arrayBuffer()
      return performance.now() - start
    }
    for (const { name, path } of views) {
      const cold = await once(path(places))
      const warm: number[] = []
      for (let run = 0; run < 15; run++) warm.push(await once(path(places)))
      result.set(name, { cold, warm: median(warm) })
    }
  } finally {
    await server.stop()
  }
  return result
}

async function placesOf(folder: string, most: number): Promise<Places[]> {
  const { default: SqliteFile } = await import('better-sqlite3')
  const database = new SqliteFile(join(folder, 'plicator.sqlite'), { readonly: true })
  const all = database
    .prepare(
      `select specimen.id as specimen, product.id as product, product.application_id as lineup
       from specimen join revision on revision.id = revision_id join product on product.id = product_id
       order by specimen.id limit ?`,
    )
    .all(most) as Places[]
  database.close()
  return all
}

function grown(size: LibrarySize): string {
  const folder = mkdtempSync(join(tmpdir(), 'plicator-soak-'))
  const more = [folder, size.readings, size.specimens, size.lineups].map(String)
  execFileSync('npx', ['tsx', 'benchmarks/grow.ts', ...more], { stdio: ['ignore', 'ignore', 'inherit'] })
  return folder
}

/** A page shows as much in each of them: twelve line-ups on the home, five specimens in a line-up. */
const sizes: LibrarySize[] = [1, 10, 100].map((times) => ({
  readings: 1500 * times,
  specimens: 60 * times,
  lineups: 12 * times,
}))

/** Below what a page cannot come: its SQL and its render alone, in milliseconds. */
function floorsOf(folder: string, places: Places): Floor[] {
  const paths = views.map(({ path }) => path(places))
  const said = execFileSync('npx', ['tsx', 'benchmarks/floor.ts', folder, ...paths], { encoding: 'utf8' })
  const lines = said.split('\n').filter((line) => line.startsWith('{'))
  return lines.map((line) => JSON.parse(line) as Floor)
}

async function reportGrowth(): Promise<boolean> {
  const measured: Map<string, { cold: number; warm: number }>[] = []
  let floors: Floor[] = []
  for (const size of sizes) {
    const folder = grown(size)
    const places = await placesOf(folder, size.specimens)
    measured.push(await alone(folder, places[0]!, places.at(-1)!))
    if (size === sizes.at(-1)) floors = floorsOf(folder, places[0]!)
    rmSync(folder, { recursive: true, force: true })
  }
  const heads = sizes.map(({ readings }) => readings.toLocaleString('en').padStart(10)).join('')
  console.log(
    `\n${'alone, warm, ms; readings in all'.padEnd(36)}${heads}${'growth'.padStart(10)}${'cold, most'.padStart(12)}${'its SQL'.padStart(10)}${'render'.padStart(8)}`,
  )
  let allHold = true
  for (const [index, { name }] of views.entries()) {
    const times = measured.map((one) => one.get(name)!)
    const [small, , large] = times.map(({ warm }) => warm) as [number, number, number]
    const cold = Math.max(...times.map((one) => one.cold))
    // Below three milliseconds the clock tells more than the page.
    const holds = (large / small < bounds.growth || large - small < 3) && cold < bounds.alone && large < bounds.alone
    allHold &&= holds
    const columns = times.map(({ warm }) => warm.toFixed(1).padStart(10)).join('')
    const growth = (large / small).toFixed(2).padStart(10)
    const { sql = 0, render = 0 } = floors[index] ?? {}
    const floor = sql.toFixed(1).padStart(10) + render.toFixed(1).padStart(8)
    console.log(`${name.padEnd(36)}${columns}${growth}${cold.toFixed(0).padStart(12)}${floor}   ${mark(holds)}`)
  }
  return allHold
}

const folder = grown(largeLibrary)
try {
  const places = await placesOf(folder, largeLibrary.specimens)
  const server = await startServer(folder)
  const ceiling = await ceilingOf(server)
  const outcome = await soak(server, places)
  await server.stop()
  console.log(
    `${clients} clients for ${seconds} s on ${largeLibrary.readings} readings of ${largeLibrary.specimens} specimens`,
  )
  console.log(`${'a page of next to nothing, a second'.padEnd(36)}${ceiling.toFixed(0).padStart(12)}`)
  const holds = [reportSoak(outcome), await reportGrowth()]
  if (holds.includes(false)) process.exitCode = 1
} finally {
  rmSync(folder, { recursive: true, force: true })
}
