import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { hostileTexts, mark } from '../fuzz/hostile.ts'
import { openPage, startApp, visit, type App } from './app.ts'

let app: App
let page: Page
let lineup = ''
let product = ''
const dialogs: string[] = []
/** Texts that a form takes: those that fit into a field of a hundred letters, and towers of marks. */
const taken = hostileTexts.filter((text) => text.length <= 100 && /\S/.test(text.replace(/[\u0000-\u001f]/g, '')))

beforeAll(async () => {
  app = await startApp({ demo: false })
  page = await openPage(app, '/')
  page.on('dialog', (dialog) => {
    if (dialog.type() !== 'beforeunload') dialogs.push(dialog.message())
  })
})
afterAll(() => app.stop())

/** Fills every field of words in a form with a text of its own, leaves what has other rules, and sends it. */
async function fillAndSend(address: string, button: string, round: number): Promise<string> {
  await visit(page, app.url + address)
  const wordy = await page.$$eval(
    'main form input[type=text], main form textarea, main form input:not([type])',
    (all) => all.map((field) => (field as HTMLInputElement).name).filter(Boolean),
  )
  for (const [at, name] of wordy.entries()) {
    if (!words.has(name)) continue
    const field = await page.$(`main form [name="${name}"]`)
    await field?.evaluate(
      (input, text) => {
        const box = input as HTMLInputElement
        const own = box instanceof HTMLTextAreaElement ? HTMLTextAreaElement.prototype : HTMLInputElement.prototype
        Object.getOwnPropertyDescriptor(own, 'value')?.set?.call(
          box,
          text.slice(0, box.maxLength > 0 ? box.maxLength : 100),
        )
        box.dispatchEvent(new Event('input', { bubbles: true }))
      },
      `${taken[(round + at) % taken.length]}${round}`,
    )
  }
  await page.locator(`::-p-aria([name="${button}"][role="button"])`).click()
  await page.waitForNetworkIdle({ idleTime: 300 })
  return new URL(page.url()).pathname
}

/** Fields that take any words. */
const words = new Set([
  ...['name', 'machine', 'note', 'brand', 'partNumber', 'nickname', 'label', 'revision', 'givenBy', 'shop'],
  ...['words', 'source', 'extras', 'serial', 'says', 'interestNote', 'remarks', 'link'],
])

const rounds = [0, 5, 11, 17]

describe('whatever is typed', () => {
  test('forms take it as words, or say what is wrong', async () => {
    for (const round of rounds) {
      const made = await fillAndSend('/lineups/new', 'Make the application', round)
      if (/^\/lineups\/[a-z0-9]{12}/.test(made)) lineup = made
      const added = await fillAndSend(`${lineup}/products/new`, 'Add the product', round)
      if (/^\/products\/[a-z0-9]{12}$/.test(added)) product = added
      await fillAndSend('/drivers', 'Add the driver', round).catch(() => undefined)
      await fillAndSend('/instruments', 'Add the instrument', round).catch(() => undefined)
      await fillAndSend('/reviewer', 'Save', round).catch(() => undefined)
    }
    expect(lineup).toMatch(/^\/lineups\//)
    expect(product).toMatch(/^\/products\//)
  })

  test.each([1280, 820])('no page runs it, opens a dialog or grows wider than %i', async (width) => {
    await page.setViewport({ width, height: 800 })
    const pages = ['', '/face-off', '/claims', '/money', '/kin', '/verdict', '/edit', '/table', '/price-list']
    const all = [
      ...['/', '/library', '/kin', '/drivers', '/instruments', '/reviewer', '/schools', '/method', '/import', '/state'],
      ...pages.map((one) => lineup + one),
      ...['', '/edit', '/prices', '/claims/new', '/specimens/new'].map((one) => product + one),
    ]
    for (const address of all) {
      await visit(page, app.url + address)
      const seen = await page.evaluate(
        (name) => ({ ran: name in window, wide: document.documentElement.scrollWidth - window.innerWidth }),
        mark,
      )
      expect([address, seen.ran, seen.wide <= 0]).toEqual([address, false, true])
    }
    expect(dialogs).toEqual([])
  })

  test('no file that leaves has a cell that a spreadsheet would run', async () => {
    for (const file of ['/lineup.csv', '/readings.csv', '/said.csv', '/figures.csv']) {
      const text = await (await fetch(app.url + lineup + file)).text()
      const bare = text.split(/[\r\n,]+/).filter((cell) => /^"?\s*[=+@]|^"?\s*-\D/.test(cell))
      expect([file, bare]).toEqual([file, []])
    }
  })
})
