import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { benchOf, fill, lineupOf, openPage, press, sees, startApp, visit, wholeLineup, type App } from './app.ts'
import { submit } from './forms.ts'

let app: App
let page: Page
let lineup: string
let edit: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  await page.setViewport(wholeLineup)
  lineup = await lineupOf(page, 'Skerry 1.1 D')
  edit = `${(await benchOf(page, 'Merribank MB-1120')).replace('/bench/', '/specimens/')}/edit`
})
afterAll(() => app.stop())

const heads = () =>
  page.$$eval('thead th', (all) => all.map((one) => (one as HTMLElement).innerText.replace(/\s+/g, ' ')))

test('how long a specimen served is asked once it is said to be used, and nonsense is refused', async () => {
  await visit(page, app.url + edit)
  await press(page, 'radio', 'Used')
  await fill(page, 'How long it served optional', 'a while')
  await press(page, 'button', 'Save the specimen')
  await sees(page, 'a while')
  await fill(page, 'How long it served optional', '8000 km or 250 h')
  await submit(page, 'Save the specimen')
  await sees(page, 'used, 8000 km, 250 engine hours')
})

test('the form holds what was said, and saves it unchanged', async () => {
  await visit(page, app.url + edit)
  const held = await page.$eval('input[name="service"]', (field) => (field as HTMLInputElement).value)
  expect(held).toBe('8000 km or 250 h')
  await submit(page, 'Save the specimen')
  await sees(page, 'used, 8000 km, 250 engine hours')
})

test('it stands beside the new one of its kind, out of its averages and out of the judgement', async () => {
  await visit(page, app.url + lineup)
  await sees(page, 'used: kept beside the new ones')
  const own = (await heads()).filter((head) => head.includes('Merribank MB-1120'))
  expect(own).toHaveLength(2)
  expect(own.some((head) => head.includes('used'))).toBe(true)
})

test('new again, it is one of its kind', async () => {
  await visit(page, app.url + edit)
  await press(page, 'radio', 'New')
  await submit(page, 'Save the specimen')
  await visit(page, app.url + lineup)
  expect((await heads()).filter((head) => head.includes('Merribank MB-1120'))).toHaveLength(1)
})
