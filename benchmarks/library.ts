/**
 * The bench on the demo and on a library of 1,994 specimens and 150,000 readings, as a table:
 * npm run bench:library. Needs a build and Chromium. Times are medians; those in the browser run from the
 * key that takes a reading to the frame that shows the next one.
 */
import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import puppeteer from 'puppeteer-core'
import { median } from 'simple-statistics'
import { browserOptions } from '../e2e/browser.ts'
import { medianTime, takeReading } from './timing.ts'
import { startServer } from './server-process.ts'

const root = join(import.meta.dirname, '..')
/** Runs in the page, so it is text: the build would call helpers that are not there. */
const watch =
  "\n  const was = document.querySelector('#reading-label').textContent\n  window.took = new Promise((done) => " +
  "{\n    window.addEventListener('keydown', (event) => {\n      const look = () => " +
  "document.querySelector('#reading-label')?.textContent === was ? requestAnimationFrame(look) : " +
  'requestAnimationFrame(() => done(performance.now() - event.timeStamp))\n      requestAnimationFrame(look)\n   ' +
  ' }, { once: true, capture: true })\n  })\n  undefined'

/** From the key to the frame that shows the next reading, in the page; so many times. */
async function timeTakes(url: string, bench: string): Promise<number> {
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
  const server = await startServer(data)
  const { url } = server
  try {
    const get = async (path: string) => (await fetch(url + path)).text()
    const home = await get('/')
    const bench = /href="(\/bench\/\w+)"/.exec(home.slice(Math.max(0, home.indexOf('Dovrel'))))![1]!
    const lineup = /href="(\/lineups\/(?!new)\w+)"/.exec(home)![1]!
    const inBrowser = await timeTakes(url, bench)
    return {
      'taken to next shown, in the browser': inBrowser,
      'taking a reading, server': await medianTime(20, () => takeReading(url, bench)),
      'bench page, server': await medianTime(20, () => get(bench)),
      'line-up page, server': await medianTime(20, () => get(lineup)),
      'field beside a reading, server': await medianTime(20, () => get(`${bench}/distribution/can.wall`)),
    }
  } finally {
    await server.stop()
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
  execFileSync('npx', ['tsx', 'benchmarks/grow.ts', large], { cwd: root, stdio: 'pipe' })
  const [small, big] = [await measure(demo), await measure(large)]
  console.log(`${''.padEnd(40)}${'demo'.padStart(12)}${'1,994 specimens'.padStart(18)}`)
  for (const what of Object.keys(small))
    console.log(
      `${what.padEnd(40)}${`${small[what]!.toFixed(1)} ms`.padStart(12)}${`${big[what]!.toFixed(1)} ms`.padStart(18)}`,
    )
} finally {
  for (const folder of [demo, large]) rmSync(folder, { recursive: true, force: true })
}
