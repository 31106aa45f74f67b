/**
 * What a reader waits for on each view of the demo, measured in headless Chromium with web-vitals, as a table:
 * npm run bench:pages -- [views]. Needs a build (npm run build). At the machine's own speed and four times slower; each
 * view is a first visit with an empty cache in a browser that has started, and what is printed is the median of three
 * visits.
 */
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import type { CDPSession, Page } from 'puppeteer-core'
import { median } from 'simple-statistics'
import { startApp } from '../e2e/app.ts'
import { startClock, wasOurs, type Stretch } from './neighbours.ts'

const vitals = readFileSync(join(import.meta.dirname, '../node_modules/web-vitals/dist/web-vitals.iife.js'), 'utf8')

/** What must hold at the machine's own speed: milliseconds, a share of the window, kB compressed. */
const most = { fcp: 1000, cls: 0.05, inp: 100, scripts: 250 }

interface Vitals {
  fcp: number
  cls: number
  inp: number
  /** When the whole page answers, ms. */
  alive: number
  /** kB of scripts until the page was loaded, compressed; what is fetched ahead later is not of it. */
  scripts: number
}

type Measured = Vitals & Stretch

/** Notes what web-vitals reports, also of what has not ended yet. */
const watch = `
  ${vitals};
  window.measured = { fcp: 0, cls: 0, inp: 0 };
  const note = (name) => ({ value }) => { window.measured[name] = value };
  webVitals.onFCP(note('fcp'), { reportAllChanges: true });
  webVitals.onCLS(note('cls'), { reportAllChanges: true });
  webVitals.onINP(note('inp'), { reportAllChanges: true, durationThreshold: 16 });
`

/** Presses what a reader presses first: the units and back, and the search. */
async function interact(page: Page): Promise<void> {
  for (const key of ['Tab', 'Tab', 'Tab'] as const) await page.keyboard.press(key)
  await page.keyboard.down('Control')
  await page.keyboard.press('k')
  await page.keyboard.up('Control')
  await page.waitForSelector('[role="dialog"]', { timeout: 20_000 })
  await page.keyboard.type('wall')
  // Once for what is typed, once for the dialog.
  for (const key of ['Escape', 'Escape'] as const) await page.keyboard.press(key)
  await page.waitForFunction(() => !document.querySelector('[role="dialog"]'))
}

/** kB of the scripts that a page has asked for so far, each compressed as it is sent to another machine. */
async function countScripts(session: CDPSession): Promise<() => Promise<number>> {
  const scripts = new Set<string>()
  await session.send('Network.enable')
  session.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.add(requestId))
  return async () => {
    const bodies = await Promise.all(
      [...scripts].map((requestId) => session.send('Network.getResponseBody', { requestId })),
    )
    return bodies.reduce((sum, { body }) => sum + gzipSync(body, { level: 6 }).length, 0) / 1000
  }
}

const rest = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

const app = await startApp({ demo: true })

async function visit(path: string, slowness: number): Promise<Measured> {
  const [context, clock] = [await app.browser.createBrowserContext(), startClock()]
  const page = await context.newPage()
  await page.setViewport({ width: 1280, height: 800 })
  await page.setCacheEnabled(false)
  await page.evaluateOnNewDocument(watch)
  const session = await page.createCDPSession()
  if (slowness > 1) await session.send('Emulation.setCPUThrottlingRate', { rate: slowness })
  const scripts = await countScripts(session)
  // The browser has come to rest, as that of a reader has: it takes as long to open a window as a page takes.
  await rest(1000)
  await page.goto(app.url + path, { waitUntil: 'load' })
  const loaded = await scripts()
  await page.waitForNetworkIdle({ concurrency: 2 })
  await interact(page)
  await rest(500)
  const seen = await page.evaluate(() => ({
    ...(window as unknown as { measured: Pick<Vitals, 'fcp' | 'cls' | 'inp'> }).measured,
    alive: performance.getEntriesByName('page alive')[0]?.startTime ?? NaN,
  }))
  await context.close()
  return { ...seen, ...clock(), scripts: loaded }
}

/** So many visits count, out of so many at most. */
const [visits, mostVisits] = [3, 9]

/** Medians of several first visits, of those for which neighbours on the same hardware left us the machine. */
async function measure(path: string, slowness: number): Promise<Vitals & { isOurs: boolean }> {
  const all: Measured[] = []
  while (all.length < mostVisits && all.filter(wasOurs).length < visits) all.push(await visit(path, slowness))
  const ours = all.filter(wasOurs)
  const isOurs = ours.length >= visits
  const seen = isOurs ? ours : all
  const middle = (of: keyof Vitals) => median(seen.map((one) => one[of]))
  return {
    fcp: middle('fcp'),
    cls: middle('cls'),
    inp: middle('inp'),
    alive: middle('alive'),
    scripts: middle('scripts'),
    isOurs,
  }
}

async function views(): Promise<Record<string, string>> {
  const page = await app.browser.newPage()
  await page.goto(app.url, { waitUntil: 'networkidle2' })
  const links = await page.$$eval('a', (all) => all.map((link) => link.getAttribute('href') ?? ''))
  await page.close()
  const lineup = links.find((link) => /^\/lineups\/[a-z0-9]{12}$/.test(link)) ?? ''
  const bench = links.find((link) => link.startsWith('/bench/')) ?? ''
  return {
    Today: '/',
    Plan: '/plan',
    Bench: bench,
    'Line-up': lineup,
    'Face-off': `${lineup}/face-off`,
    Claims: `${lineup}/claims`,
    Money: `${lineup}/money`,
    Kin: `${lineup}/kin`,
    Verdict: `${lineup}/verdict`,
    Method: '/method',
    Library: '/library',
  }
}

const row = (...cells: string[]) => `| ${cells.join(' | ')} |`

try {
  console.log(row('view', 'first paint', 'at 4x', 'alive', 'layout shift', 'next paint', 'at 4x', 'scripts'))
  console.log(row(...Array.from({ length: 8 }, () => '---')))
  const [broken, busy]: [string[], string[]] = [[], []]
  const asked = process.argv.slice(2)
  for (const [name, path] of Object.entries(await views())) {
    if (asked.length > 0 && !asked.includes(name)) continue
    const [own, slow] = [await measure(path, 1), await measure(path, 4)]
    const ms = (time: number) => `${Math.round(time)} ms`
    const kb = `${Math.round(own.scripts)} kB`
    console.log(row(name, ms(own.fcp), ms(slow.fcp), ms(own.alive), own.cls.toFixed(3), ms(own.inp), ms(slow.inp), kb))
    if (!own.isOurs || !slow.isOurs) busy.push(name)
    if (own.fcp > most.fcp) broken.push(`${name}: first paint`)
    if (own.cls > most.cls) broken.push(`${name}: layout shift`)
    if (own.inp > most.inp) broken.push(`${name}: next paint`)
    if (name === 'Today' && own.scripts > most.scripts) broken.push('Scripts of a first visit')
  }
  console.log(
    `Asked at the machine's own speed: first paint ${most.fcp} ms, layout shift ${most.cls}, next paint ${most.inp} ms, ` +
      `scripts of a first visit (Today) ${most.scripts} kB. ${broken.length === 0 ? 'All hold.' : `Not met: ${broken.join('; ')}.`}`,
  )
  if (busy.length > 0) console.log(`Neighbours on the same hardware held the machine at ${busy.join(', ')}.`)
} finally {
  await app.stop()
}
