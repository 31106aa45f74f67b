import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { newId } from '#app/data/id.ts'
import { hostileTexts, mark } from '../fuzz/hostile.ts'
import { ask } from '../torture/folder.ts'
import { openPage, startApp, visit, type App } from './app.ts'

let app: App
let page: Page
let lineup = ''
let product = ''
let specimen = ''
let pair = ''
const lineups: string[] = []
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

/** Fields that take any words. */
const wordy = new Set([
  ...['name', 'machine', 'note', 'brand', 'partNumber', 'nickname', 'label', 'revision', 'givenBy', 'shop'],
  ...['words', 'oil', 'rival', 'extras', 'interestNote', 'remarks'],
])

/** Fields that take fewer letters. */
const shorter: Record<string, number> = { nickname: 24, label: 20 }

/** Fills every field of words in the form that has one of a name, gives the others what they need, and sends it. */
async function fillAndSend(address: string, name: string, others: Record<string, string>, round: number) {
  await visit(page, app.url + address)
  const form = await page.waitForSelector(`main form:has([name="${name}"])`)
  const fields = await form!.$$eval('input[type=text], input:not([type]), textarea', (all) =>
    all.map((field) => field.getAttribute('name') ?? ''),
  )
  for (const [at, field] of fields.entries()) {
    const words = `${taken[(round + at) % taken.length]?.slice(0, (shorter[field] ?? 60) - 3)} ${round}`
    const text = others[field] ?? (wordy.has(field) ? words : '')
    if (text === '') continue
    const box = await form!.$(`[name="${field}"]`)
    await box!.evaluate((input, typed) => {
      const own = input instanceof HTMLTextAreaElement ? HTMLTextAreaElement.prototype : HTMLInputElement.prototype
      const { maxLength } = input as HTMLInputElement
      const fitting = typed.slice(0, maxLength > 0 ? maxLength : 200)
      Object.getOwnPropertyDescriptor(own, 'value')?.set?.call(input, fitting)
      input.dispatchEvent(new Event('input', { bubbles: true }))
    }, text)
  }
  for (const group of await form!.$$('[role=radiogroup]:not(:has(input:checked))'))
    await group.$eval('input', (choice) => choice.click())
  const answered = page
    .waitForResponse((answer) => answer.request().method() === 'POST', { timeout: 20_000 })
    .then((answer) => answer.status())
    .catch(() => form!.evaluate((element) => (element as HTMLElement).innerText))
  await form!.evaluate((element) => (element as HTMLFormElement).requestSubmit())
  expect([address, await answered]).toEqual([address, expect.toSatisfy((status) => Number(status) < 400)])
  // What a page fetches for later may go on: the answer is there by then.
  await page.waitForNetworkIdle({ idleTime: 300, timeout: 6000 }).catch(() => undefined)
  return new URL(page.url()).pathname
}

/** Sends what a page sends without a form; the status of its answer. */
const send = async (path: string, fields: Record<string, string>): Promise<number> =>
  (
    await fetch(app.url + path, {
      method: 'POST',
      headers: { Origin: app.url },
      body: new URLSearchParams(fields),
    })
  ).status

const rounds = [0, 5, 11, 17]

