import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { fill, openPage, press, sees, startApp, visit, words, type App } from './app.ts'
import { contentsOf, goes, isRefused, pathOf, submit } from './forms.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
})
afterAll(() => app.stop())

const open = () => visit(page, `${app.url}/plan`)

/** What a card says. */
const card = (name: string): Promise<string> =>
  page.$eval(`section[aria-label="${name}"]`, (section) => (section as HTMLElement).innerText.replace(/\s+/g, ' '))

describe('what is worth doing next', () => {
  test('stands there for both engines, with points, minutes and money; each at the bench or on the list', async () => {
    await visit(page, app.url)
    await press(page, 'link', 'Plan')
    await sees(page, 'Worth doing next')
    await sees(page, 'Points an hour')
    await goes(page, 'Working out')
    const said = await card('Worth doing next')
    expect(said).toContain('Skerry 1.1 D')
    expect(said).toContain('Brae 16P')
    expect(said).toMatch(/1 more of each of Norrith NC-160 and Brae BR-16-201 Brae 16P \d+\.\d \d+ min \d+\.\d\d EUR/)
    const sideways = await page.evaluate(() => document.documentElement.scrollWidth > innerWidth)
    expect(sideways).toBe(false)
  })

  test('what has to be bought goes on the list with its reason, once', async () => {
    const work = '1 more of each of Norrith NC-160 and Brae BR-16-201'
    await press(page, 'button', `Put on the list: ${work}`)
    await sees(page, 'on the list below')
    const listed = await card('To buy')
    expect(listed).toContain(`Norrith NC-160 ${work}`)
    expect(listed).toContain(`Brae BR-16-201 ${work}`)
  })

  test('the order by money is in the address, and stays', async () => {
    await visit(page, `${app.url}/plan?by=money`)
    await goes(page, 'Working out')
    const chosen = await page.$eval('section[aria-label="Worth doing next"] select', (list) => list.value)
    expect(chosen).toBe('money')
  })
})

describe('to buy', () => {
  test('a filter that is not here, or no number, is refused beside the field; nothing typed is lost', async () => {
    await open()
    const button = 'Put it on the list'
    await fill(page, 'What for optional', 'for the spread')
    const message = 'No one filter is called Nobody 1 here.'
    await isRefused(page, { field: 'Filter', typed: 'Nobody 1', button, message })
    await fill(page, 'Filter', 'Merribank MB-1120')
    await isRefused(page, { field: 'How many', typed: '0', button, message: 'a whole number from 1 to 99' })
    await fill(page, 'How many', '2')
    await press(page, 'button', button)
    await sees(page, 'Merribank MB-1120 for the spread')
    expect(await card('To buy')).toMatch(/Merribank MB-1120 for the spread 2 to order/)
  })

  test('its form, saved unchanged, is as it was; changed, it says where, for how much and when', async () => {
    const change = async () => {
      await press(page, 'link', 'Order or change Merribank MB-1120')
      await page.waitForFunction(() => location.pathname.startsWith('/purchases/'))
      await sees(page, 'Ordered on')
    }
    await change()
    const before = await contentsOf(page)
    await submit(page, 'Save the purchase')
    await change()
    expect(await contentsOf(page)).toEqual(before)
    await isRefused(page, {
      field: 'Price of one optional',
      typed: 'cheap',
      button: 'Save the purchase',
      message: '"cheap" is no amount of money.',
    })
    await fill(page, 'Price of one optional', '9.40')
    await fill(page, 'Shop optional', 'Quay Store')
    await submit(page, 'Save the purchase')
    expect(pathOf(page)).toBe('/plan')
    await sees(page, 'Quay Store 9.40 EUR')
  })

  test('taken off it can be brought back', async () => {
    await press(page, 'button', 'Take off the list: Merribank MB-1120')
    await sees(page, 'Merribank MB-1120 is off the list.')
    await page.waitForFunction(() => !document.querySelector('[aria-label="Merribank MB-1120 arrived"]'))
    await press(page, 'button', 'Undo')
    await page.waitForSelector('[aria-label="Merribank MB-1120 arrived"]')
  })

  test('arrived, each is a specimen that is ready for the bench, as it was paid for', async () => {
    await press(page, 'button', 'Merribank MB-1120 arrived')
    await sees(page, 'Merribank MB-1120 is here. Sealed, and ready for the bench: specimen')
    const bench = await page.$eval('section[aria-label="To buy"] a[href^="/bench/"]', (link) =>
      link.getAttribute('href')!,
    )
    await visit(page, app.url + bench.replace('/bench/', '/specimens/') + '/edit')
    expect(await contentsOf(page)).toMatchObject({ price: '9.40', currency: 'EUR', shop: 'Quay Store' })
  })
})

describe('days', () => {
  const ahead = new Date(Date.now() + 5 * 86_400_000).toISOString().slice(0, 10)

  test('without what is to be done a day is refused; with it, it stands where it falls', async () => {
    await open()
    await press(page, 'button', 'Add the day')
    await sees(page, 'What is to be done is missing.')
    await fill(page, 'What is to be done', 'cut the new ones')
    await page.$eval(
      'form input[name="day"]',
      (field, day) => {
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, day)
        field.dispatchEvent(new Event('input', { bubbles: true }))
      },
      ahead,
    )
    await press(page, 'button', 'Add the day')
    await page.waitForSelector('[aria-label="Done: cut the new ones"]')
    const week = await page.$eval('section[aria-label="Within a week"]', (section) => section.textContent)
    expect(week).toContain('cut the new ones')
    expect(week).toContain('Pellgate PG-33 from Quay Store expected')
  })

  test('what is typed into one form stays while something else is done on the page', async () => {
    await fill(page, 'What for optional', 'half a thought')
    await press(page, 'button', 'Done: cut the new ones')
    await sees(page, 'Done this week')
    expect(await page.$eval('input[name="reason"]', (field) => field.value)).toBe('half a thought')
    await press(page, 'button', 'Not done after all: cut the new ones')
    await page.waitForSelector('[aria-label="Done: cut the new ones"]')
  })

  test('done, it is struck and can be taken back; taken off the plan it comes back by Undo', async () => {
    await press(page, 'button', 'Done: cut the new ones')
    await sees(page, 'Done this week')
    await press(page, 'button', 'Not done after all: cut the new ones')
    await page.waitForSelector('[aria-label="Done: cut the new ones"]')
    await press(page, 'button', 'Take off the plan: cut the new ones')
    await sees(page, 'It is off the plan.')
    await press(page, 'button', 'Undo')
    await page.waitForSelector('[aria-label="Done: cut the new ones"]')
  })
})

test('with nothing recorded each part says what will stand there', async () => {
  const empty = await startApp({ demo: false })
  try {
    const other = await openPage(empty, '/plan')
    const said = await words(other)
    expect(said).toContain('What is worth doing next will stand here')
    expect(said).toContain('Filters that you mean to buy will stand here')
    expect(said).toContain('Days on which something is to be done will stand here')
  } finally {
    await empty.stop()
  }
})
