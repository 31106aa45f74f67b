import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import {
  benchOf,
  byRole,
  choose,
  fill,
  lineupOf,
  openPage,
  press,
  sees,
  startApp,
  visit,
  type App,
  pressAlt,
} from './app.ts'
import { addressOf, besideField, contentsOf, goes, isRefused, pathOf, submit } from './forms.ts'

let app: App
let page: Page
let lineup: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
})
afterAll(() => app.stop())

describe('a claim', () => {
  const open = async (wording: string) => {
    await visit(page, `${app.url}${lineup}/claims`)
    await press(page, 'button', 'Merribank MB-1120')
    await page.waitForSelector('section[aria-label="Merribank MB-1120"]')
    const href = await page.$$eval(
      'a[href^="/claims/"]',
      (links, wanted) =>
        links
          .find((link) => link.closest('tr, li, p, div')?.parentElement?.textContent?.includes(wanted))
          ?.getAttribute('href') ?? '',
      wording,
    )
    await visit(page, app.url + href)
  }

  test('saved unchanged is as it was', async () => {
    await open('95 % at 20 µm')
    const before = await contentsOf(page)
    expect(before.words).not.toBe('')
    const address = pathOf(page)
    await submit(page, 'Save the claim')
    expect(pathOf(page)).toBe(`${lineup}/claims`)
    await visit(page, app.url + address)
    expect(await contentsOf(page)).toEqual(before)
  })

  test('changed to another kind it asks for what that kind has', async () => {
    const address = pathOf(page)
    await fill(page, 'Word for word', 'Changes at 10,000 miles or a year')
    await press(page, 'radio', 'Interval')
    await press(page, 'button', 'Save the claim')
    await sees(page, 'Write a distance, months, or both')
    await page.type('input[name="interval"]', '10000 mi or 12 months')
    await submit(page, 'Save the claim')
    await sees(page, 'Changes at 10,000 miles or a year')
    await visit(page, app.url + address)
    expect(await contentsOf(page)).toMatchObject({ kind: 'interval', interval: '10000 mi or 12 months' })
  })

  test('a capacity that no filter has, and a claim without words, are refused beside the field', async () => {
    await press(page, 'radio', 'Dirt capacity')
    await isRefused(page, {
      field: 'Capacity',
      typed: '4 kg',
      button: 'Save the claim',
      message: '4 kg cannot be the capacity',
    })
    await fill(page, 'Capacity', '14 g')
    await fill(page, 'Word for word', '')
    await press(page, 'button', 'Save the claim')
    await sees(page, 'The wording is missing.')
  })

  test('removed, it is gone', async () => {
    await submit(page, 'Remove this claim')
    await sees(page, 'Box claims')
    await goes(page, 'Changes at 10,000 miles or a year')
  })
})

describe('instruments', () => {
  const row = () => page.$eval('tbody', (body) => (body as HTMLElement).innerText.replace(/\s+/g, ' '))
  const fillNew = async (name: string, resolution: string, accuracy: string) => {
    await fill(page, 'Name', name)
    await fill(page, 'Resolution', resolution)
    await fill(page, 'Accuracy, ±', accuracy)
  }

  test('one is added in inches, and its form says what was typed', async () => {
    await visit(page, `${app.url}/instruments`)
    await press(page, 'radio', 'Micrometer')
    await fillNew('inch micrometer', '0.0001 in', '0.0002 in')
    await press(page, 'button', 'Add the instrument')
    await byRole(page, 'button', 'Change inch micrometer')
    await press(page, 'button', 'Change inch micrometer')
    await byRole(page, 'button', 'Save the instrument')
    const edit = 'main form:has(input[name="resolution"])'
    const held = () => page.$eval(`${edit} input[name="resolution"]`, (field) => (field as HTMLInputElement).value)
    expect(await held()).toBe('0.0001 in')
    await press(page, 'button', 'Save the instrument')
    await byRole(page, 'button', 'Add the instrument')
    await press(page, 'button', 'Change inch micrometer')
    await byRole(page, 'button', 'Save the instrument')
    expect(await held()).toBe('0.0001 in')
    await press(page, 'button', 'Leave it')
  })

  test('a second of the name, a weight for a caliper and nothing at all are refused beside the field', async () => {
    await press(page, 'radio', 'Caliper')
    await fillNew('inch micrometer', '0.01 mm', '0.03 mm')
    await press(page, 'button', 'Add the instrument')
    await sees(page, 'Another instrument has this name.')
    await fillNew('long caliper', '5 g', '0')
    await press(page, 'button', 'Add the instrument')
    await sees(page, 'g is a weight')
    await sees(page, 'The accuracy must be more than zero.')
    expect(await besideField(page, 'Resolution')).toContain('g is a weight')
  })

  test('a check says that it is sound, or by how much it is off', async () => {
    const check = async (known: string, showed: string) => {
      const form = '[aria-label="Check of inch micrometer"]'
      await page.type(`${form} input[name="referenceValue"]`, known)
      await page.type(`${form} input[name="indication"]`, showed)
      await (await page.$(`${form} button[type="submit"]`))!.click()
    }
    await visit(page, `${app.url}/instruments`)
    await check('10 mm', '10 mm')
    await sees(page, 'Sound, checked today')
    await page.waitForFunction(
      () =>
        document.querySelector<HTMLInputElement>('[aria-label^="Check of inch"] input[name="indication"]')?.value ===
        '',
    )
    await check('10 mm', '10.02 mm')
    await sees(page, 'Off by 0.020 mm high')
  })

  test('one that no reading names is removed', async () => {
    await press(page, 'button', 'Remove inch micrometer')
    await goes(page, 'inch micrometer')
  })

  test('one with which a reading was taken stays, and says why', async () => {
    await press(page, 'radio', 'Caliper')
    await fillNew('bench caliper', '0.01 mm', '0.03 mm')
    await press(page, 'button', 'Add the instrument')
    await byRole(page, 'button', 'Change bench caliper')
    await visit(page, app.url + '/')
    await visit(page, `${app.url}${await benchOf(page, 'Dovrel D-19')}?at=can.height`)
    const isChosen = () => page.$('button[aria-label="With bench caliper, change"]')
    for (let tries = 0; tries < 4 && !(await isChosen()); tries++) await pressAlt(page, 'KeyI')
    expect(await isChosen()).not.toBeNull()
    await page.type('input[aria-labelledby="reading-label"]', '86.5')
    await page.keyboard.press('Enter')
    await byRole(page, 'button', 'Strike Can height 86.5 mm')
    await visit(page, `${app.url}/instruments`)
    await press(page, 'button', 'Remove bench caliper')
    await sees(page, 'Readings were taken with it, so it stays in the list.')
    expect(await row()).toContain('bench caliper')
  })
})

