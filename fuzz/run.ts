/**
 * Sends hostile requests to every route of the built app, seeded: npm run fuzz; with --short a form of it that takes a
 * minute. Then the browser opens every page of what they left behind. Prints how they were answered, how long somebody
 * waited who worked meanwhile and how much memory it took, and ends with 1 when anything broke.
 */
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { wasOurs } from '../benchmarks/neighbours.ts'
import { randomSource } from '../benchmarks/random-source.ts'
import { ask as askDatabase, demoFolder, removeDemo, removeFolder } from '../torture/folder.ts'
import { hostileBodies, pick } from './hostile.ts'
import { addresses, openEverything, scriptRan } from './pages.ts'
import { meanwhile, readLog, type LoggedRequest } from './meanwhile.ts'
import { ask, hostileRequest, type KnownIds } from './requests.ts'
import { allRoutes } from './routes.ts'
import { openFiles, startServer, watch, type AskedPage } from './server.ts'
import { readVocabulary } from './vocabulary.ts'

const isShort = process.argv.includes('--short')
const seed = Number(/--seed=(\d+)/.exec(process.argv.join(' '))?.[1] ?? 20_261_127)
const count = isShort ? 800 : 10_000
const atOnce = 2
const limits = { page: 250, memory: 600, filesLeft: 10 }
const port = 4397
const origin = `http://127.0.0.1:${port}`

const data = demoFolder()
const known: KnownIds = idsOf(data)
const routes = await allRoutes()
const vocabulary = readVocabulary()
const random = randomSource(seed)
const server = await startServer(data, port)
for (const { body } of hostileBodies) body(random)
// What a server does for the first time takes longer, whoever asks.
for (const { address, isPage } of addresses(routes, known, 1)) if (isPage) await (await fetch(origin + address)).text()
const filesBefore = openFiles(server)
const watcher = watch(server, `${origin}/instruments`)

const statuses = new Map<string, number>()
const faults: string[] = []
const dropped: string[] = []
let sent = 0

async function sendSome(): Promise<void> {
  while (sent < count) {
    // Of a seed of its own, so that it is the same whatever else is under way.
    const random = randomSource(seed + sent++)
    const route = pick(random, routes)
    const request = hostileRequest(random, route, vocabulary, known, origin)
    const { status, milliseconds, text } = await ask(port, request)
    const kind = status === 0 ? 'dropped' : `${Math.floor(status / 100)}xx`
    statuses.set(kind, (statuses.get(kind) ?? 0) + 1)
    const said = `${request.method} ${request.path.slice(0, 120)}`
    if (status === 0) dropped.push(`dropped: ${said}`)
    if (status >= 500) faults.push(`${status}: ${said}`)
    if (/^\s+at .+\.m?[jt]sx?:\d+:\d+/m.test(text)) faults.push(`a trace: ${said}`)
    if (milliseconds > 20_000 && !isShort) faults.push(`no answer in 20 s: ${said}`)
  }
}

await Promise.all(Array.from({ length: atOnce }, sendSome))
for (const { type, body } of hostileBodies)
  for (const path of ['/import/file?name=fuzz.csv', `/lineups/${known.application?.[0]}/table/read`, '/backups/file']) {
    const request = { method: 'POST', path, headers: { Origin: origin, 'Content-Type': type }, isChunked: true }
    const { status } = await ask(port, { ...request, body: body(random) })
    if (status >= 500) faults.push(`${status}: ${type} to ${path}`)
    sent++
  }
const seen = await watcher.stop()

const { opened, broken } = await openEverything(origin, routes, idsOf(data), isShort)
faults.push(...broken)
const ended = server.exitCode !== null
const filesLeft = ended ? 0 : openFiles(server) - filesBefore
if (filesLeft > limits.filesLeft) faults.push(`${filesLeft} files are left open`)
server.kill()
const log = readLog(join(data, 'log/plicator.log'))
const lastWords = readFileSync(join(data, 'faults.txt'), 'utf8').trimEnd().split('\n').slice(-12)
removeFolder(data)
removeDemo()

