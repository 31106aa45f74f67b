import { afterAll, beforeAll, test } from 'vitest'
import type { Page } from 'puppeteer-core'
import { benchOf, openPage, readingIs, readingUp, sees, startApp, visit, type App } from './app.ts'

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

/** Presses a key so many times as fast as it goes, as one that is held down repeats. */
async function hurry(key: 'ArrowDown' | 'ArrowUp', times: number): Promise<void> {
  for (let time = 0; time < times; time++) await page.keyboard.press(key)
}

test('arrows pressed one right after the other all count, there and back, and the address follows', async () => {
  await visit(page, app.url)
  const bench = await benchOf(page, 'Dovrel D-19')
  await visit(page, `${app.url}${bench}?at=can.wall`)
  await readingIs(page, 'Can wall')
  const walked: string[] = []
  for (let step = 0; step < 8; step++) {
    const before = await readingUp(page)
    await page.keyboard.press('ArrowDown')
    await page.waitForFunction((left) => document.querySelector('#reading-label')?.textContent !== left, {}, before)
    await page.waitForFunction(() => !location.search.endsWith('at=can.wall'))
    walked.push(await readingUp(page))
  }
  await hurry('ArrowUp', 8)
  await readingIs(page, 'Can wall')
  for (let round = 0; round < 5; round++) {
    await hurry('ArrowDown', 8)
    await readingIs(page, walked[7]!)
    await hurry('ArrowUp', 8)
    await readingIs(page, 'Can wall')
  }
  await page.waitForFunction(() => location.search === '?at=can.wall')
  await visit(page, page.url())
  await readingIs(page, 'Can wall')
})

test('numbers typed one right after the other go each to its own reading', async () => {
  await page.keyboard.type('0.47')
  await page.keyboard.press('Enter')
  await page.keyboard.type('61.5')
  await page.keyboard.press('Enter')
  await page.keyboard.type('98')
  await page.keyboard.press('Enter')
  await readingIs(page, 'Gasket weight')
  for (const taken of ['Can wall 0.47 mm', 'Can weight 61.5 g', 'Base plate weight 98.0 g'])
    await page.waitForSelector(`::-p-aria([name="Strike ${taken}"])`)
})
