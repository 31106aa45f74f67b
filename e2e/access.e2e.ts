import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { afterAll, beforeAll, expect, test } from 'vitest'
import type { Page } from 'puppeteer-core'
import { benchOf, openPage, press, startApp, visit, type App } from './app.ts'

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

let app: App
let page: Page
let paths: Record<string, string> = {}

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  const bench = await benchOf(page, 'Dovrel D-19')
  const lineup = await page.$eval('a[href^="/lineups/"]:not([href$="new"])', (link) => link.getAttribute('href')!)
  const product = await page.$eval('a[href^="/products/"]', (link) => link.getAttribute('href')!)
  const specimen = bench.replace('/bench/', '/specimens/')
  await visit(page, `${app.url}/instruments`)
  const study = await page.$eval('a[aria-label^="Study"]', (one) => one.getAttribute('href')!)
  await visit(page, `${app.url}/library`)
  const brand = await page.$eval('a[href^="/brands/"]', (link) => link.getAttribute('href')!)
  await visit(page, `${app.url}${lineup}/verdict`)
  const word = await page.$eval('a[href*="/word/"]', (link) => link.getAttribute('href')!.replace(/\?.*/, ''))
  await visit(page, `${app.url}/kin`)
  const kin = await page.$eval('a[href^="/kin/"]', (link) => link.getAttribute('href')!)
  await visit(page, `${app.url}/plan`)
  const purchase = await page.$eval('a[href^="/purchases/"]', (link) => link.getAttribute('href')!)
  paths = {
    'line-ups': '/',
    plan: '/plan',
    purchase,
    'new application': '/lineups/new',
    'line-up': lineup,
    product,
    'new specimen': `${product}/specimens/new`,
    'bench, a number': `${bench}?at=can.wall`,
    'bench, a choice': `${bench}?at=adbv.material`,
    value: `${specimen}/values/can.wall`,
    figure: `${specimen}/values/inlet.area`,
    score: `${specimen}/score`,
    'bench, a grade': `${bench}?at=glue.grade`,
    'box claims': `${lineup}/claims`,
    money: `${lineup}/money`,
    'face-off': `${lineup}/face-off`,
    verdict: `${lineup}/verdict`,
    kin: `${lineup}/kin`,
    'kin of all': '/kin',
    'kin of two': kin,
    prices: `${product}/prices`,
    'price list': `${lineup}/price-list`,
    'own table': `${lineup}/table`,
    'new claim': `${product}/claims/new`,
    'several claims': `${product}/claims/read`,
    'how it works': `${specimen}/how-it-works`,
    'in a word': word,
    counter: word.replace('/word/', '/counter/'),
    brand,
    reviewer: '/reviewer',
    drivers: '/drivers',
    schools: '/schools',
    'own school': '/schools/new?of=thrift',
    'weights by question': '/schools/by-question?swings=media:100,can:70,caps:40',
    'weights asked again': '/schools/by-question?swings=media:100,can:70,caps:40&done=1',
    'schools side by side': '/schools/side-by-side',
    instruments: '/instruments',
    'grades given again': '/instruments/grades',
    'study of the hand': study,
    log: `${specimen}/log`,
    'change the method': '/method/edit',
    library: '/library',
    method: '/method',
    'parts of the interface': '/workshop/parts',
  }
})
afterAll(() => app.stop())

interface Violation {
  id: string
  nodes: { html: string }[]
}

async function violationsOn(name: string): Promise<string[]> {
  await page.evaluate(axe)
  const { violations } = (await page.evaluate('axe.run()')) as { violations: Violation[] }
  return violations.map(
    ({ id, nodes }) =>
      `${name}: ${id}: ${nodes
        .slice(0, 3)
        .map(({ html }) => html.slice(0, 140))
        .join(' | ')}`,
  )
}

test.each(['light', 'dark'])('axe finds nothing on any page, %s', { timeout: 300_000 }, async (theme) => {
  await visit(page, app.url)
  await press(page, 'button', 'Workshop')
  await press(page, 'menuitem', theme === 'light' ? 'Colours: as the system has them' : 'Colours: light')
  await page.waitForFunction((wanted) => document.documentElement.dataset.theme === wanted, {}, theme)
  const found: string[] = []
  for (const [name, path] of Object.entries(paths)) {
    await visit(page, app.url + path)
    expect(await page.$eval('html', (html) => html.getAttribute('data-theme'))).toBe(theme)
    found.push(...(await violationsOn(name)))
  }
  for (const key of ['k', '?']) {
    if (key === 'k') await page.keyboard.down('Control')
    await page.keyboard.type(key)
    await page.keyboard.up('Control')
    await page.waitForSelector('[role="dialog"]')
    found.push(...(await violationsOn(`dialog under ${key}`)))
    await page.keyboard.press('Escape')
    await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null)
  }
  expect(found).toEqual([])
})

test('nothing but tables scrolls sideways at 820 px', { timeout: 300_000 }, async () => {
  await page.setViewport({ width: 820, height: 1180 })
  for (const [name, path] of Object.entries(paths)) {
    await visit(page, app.url + path)
    expect(await page.evaluate(() => document.documentElement.scrollWidth), name).toBeLessThanOrEqual(820)
  }
})

test('in print the line-up stands alone and whole', async () => {
  await page.setViewport({ width: 1280, height: 800 })
  // Styles that the browser works at when the medium changes keep the old one.
  await page.emulateMediaType('print')
  await visit(page, app.url + paths['line-up']!)
  await page.waitForFunction(() => getComputedStyle(document.querySelector('header')!).display === 'none')
  const box = await page.$eval('[aria-label="Line-up table"]', (table) => getComputedStyle(table).overflow)
  expect(box).toBe('visible')
  await page.emulateMediaType('screen')
})
