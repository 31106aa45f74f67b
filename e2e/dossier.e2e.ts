import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { addressOf, besideField, goes } from './forms.ts'
import { fill, lineupOf, openPage, press, sees, startApp, visit, words, type App } from './app.ts'

let app: App
let page: Page
let lineup: string
let product: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
  product = await addressOf(page, 'Fennick F-2210', `${app.url}/library`)
  await visit(page, app.url + product)
})
afterAll(() => app.stop())

test('all that is known of a product stands on its page', async () => {
  await page.waitForSelector('svg[aria-label="Fennick F-2210 A, exploded drawing"]')
  for (const heading of ['Specimens', 'Revisions', 'Claims', 'Prices', 'Verdicts it stood in'])
    await sees(page, heading)
  const revisions = await page.$$eval('ol[aria-label="Revisions"] li', (all) => all.map((one) => one.textContent))
  expect(revisions).toEqual(['first printing1 specimen: A', 'suffix B1 specimen: A'])
  expect(await words(page)).toContain('98.7+ at 25 µm')
})

test('it is edited in place, and refused beside the field with what was typed', async () => {
  await press(page, 'button', 'Edit')
  await fill(page, 'Part number', '')
  await press(page, 'button', 'Save the product')
  await sees(page, 'is missing.')
  expect(await besideField(page, 'Part number')).toContain('The part number is missing.')
  await fill(page, 'Part number', 'F-2211')
  await press(page, 'button', 'Save the product')
  await sees(page, 'Fennick F-2211')
  await goes(page, 'Save the product')
  await press(page, 'button', 'Edit')
  await fill(page, 'Part number', 'F-2210')
  await press(page, 'button', 'Leave it')
  await goes(page, 'Save the product')
  await sees(page, 'Fennick F-2211')
})

test('a claim is added in a line, and the page stays', async () => {
  await fill(page, 'What is claimed, in a line', 'holds 21 g of dirt')
  await sees(page, 'Dirt capacity: 21.0 g')
  await press(page, 'button', 'Keep')
  await sees(page, 'holds 21 g of dirt')
  expect(new URL(page.url()).pathname).toBe(product)
})

test('prices of two days are drawn, and one is removed without leaving', async () => {
  await press(page, 'link', 'Type prices in a line')
  await sees(page, 'Prices of Fennick F-2211')
  await visit(page, `${app.url}${product}/prices`)
  // A column of the table is called the same.
  await page.locator('::-p-aria([name="Shop"][role="textbox"])').fill('Pier Parts')
  await fill(page, 'Price of a pack', '7.25')
  await press(page, 'button', 'Add the price')
  await sees(page, '7.25')
  await visit(page, app.url + product)
  await page.waitForSelector('svg[aria-label^="Asked for one: from"]')
  const rows = () => page.$$eval('button[aria-label^="Remove the price of"]', (all) => all.length)
  const before = await rows()
  await page.$eval('button[aria-label^="Remove the price of"]', (button) => (button as HTMLElement).click())
  await page.waitForFunction(
    (count) => document.querySelectorAll('button[aria-label^="Remove the price of"]').length === count - 1,
    {},
    before,
  )
  expect(new URL(page.url()).pathname).toBe(product)
})

test('a verdict that was published is listed with its place', async () => {
  await visit(page, `${app.url}${lineup}/verdict`)
  await press(page, 'button', 'Publish …')
  await page.locator('label::-p-text(I have seen it, and publish all the same)').click()
  await press(page, 'button', 'Publish as it is')
  await press(page, 'tab', 'Published')
  await sees(page, 'Nothing has changed it since.')
  await visit(page, app.url + product)
  await page.waitForFunction(() => /\d+ of 1[0-2]/.test(document.body.innerText))
})