const late = seen.pages.filter(({ took }) => took > limits.page).sort((a, b) => b.took - a.took)
/** What a page takes when the machine does nothing else for others. */
const ours = seen.pages.filter(wasOurs)
const at = (pages: AskedPage[], share: number) =>
  Math.round(pages.map(({ took }) => took).sort((a, b) => a - b)[Math.floor(share * (pages.length - 1))] ?? 0)
const line = (what: string, value: string | number, aim = '') =>
  console.log(what.padEnd(44), String(value).padStart(8), aim)
console.log(`seed ${seed}, ${routes.length} routes`)
line('hostile requests', sent)
for (const [kind, times] of [...statuses].sort()) line(`  answered ${kind}`, times, kind === '5xx' ? 'asked: 0' : '')
line('pages asked for meanwhile', seen.pages.length)
line('  that did not come', seen.unanswered, 'asked: 0')
line('  the slowest, ms', at(seen.pages, 1))
line(`  later than ${limits.page} ms`, late.length)
line('while neighbours left us the machine', ours.length, 'asked: half of them at least')
line('  in the middle, ms', at(ours, 0.5))
line('  99 of 100, ms', at(ours, 0.99))
line('  the slowest, ms', at(ours, 1), `asked: ${limits.page} at most`)
line(`  later than ${limits.page} ms`, late.filter(wasOurs).length)
line('highest memory of the server, MB', Math.round(seen.peak), `asked: ${limits.memory} at most`)
line('pages, exports and pictures opened after', opened)
line('  on which a script ran', broken.filter((fault) => fault.startsWith(scriptRan)).length, 'asked: 0')
line('files left open by the server', filesLeft, `asked: ${limits.filesLeft} at most`)
line('the server ended', ended ? 'yes' : 'no', 'asked: no')
const said = ({ path, method, milliseconds }: LoggedRequest) => `${milliseconds} ms: ${method} ${path.slice(0, 90)}`
for (const page of late.slice(0, 12)) {
  console.log(`  waited ${Math.round(page.took)} ms (neighbours held the machine for ${page.held}), while there was`)
  for (const request of meanwhile(page, log).slice(0, 8)) console.log(`    ${said(request)}`)
}
const slow = log.filter(({ milliseconds }) => milliseconds > limits.page)
for (const request of slow.sort((a, b) => b.milliseconds - a.milliseconds).slice(0, 25))
  console.log(`  ${said(request)}`)
for (const words of dropped.slice(0, 12)) console.log(`  ${words}`)
for (const fault of [...new Set(faults)].slice(0, 40)) console.log(`  ${fault}`)
if (ended) for (const words of lastWords) console.log(`  ${words}`)
const isMeasured = ours.length >= seen.pages.length / 2
const isSlow = seen.unanswered > 0 || !isMeasured || at(ours, 1) > limits.page || seen.peak > limits.memory
// How fast a machine is decides no test: the short form only tells.
if (faults.length > 0 || ended || (isSlow && !isShort)) process.exitCode = 1

/** Ids of what is there, by the names of parameters. */
function idsOf(folder: string): KnownIds {
  const ids = (table: string, column = 'id') =>
    askDatabase(folder, (database) =>
      database.prepare(`select ${column} from ${table} limit 12`).pluck().all(),
    ) as string[]
  const revisions = ids('revision')
  return {
    application: ids('application'),
    product: ids('product'),
    specimen: ids('specimen'),
    claim: ids('claim'),
    school: [...ids('school'), 'build'],
    brand: ids('brand'),
    instrument: ids('instrument'),
    photo: ids('photo'),
    import: ids('import'),
    review: ids('review'),
    purchase: ids('purchase'),
    file: ['article.html', 'article.md'],
    number: ['1'],
    card: ['verdict-wide.svg', 'parts-tall.png'],
    column: revisions,
    a: revisions,
    b: [...revisions].reverse(),
    key: ['can.wall', 'thread.designation', 'faceVelocity', 'plate.inlets'],
    characteristic: ['can.wall', 'adbv.material', 'plate.inlets'],
  }
}
