/**
 * Frames a second while the table of a line-up of forty products and all their rows is scrolled, down and across, in
 * headless Chromium: npm run bench:scroll. Needs a build (npm run build). Made-up data.
 */
import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import puppeteer, { type Page } from 'puppeteer-core'
import { browserOptions } from '../e2e/browser.ts'
import { startServer } from './server-process.ts'

/** Every fourth product has three specimens. */
const [readings, specimens, lineups] = [4800, 60, 1]
/** A second has so many frames where nothing holds them up, and this share of them may be missed. */
const [frames, missed] = [60, 0.05]

/** Runs in the page, so it is text: scrolls to the end of the table in so many seconds, and notes when frames come. */
const scroll = (way: 'Top' | 'Left', seconds: number) => `new Promise((done) => {
  const box = [...document.querySelectorAll('main *')].find((one) => one.scrollHeight > one.clientHeight + 200 &&
    ['auto', 'scroll'].includes(getComputedStyle(one).overflowY))
  const end = '${way}' === 'Top' ? box.scrollHeight - box.clientHeight : box.scrollWidth - box.clientWidth
  const times = []
  const step = (now) => {
    times.push(now)
    const share = (now - times[0]) / ${seconds * 1000}
    box['scroll${way}'] = share * end
    if (share < 1) requestAnimationFrame(step)
    else done(times.slice(1).map((time, at) => time - times[at]))
  }
  requestAnimationFrame(step)
})`

async function measure(page: Page, way: 'Top' | 'Left', words: string): Promise<boolean> {
  const took = (await page.evaluate(scroll(way, 3))) as number[]
  const rate = (1000 * took.length) / took.reduce((sum, one) => sum + one, 0)
  const holds = rate >= frames * (1 - missed)
  const slowest = Math.max(...took).toFixed(0)
  console.log(`${words.padEnd(28)}${rate.toFixed(1).padStart(6)} frames a second, slowest frame ${slowest} ms`)
  return holds
}

const folder = mkdtempSync(join(tmpdir(), 'plicator-scroll-'))
execFileSync('npx', ['tsx', 'benchmarks/grow.ts', folder, ...[readings, specimens, lineups].map(String)])
const server = await startServer(folder)
const browser = await puppeteer.launch(browserOptions)
try {
  const page = await browser.newPage()
  await page.setViewport({ width: 1280, height: 800 })
  const home = await (await fetch(server.url)).text()
  const lineup = /href="(\/lineups\/(?!new)\w+)"/.exec(home)?.[1] ?? ''
  await page.goto(server.url + lineup, { waitUntil: 'networkidle0' })
  // Who scrolls has looked at the table: the drawings of its products have come by then.
  await page.waitForFunction(
    () =>
      performance.getEntriesByType('resource').filter(({ name }) => name.includes('/drawing.svg?face')).length >=
      document.querySelectorAll('table col').length - 1,
    { timeout: 60_000 },
  )
  await new Promise((resolve) => setTimeout(resolve, 1500))
  const [products, rows] = await page.evaluate(() => [
    document.querySelectorAll('table col').length - 1,
    document.querySelector('table')?.getAttribute('aria-rowcount') ?? 'all',
  ])
  console.log(`${products} products, ${rows} rows, 1280 x 800, ${frames} frames a second asked`)
  const holds = [await measure(page, 'Top', 'down the rows'), await measure(page, 'Left', 'across the products')]
  console.log(holds.includes(false) ? 'Not met.' : 'Met.')
} finally {
  await browser.close()
  await server.stop()
  rmSync(folder, { recursive: true, force: true })
}
