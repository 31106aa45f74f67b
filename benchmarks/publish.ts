/**
 * How large what leaves a review is, how long it takes, and how long a reading takes from the bench to over the
 * picture, on the demo: npm run bench:publish. Needs a build (npm run build). Ends with 1 where it is more than is
 * asked.
 */
import { setTimeout as wait } from 'node:timers/promises'
import { join } from 'node:path'
import { newId } from '#app/data/id.ts'
import { leastUp } from '#core/review/on-air.ts'
import { copyPublished } from './copy-published.ts'
import { benchOf, lineupOf, openPage, startApp } from '../e2e/app.ts'

const limits = { article: 2_000_000, drawn: 150, site: 20_000 }
/** Reviews of the site that is built. */
const published = 300
const rounds = 20

const app = await startApp({ demo: true })
const page = await openPage(app, '/')
const lineup = await lineupOf(page, 'Skerry 1.1 D')
const specimen = (await benchOf(page, 'Dovrel D-19')).replace('/bench/', '')
const list = await (await fetch(`${app.url}${lineup}/review`)).text()
const review = /\/lineups\/\w+\/review\/\w{12}/.exec(list)?.[0] ?? ''

const line = (what: string, value: string, aim = '') => console.log(what.padEnd(44), value.padStart(12), aim)

/** Size in bytes, and ms of the first time and of the fastest of three more. */
async function measure(path: string): Promise<{ bytes: number; first: number; again: number }> {
  const times: number[] = []
  let bytes = 0
  for (let round = 0; round < 4; round++) {
    const began = performance.now()
    bytes = (await (await fetch(app.url + path)).arrayBuffer()).byteLength
    times.push(performance.now() - began)
  }
  const [first = 0, ...others] = times
  return { bytes, first, again: Math.min(...others) }
}

let isTooMuch = false
const files = ['files/article.html', 'files/article.md', 'chart.svg', 'cards/verdict-wide.png', 'cards/parts-tall.png']
for (const file of [...files, 'cards/pair-square.svg']) {
  const { bytes, first, again } = await measure(`${review}/${file}`)
  const isArticle = file === 'files/article.html'
  line(file, `${Math.round(bytes / 1000)} kB`, isArticle ? `asked: ${limits.article / 1000} at most, 12 products` : '')
  line('  first, ms', first.toFixed(0))
  line('  again, ms', again.toFixed(0))
  if (isArticle && bytes > limits.article) isTooMuch = true
}

const data = await measure(`${lineup}/data-package.zip`)
line('data-package.zip', `${Math.round(data.bytes / 1000)} kB`)
line('  first, ms', data.first.toFixed(0))
await siteOfMany()

const air = await openPage(app, lineup.replace('/lineups/', '/on-air/'))
await air.bringToFront()
await air.waitForFunction(() => document.querySelector('[data-reading]') !== null)
const waits: number[] = []
for (let round = 0; round < rounds; round++) {
  await wait(leastUp + 200)
  const text = `0.${40 + round}`
  const drawn = air
    .waitForFunction(
      (wanted) => document.querySelector('[data-reading]')?.textContent?.startsWith(wanted) === true && Date.now(),
      { polling: 'raf' },
      text,
    )
    .then((moment) => moment.jsonValue() as Promise<number>)
  const sent = Date.now()
  await fetch(`${app.url}/bench/${specimen}/acts`, {
    method: 'POST',
    headers: { Origin: app.url },
    body: new URLSearchParams({
      ...{ intent: 'take', id: newId(), characteristic: 'can.wall', typed: text, unit: 'mm', evidence: 'measured' },
      ...{ source: '', insist: 'yes' },
    }),
  })
  waits.push((await drawn) - sent)
}
waits.sort((a, b) => a - b)
const at = (share: number) => waits[Math.min(rounds - 1, Math.floor(share * rounds))] ?? 0
line(`from taken to drawn, ${rounds} readings, middle, ms`, String(at(0.5)), `asked: below ${limits.drawn}`)
line('  slowest, ms', String(at(1)))
if (at(0.5) >= limits.drawn) isTooMuch = true
await app.stop()
if (isTooMuch) process.exitCode = 1

/** Publishes the review, puts it into the database many times, and builds the site of them all, twice. */
async function siteOfMany(): Promise<void> {
  const post = (path: string, fields: Record<string, string>) =>
    fetch(app.url + path, { method: 'POST', headers: { Origin: app.url }, body: new URLSearchParams(fields) })
  const ids = { id: newId(), version: '1', number: '1', correction: '', reason: 'A measurement.' }
  await post(`${review}.data`, { intent: 'publish', ...ids })
  copyPublished(join(app.data, 'plicator.sqlite'), published)
  for (const round of ['first', 'again']) {
    const began = performance.now()
    await post('/reviews/site-build.data', { title: 'Filters', address: 'https://example.org' })
    let slowest = 0
    let build = { state: 'building', written: 0, total: 0 }
    while (build.state === 'building') {
      const asked = performance.now()
      build = (await (await fetch(`${app.url}/reviews/site-build`)).json()) as typeof build
      slowest = Math.max(slowest, performance.now() - asked)
      await wait(100)
    }
    const took = performance.now() - began
    const aim = round === 'first' ? `asked: below ${limits.site}` : ''
    line(`site of ${build.total}, ${build.written} written, ${round}, ms`, took.toFixed(0), aim)
    line('  who asked meanwhile waited, at most, ms', slowest.toFixed(0))
    if (build.total < published || took > limits.site) isTooMuch = true
  }
}
