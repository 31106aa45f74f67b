import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { choose, lineupOf, openPage, reload, sees, startApp, visit, type App } from './app.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  const lineup = await lineupOf(page, 'Skerry 1.1 D')
  await visit(page, `${app.url}${lineup}/verdict`)
  const scores = await page.$$eval('a[href*="/score/"]', (links) => links.map((one) => one.getAttribute('href') ?? ''))
  await visit(page, app.url + scores[1]!)
})
afterAll(() => app.stop())

const costs = () =>
  page.$$eval('tbody tr td:nth-child(6)', (cells) =>
    cells.map(({ textContent }) => Number((textContent ?? '').replace('−', '').replace('–', '0') || NaN)),
  )
const firstRow = () => page.$eval('tbody tr a', (link) => link.textContent)
const firstRowIsNot = (name: string | null) =>
  page.waitForFunction((known) => document.querySelector('tbody tr a')?.textContent !== known, {}, name)
const rowOf = (criterion: string) =>
  page.$$eval('tbody tr', (rows, name) => rows.findIndex((row) => row.textContent?.startsWith(name)), criterion)

test('each criterion shows the product on its rule, and the others beside it', async () => {
  await sees(page, 'A ring is this product, an amber stroke each of the others.')
  const at = await rowOf('Can wall')
  const drawn = await page.$$eval(
    'tbody tr',
    (rows, index) => {
      const row = rows[index]!
      return [row.querySelectorAll('svg title').length, row.querySelectorAll('svg circle[r="4.5"]').length]
    },
    at,
  )
  expect(drawn[0]).toBeGreaterThan(8)
  expect(drawn[1]).toBe(1)
})

test('sorted by what it costs against the best, kept in the address, and back', async () => {
  const byPart = await costs()
  const first = await firstRow()
  await choose(page, 'Sorted by', 'what it costs')
  await firstRowIsNot(first)
  expect(page.url()).toContain('sort=cost')
  const sorted = (await costs()).filter((cost) => !Number.isNaN(cost))
  expect(sorted.length).toBeGreaterThan(20)
  expect(sorted).toEqual([...sorted].sort((a, b) => b - a))
  expect(sorted[0]).toBeGreaterThan(1)
  await reload(page)
  expect((await costs())[0]).toBe(sorted[0])
  const dearest = await firstRow()
  await choose(page, 'Sorted by', 'part')
  await firstRowIsNot(dearest)
  expect(page.url()).not.toContain('sort')
  expect(await costs()).toEqual(byPart)
})