describe('whatever is typed', () => {
  test('forms take it as words', { timeout: 300_000 }, async () => {
    for (const round of rounds) {
      lineup = await fillAndSend('/lineups/new', 'machine', {}, round)
      expect(lineup).toMatch(/^\/lineups\/[a-z0-9]{12}$/)
      lineups.push(lineup)
      product = await fillAndSend(`${lineup}/products/new`, 'partNumber', {}, round)
      expect(product).toMatch(/^\/products\/[a-z0-9]{12}$/)
      await fillAndSend(`${product}/specimens/new`, 'label', {}, round)
      await fillAndSend(`${product}/prices`, 'shop', { amount: '9.40', packSize: '1' }, round)
      await fillAndSend(`${product}/claims/new`, 'words', { points: '99 % at 20 µm' }, round)
      await fillAndSend('/drivers', 'annualDistance', { annualDistance: '15000 km' }, round)
      await fillAndSend('/instruments', 'resolution', { resolution: '0.01 mm', accuracy: '0.02 mm' }, round)
      await fillAndSend('/reviewer', 'interestNote', {}, round)
    }
  })

  test('the bench, what it fits and schools take it as words', async () => {
    await visit(page, app.url + product)
    specimen = await page.$eval('a[href^="/bench/"]', (link) => /bench\/(\w{12})/.exec(link.href)?.[1] ?? '')
    for (const text of taken) {
      const note = { intent: 'note', part: 'can', text: text.slice(0, 100) }
      const reading = { intent: 'take', characteristic: 'plate.stamp', evidence: 'observed', insist: 'yes' }
      const answers = [
        await send(`/bench/${specimen}/acts`, { id: newId(), ...note }),
        await send(`/bench/${specimen}/acts`, { id: newId(), ...reading, typed: text.slice(0, 60) }),
      ]
      expect([text, answers.every((status) => status === 200 || status === 422)]).toEqual([text, true])
    }
    for (const [at, engine] of lineups.slice(0, -1).entries()) {
      const fits = { engine: engine.replace('/lineups/', ''), source: 'trial', remarks: taken[at] ?? '' }
      expect(await send(`${product}.data?index`, { intent: 'fits', ...fits })).toBe(200)
    }
    for (const [at, text] of taken.slice(0, 8).entries()) {
      const weights = { weights: '{}', valueFunctions: '{}', mustHaves: '{}' }
      const school = { id: newId(), name: `${text.slice(0, 50)} ${at}`, description: text, ...weights }
      expect([text, (await send('/schools/new.data', school)) < 300]).toEqual([text, true])
    }
  })

  test('what is to be bought, days of the plan and parts that were swapped take it as words', async () => {
    const [bought, a, b] = await ask(app.data, (database) => [
      database
        .prepare("select brand.name || ' ' || part_number from product join brand on brand.id = brand_id")
        .pluck()
        .get(),
      ...database.prepare('select revision_id from specimen limit 2').pluck().all(),
    ])
    pair = `/kin/${a}/${b}`
    const day = { intent: 'day', day: new Date().toISOString().slice(0, 10) }
    const swap = { intent: 'swap', part: 'media', outcome: 'fits', isTurned: '' }
    for (const text of taken.map((one) => `${one.slice(0, 76)} x`)) {
      const answers = [
        await send('/plan.data', { intent: 'wish', id: newId(), filter: String(bought), count: '1', reason: text }),
        await send('/plan.data', { ...day, id: newId(), words: text }),
        await send(`${pair}.data`, { ...swap, id: newId(), triedBy: text, note: text }),
      ]
      expect([text, answers]).toEqual([text, [200, 200, 200]])
    }
  })

  test.each([1280, 820])('no page runs it, opens a dialog or grows wider than %i', async (width) => {
    await page.setViewport({ width, height: 800 })
    const pages = ['', '/face-off', '/claims', '/money', '/kin', '/verdict', '/edit', '/table', '/price-list']
    const all = [
      ...[
        '/',
        '/plan',
        '/library',
        '/kin',
        pair,
        '/drivers',
        '/instruments',
        '/reviewer',
        '/schools',
        '/method',
        '/import',
        '/state',
      ],
      ...pages.map((one) => lineup + one),
      ...['', '/edit', '/prices', '/claims/new', '/specimens/new'].map((one) => product + one),
      ...[`/bench/${specimen}`, `/specimens/${specimen}/log`, `/schools/side-by-side`],
    ]
    for (const address of all) {
      await visit(page, app.url + address)
      const seen = await page.evaluate(
        (name) => ({
          ran: name in window,
          wide: document.documentElement.scrollWidth - window.innerWidth,
          by: [...document.querySelectorAll('main *')]
            .filter((one) => one.getBoundingClientRect().right > window.innerWidth)
            .map((one) => `${one.tagName} ${one.textContent?.slice(0, 40)}`)
            .slice(-3),
        }),
        mark,
      )
      expect([address, seen.ran, seen.wide > 0 && seen.by]).toEqual([address, false, false])
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
