import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import type { Page } from 'puppeteer-core'
import { benchOf, byRole, goOn, openPage, press, readingIs, sees, startApp, visit, type App } from './app.ts'

let app: App
let page: Page
let bench = ''

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  bench = await benchOf(page, 'Dovrel D-19')
})
afterAll(() => app.stop())

const at = async (key: string) => {
  await visit(page, `${app.url}${bench}?at=${key}`)
  for (;;) {
    const gate = await page.$eval('#reading-label, section[aria-label^="Before"]', (shown) =>
      shown.getAttribute('aria-label'),
    )
    if (gate === null) return
    await goOn(page, 'test of entries')
    await page.waitForFunction(
      (was) => document.querySelector('section[aria-label^="Before"]')?.getAttribute('aria-label') !== was,
      {},
      gate,
    )
  }
}
const type = async (text: string) => {
  await page.keyboard.type(text)
  await page.keyboard.press('Enter')
}
const typed = () => page.$eval('input[aria-labelledby="reading-label"]', (field) => (field as HTMLInputElement).value)

describe('slips at the bench', () => {
  test.each([
    ['can.wall', 'thick', 'is not a number I can read'],
    ['can.wall', '5 g', 'g is a weight; can wall is a length'],
    ['can.wall', '-0.4', 'cannot be below zero'],
    ['can.wall', '0', 'Zero is no can wall'],
    ['can.wall', '4000', 'cannot be a can wall'],
    ['can.wall', '20 mil', 'Is this 20 thou or 20 millimetres?'],
    ['plate.inlets', '0 x 5.8', 'has zero holes'],
    ['pleats.count', '52.5', 'is a whole number'],
    ['thread.designation', 'M20', 'M20 needs its pitch'],
    ['box.datecode', 'y'.repeat(450), 'That is 450 characters; 400 fit here'],
  ])('%s "%s": a message, and what was typed is still there', async (key, text, message) => {
    await at(key)
    await type(text)
    await sees(page, message)
    expect(await typed()).toBe(text)
  })

  test('0.49 while inches are set: millimetres are offered and taken with one key', async () => {
    await at('can.wall')
    await press(page, 'button', 'Unit in')
    await type('0.49')
    await sees(page, 'Did you read 0.49 mm?')
    await page.keyboard.press('Enter')
    await byRole(page, 'button', 'Strike Can wall 0.49 mm')
    await visit(page, `${app.url}${bench.replace('/bench/', '/specimens/')}/values/can.wall`)
    await sees(page, '0.49 mm 0.49 mm')
  })

  test("an unusual value is kept on the user's word", async () => {
    await at('pleats.count')
    await type('170')
    await sees(page, '170 pleats is unusual')
    await press(page, 'button', 'Keep 170')
    await byRole(page, 'button', 'Strike Pleat count 170')
  })

  test('more buried than there is width: the figure says so and gives no number', async () => {
    await at('media.length')
    await type('1200 mm')
    await readingIs(page, 'How the width is measured')
    await page.keyboard.press('1')
    await readingIs(page, 'Media width')
    await type('13 mm')
    await press(page, 'button', 'Keep 13 mm')
    await readingIs(page, 'Width buried in glue')
    await type('14 mm')
    await sees(page, 'is not less than media width')
    await press(page, 'button', 'Keep 14 mm')
    await sees(page, 'Media area: More of the width is buried than there is width')
  })

  test('a note of 10,000 characters is refused beside the field and nothing is lost', async () => {
    await at('can.wall')
    await page.$eval('textarea', (area) => {
      const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!
      set.call(area, 'n'.repeat(10_000))
      area.dispatchEvent(new Event('input', { bubbles: true }))
    })
    await sees(page, 'That note has 10000 characters; 2000 fit')
    expect(await page.$eval('textarea', (area) => area.value.length)).toBe(10_000)
  })

  test("two windows on one specimen: both readings are kept, and each sees the other's after its own", async () => {
    const other = await openPage(app, `${bench}?at=gasket.weight`)
    await page.bringToFront()
    await at('element.height')
    await type('66.1')
    await readingIs(page, 'Element weight')
    await other.bringToFront()
    await other.keyboard.type('3.3')
    await other.keyboard.press('Enter')
    await byRole(other, 'button', 'Strike Element height 66.1 mm')
    await byRole(other, 'button', 'Strike Gasket weight 3.3 g')
    await other.close()
    await page.bringToFront()
  })
})