describe('what is removed without a question', () => {
  test('a price', async () => {
    const prices = await addressOf(page, 'Dovrel D-19', `${app.url}${lineup}/money`)
    await visit(page, app.url + prices)
    await fill(page, 'Shop', 'Pier Parts')
    await fill(page, 'Price of a pack', '7.25')
    await press(page, 'button', 'Add the price')
    await sees(page, '7.25 EUR')
    await page.$$eval('tbody tr', (rows) =>
      rows
        .find((one) => one.textContent?.includes('7.25'))
        ?.querySelector('button')
        ?.click(),
    )
    await goes(page, '7.25 EUR')
  })

  test('a driver', async () => {
    await visit(page, `${app.url}/drivers`)
    await press(page, 'button', 'Change Ferry taxi')
    await byRole(page, 'button', 'Save the driver')
    await press(page, 'button', 'Save the driver')
    await byRole(page, 'button', 'Add the driver')
    await press(page, 'button', 'Remove Ferry taxi')
    await page.waitForFunction(() => !document.querySelector('tbody')?.textContent?.includes('Ferry taxi'))
  })

  test('a school of the user’s own', async () => {
    await visit(page, `${app.url}/schools/new?of=thrift`)
    await fill(page, 'Name', 'Pier school')
    await submit(page, 'Save the school')
    await sees(page, 'Pier school')
    await press(page, 'link', 'Change Pier school')
    await byRole(page, 'button', 'Remove it')
    await submit(page, 'Remove it')
    await goes(page, 'Pier school')
  })
})

test('the units that were chosen are there at the next visit', async () => {
  await visit(page, app.url + lineup)
  await sees(page, 'Units: mm · g')
  await press(page, 'button', 'Units: mm · g')
  await press(page, 'button', 'All imperial')
  await sees(page, 'Units: in · oz')
  await visit(page, `${app.url}/library`)
  await sees(page, 'Units: in · oz')
})

test('units are chosen kind by kind: thou for small lengths, grams for weights, pounds for money', async () => {
  await visit(page, app.url + lineup)
  await press(page, 'button', 'Units: in · oz')
  await choose(page, 'Small lengths', 'thou')
  await sees(page, 'Units: thou · oz')
  await choose(page, 'Weights', 'g')
  await sees(page, 'Units: thou · g')
  await choose(page, 'Money', 'GBP')
  await page.keyboard.press('Escape')
  await sees(page, '340.2 g')
  await fill(page, 'Find a row', 'Can wall')
  expect(await page.$eval('table', (table) => (table as HTMLElement).innerText)).toMatch(/\d\.\d thou/)
  await visit(page, `${app.url}${lineup}/money`)
  await sees(page, 'GBP')
  await press(page, 'button', 'Units: thou · g')
  await press(page, 'button', 'All metric')
  await choose(page, 'Money', 'as most prices')
  await sees(page, 'Units: mm · g')
})
