/**
 * The bench on the demo and on a library of 2,000 specimens and 150,000 readings, as a table:
 * npm run bench:library. Needs a build and Chromium. Times are medians; those in the browser run from the
 * key that takes a reading to the frame that shows the next one.
 */
import { execFileSync, spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import puppeteer from 'puppeteer-core'
import { median } from 'simple-statistics'
import { browserOptions } from '../e2e/browser.ts'
import { medianTime, takeReading } from './timing.ts'
import { newId } from '#app/data/id.ts'
import { catalogueFor, type Characteristic } from '#core/catalogue/index.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { defaultEvidence } from '#core/teardown/reading.ts'

const root = join(import.meta.dirname, '..')
const url = 'http://127.0.0.1:4397'
const applications = 40
const specimensEach = 50
const readingsEach = 75

/** What could be typed for a characteristic; a number that wanders inside its typical range. */
function typed(c: Characteristic, turn: number): string {
  const share = ((turn * 7919) % 1000) / 1000
  switch (c.kind) {
    case 'quantity': {
      const [low, high] = c.typical
      const unit = { length: 'm', mass: 'kg', pressure: 'Pa' }[c.dimension as 'length' | 'mass' | 'pressure']
      return `${(low + share * (high - low)).toFixed(6)} ${unit}`
    }
    case 'count':
      return String(Math.round(c.typical[0] + share * (c.typical[1] - c.typical[0])))
    case 'choice':
      return c.options[turn % c.options.length]!.value
    case 'grade':
      return String(turn % c.anchors.length)
    case 'fault':
      return 'none'
    case 'thread':
      return 'M20 x 1.5'
    case 'openings':
      return `${5 + (turn % 3)} x 5.8 mm`
    default:
      return `note ${turn}`
  }
}

async function fill(): Promise<void> {
  const { saveApplication } = await import('#app/data/applications.server.ts')
  const { database } = await import('#app/data/database.server.ts')
  const { findProduct, saveProduct } = await import('#app/data/products.server.ts')
  const { addReadings } = await import('#app/data/readings.server.ts')
  const { saveSpecimen } = await import('#app/data/specimens.server.ts')
  const all = catalogueFor('spin-on')
  // Two are left open, so that there is a next reading to go to.
  const recorded = all.filter(({ key }) => !['media.layers', 'media.type'].includes(key))
  const asked = [...recorded.filter(({ extra }) => !extra), ...recorded.filter(({ extra }) => extra)]
  for (let a = 0; a < applications; a++) {
    const application = newId()
    await saveApplication({
      id: application,
      name: `Engine ${a}`,
      machine: '',
      form: 'spin-on',
      thread: 'M20 x 1.5',
      bypass: 'filter',
      bypassOpening: 1e5,
      oilTemperatureMin: null,
      oilTemperatureMax: null,
      serviceIntervals: {},
      maxHeight: null,
      gasketLand: null,
      note: '',
      rawInput: {},
    })
    for (let s = 0; s < specimensEach; s++) {
      const [product, specimen] = [newId(), newId()]
      await saveProduct({
        id: product,
        applicationId: application,
        brand: `Brand ${s % 25}`,
        partNumber: `P-${a}-${s}`,
        form: 'spin-on',
        tier: 'middle',
        revision: '',
      })
      const revision = (await findProduct(product))!.revisions[0]!.id
      await saveSpecimen({
        id: specimen,
        revisionId: revision,
        label: 'A',
        acquisition: 'bought',
        givenBy: '',
        paidMinor: 900 + s,
        currency: 'EUR',
        shop: '',
        rawInput: {},
      })
      const readings = Array.from({ length: readingsEach }, (_, r) => {
        const c = asked[r % asked.length]!
        const text = typed(c, a * 53 + s * 17 + r)
        const entry = parseEntry(c, { text })
        if (!entry.ok) throw new Error(`${c.key} ${text}: ${entry.problem.message}`)
        const { number = null, text: words = null, groups = null, unit = null } = entry.value
        return {
          id: newId(),
          specimenId: specimen,
          characteristic: c.key,
          rawInput: text,
          unit,
          valueNumber: number,
          valueText: words,
          valueGroups: groups,
          evidence: defaultEvidence(c),
          instrumentId: null,
          source: null,
          note: null,
        }
      })
      await addReadings(readings)
    }
  }
  await (await database()).destroy()
}

/** Runs in the page, so it is text: the build would call helpers that are not there. */
const watch = `
  const was = document.querySelector('#reading-label').textContent
  window.took = new Promise((done) => {
    window.addEventListener('keydown', (event) => {
      const look = () => document.querySelector('#reading-label')?.textContent === was ? requestAnimationFrame(look) : requestAnimationFrame(() => done(performance.now() - event.timeStamp))
      requestAnimationFrame(look)
    }, { once: true, capture: true })
  })
  undefined`

/** From the key to the frame that shows the next reading, in the page; so many times. */
async function timeTakes(bench: string): Promise<number> {
  const browser = await puppeteer.launch({
    protocolTimeout: 15_000,
    ...browserOptions,
  })
  const page = await browser.newPage()
  await page.setViewport({ width: 1280, height: 800 })
  const all: number[] = []
  for (let turn = 0; turn < 30; turn++) {
    await page.goto(`${url}${bench}?at=can.wall`, { waitUntil: 'networkidle0' })
    await page.keyboard.type('0.49 mm')
    await page.evaluate(watch)
    await page.keyboard.press('Enter')
    const took = await page.evaluate('window.took').catch(async () => {
      throw new Error(
        'The next reading never came. The screen says: ' +
          `${await page.evaluate(() => document.querySelector('main')!.innerText)}`,
      )
    })
    all.push(took as number)
  }
  await browser.close()
  return median(all)
}

async function measure(data: string): Promise<Record<string, number>> {
  const server = spawn('node', ['bin/serve.mjs'], {
    cwd: root,
    env: { ...process.env, PLICATOR_DATA: data, PORT: '4397', NODE_ENV: 'production' },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  await new Promise((up) => server.stdout.once('data', up))
  try {
    const get = async (path: string) => (await fetch(url + path)).text()
    const home = await get('/')
    const bench = /href="(\/bench\/\w+)"/.exec(home.slice(Math.max(0, home.indexOf('Dovrel'))))![1]!
    const lineup = /href="(\/lineups\/(?!new)\w+)"/.exec(home)![1]!
    const inBrowser = await timeTakes(bench)
    return {
      'taken to next shown, in the browser': inBrowser,
      'taking a reading, server': await medianTime(20, () => takeReading(url, bench)),
      'bench page, server': await medianTime(20, () => get(bench)),
      'line-up page, server': await medianTime(20, () => get(lineup)),
      'field beside a reading, server': await medianTime(20, () => get(`${bench}/distribution/can.wall`)),
    }
  } finally {
    server.kill()
  }
}

const demo = mkdtempSync(join(tmpdir(), 'plicator-demo-'))
const large = mkdtempSync(join(tmpdir(), 'plicator-large-'))
try {
  execFileSync('npx', ['tsx', 'db/demo/load.ts'], {
    cwd: root,
    env: { ...process.env, PLICATOR_DATA: demo },
    stdio: 'pipe',
  })
  process.env.PLICATOR_DATA = large
  await fill()
  const [small, big] = [await measure(demo), await measure(large)]
  console.log(`${''.padEnd(40)}${'demo'.padStart(12)}${'2,000 specimens'.padStart(18)}`)
  for (const what of Object.keys(small))
    console.log(
      `${what.padEnd(40)}${`${small[what]!.toFixed(1)} ms`.padStart(12)}${`${big[what]!.toFixed(1)} ms`.padStart(18)}`,
    )
} finally {
  for (const folder of [demo, large]) rmSync(folder, { recursive: true, force: true })
}
