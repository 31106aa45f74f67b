import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { choose, fill, openPage, press, sees, startApp, visit, words, type App } from './app.ts'
import { submit } from './forms.ts'

let app: App
let page: Page
let lineup: string

beforeAll(async () => {
  app = await startApp({ demo: false })
  page = await openPage(app, '/')
})
afterAll(() => app.stop())

/** Seven readings a product, as a reviewer says them. */
const review = [
  ['Kelvane', 'K-8', '302 g; wall .50; turns 5; adbv silicone; pleats 58; glue 4; spring coil'],
  ['Otherby', 'O-31', '268 g; wall .42; turns 4; adbv nitrile; pleats 44; glue 2; spring leaf'],
  ['Sarnfold', 'S-100', 'about 240 g; wall .38; turns 3; adbv nitrile; pleats 35; glue 1; spring leaf'],
] as const

let keys = 0
let screens = 0

/** Types into what has the focus, key by key. */
async function type(text: string): Promise<void> {
  keys += text.length
  await page.keyboard.type(text)
}
async function key(name: 'Enter' | 'Tab'): Promise<void> {
  keys++
  await page.keyboard.press(name)
}

describe('a review by quick entry alone, from nothing', () => {
  test('the engine is made', async () => {
    await visit(page, `${app.url}/lineups/new`)
    await fill(page, 'Name of the engine', 'Hulder 0.9')
    await submit(page, 'Add the engine')
    lineup = new URL(page.url()).pathname
  })

  test.each(review)('%s %s in less than 120 keys and three screens', async (brand, partNumber, line) => {
    await visit(page, app.url + lineup)
    ;[keys, screens] = [0, 0]
    const count = () => screens++
    page.on('framenavigated', count)
    await press(page, 'link', 'Add a product')
    await page.waitForFunction(() => document.activeElement?.getAttribute('name') === 'brand')
    await type(brand)
    await key('Tab')
    await type(partNumber)
    await key('Enter')
    await sees(page, 'What you found, in a line')
    await page.locator('#product-line').click()
    await type(line)
    await sees(page, 'Keep 7 readings')
    await key('Enter')
    await sees(page, '7 readings kept.')
    page.off('framenavigated', count)
    expect(keys).toBeLessThan(120)
    expect(screens).toBeLessThanOrEqual(3)
    expect(await words(page)).toContain('A')
  })

  test('what is not clear stays in the field, and asks', async () => {
    await page.locator('#product-line').fill('height 92 mm; wibble 3')
    await sees(page, 'wibble')
    await sees(page, 'Keep 1 reading')
    const before = await page.$eval('#product-line', (one) => (one as HTMLTextAreaElement).value)
    await page.keyboard.press('Enter')
    await page.waitForFunction(
      (was) => (document.querySelector('#product-line') as HTMLTextAreaElement).value !== was,
      {},
      before,
    )
    expect(await page.$eval('#product-line', (one) => (one as HTMLTextAreaElement).value)).toContain('wibble 3')
  })

  test('a verdict names who is first, and how sure that is', async () => {
    await visit(page, `${app.url}${lineup}/verdict`)
    await sees(page, 'Kelvane K-8')
    await page.waitForFunction(() => /Kelvane K-8 (wins|leads)/.test(document.body.innerText), { timeout: 60_000 })
  })

  test('the reviewer picks and publishes', async () => {
    await press(page, 'button', 'Publish …')
    await fill(page, 'Your own words', 'Thick can, full pack: I would run it.')
    await choose(page, 'Put first all the same', 'Kelvane K-8')
    await fill(page, 'Reason to overrule', 'what I would run')
    await press(page, 'button', 'Publish as it is')
    await sees(page, 'Nothing has changed it since.')
    await sees(page, 'Thick can, full pack')
  })
})
