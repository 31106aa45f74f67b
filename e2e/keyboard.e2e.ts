import { afterAll, beforeAll, test } from 'vitest'
import type { Page } from 'puppeteer-core'
import { openPage, readingIs, sees, startApp, type App } from './app.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
})
afterAll(() => app.stop())

/** Goes on with Tab until what has the focus says so. */
async function tabTo(words: string): Promise<void> {
  const seen: string[] = []
  for (let step = 0; step < 120; step++) {
    await page.keyboard.press('Tab')
    const focus = await page.evaluate(() => {
      const element = document.activeElement as HTMLElement
      if (element === document.body) return ''
      const label = element.id ? document.querySelector(`label[for="${element.id}"]`)?.textContent : ''
      return `${element.getAttribute('aria-label') ?? ''} ${element.innerText ?? ''} ${label}`
    })
    seen.push(focus.trim())
    if (focus.includes(words)) return
  }
  throw new Error(`Tab never reached "${words}", but: ${seen.join(' | ')}`)
}

test('with no mouse: an application, a product, a specimen, a reading, a choice, a strike, the line-up', async () => {
  await tabTo('New engine')
  await page.keyboard.press('Enter')
  await sees(page, 'Name of the engine')
  await page.waitForFunction(() => document.activeElement?.getAttribute('name') === 'name')
  await page.keyboard.type('Skerry 0.7')
  await page.keyboard.press('Enter')
  await sees(page, 'each takes its place with its first specimen')

  await tabTo('Add a product')
  await page.keyboard.press('Enter')
  await page.waitForFunction(() => document.activeElement?.getAttribute('name') === 'brand')
  await page.keyboard.type('Ostrey')
  await tabTo('Part number')
  await page.keyboard.type('O-1')
  await tabTo('Add the product')
  await page.keyboard.press('Enter')
  await sees(page, 'Ostrey O-1')

  await tabTo('New specimen')
  await page.keyboard.press('Enter')
  await sees(page, 'Label of the specimen')
  await tabTo('Put it on the bench')
  await page.keyboard.press('Enter')
  await readingIs(page, 'Part number as printed')

  await page.keyboard.type('O-1 K')
  await page.keyboard.press('Enter')
  await readingIs(page, 'Date code')
  await page.keyboard.press('ArrowDown')
  await readingIs(page, 'Country of origin')
  await page.keyboard.press('ArrowDown')
  await readingIs(page, 'Maker named')
  await page.keyboard.press('2')
  await readingIs(page, 'How the box is closed')
  await tabTo('Strike Maker named Brand only')
  await page.keyboard.press('Enter')
  await sees(page, 'struck')
  await tabTo('Restore Maker named Brand only')
  await page.keyboard.press(' ')
  await tabTo('Strike Maker named Brand only')

  await tabTo('Line-up')
  await page.keyboard.press('Enter')
  await sees(page, 'Construction score')
  await sees(page, 'Ostrey O-1')
})
