import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { fill, lineupOf, openPage, press, sees, startApp, visit, words, type App } from './app.ts'
import { pathOf, submit } from './forms.ts'

let app: App
let page: Page
let lineup: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
})
afterAll(() => app.stop())

const became = () =>
  page.$eval('table[aria-label="What it became"]', (one) => (one as HTMLElement).innerText.replace(/\s+/g, ' '))

test('a pasted list is matched to the line-up, and what it cannot place is said', async () => {
  await visit(page, `${app.url}${lineup}/money`)
  await press(page, 'link', 'Paste a price list')
  await press(page, 'button', 'Keep the prices')
  await sees(page, 'Paste or type the prices first.')
  await fill(page, 'Prices, a line each', 'Dovrel D-19 11.97, 3-pack 29.95, ship 6\nX-99 5.00')
  await sees(page, 'Keep 2 prices')
  expect(await became()).toContain('no product of this line-up this line is left away')
  expect(await became()).toMatch(/Dovrel D-19 .*29\.95.* for 3 filters · no shop yet · freight .*6\.00/)
})

test('a list without a shop is refused, with one it is kept', async () => {
  await press(page, 'button', 'Keep 2 prices')
  await sees(page, 'names no shop: write it there, or for the whole list.')
  await fill(page, 'Shop, where a line names none', 'Quay Parts')
  await submit(page, 'Keep 2 prices')
  expect(pathOf(page)).toBe(`${lineup}/money`)
})

test('one product has its prices in a line', async () => {
  await visit(page, `${app.url}/library`)
  const address = await page.$$eval(
    'a[href^="/products/"]',
    (links) => links.find(({ textContent }) => textContent?.includes('Dovrel D-19'))?.getAttribute('href') ?? '',
  )
  await visit(page, `${app.url}${address}/prices`)
  await sees(page, 'Quay Parts')
  expect(await words(page)).toMatch(/29\.95.* for 3/)
  await press(page, 'link', 'Type prices in a line')
  await fill(page, 'Prices, a line each', 'five forty-nine at Pier Motors shipped')
  await submit(page, 'Keep 1 price')
  await visit(page, `${app.url}${address}/prices`)
  await sees(page, 'Pier Motors')
})
