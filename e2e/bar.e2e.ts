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
  pressAlt,
  readingIs,
  sees,
  startApp,
  visit,
  type App,
} from './app.ts'
import { goes, pathOf } from './forms.ts'

let app: App
let page: Page
let lineup: string
let bench: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
  bench = await benchOf(page, 'Dovrel D-19')
})
afterAll(() => app.stop())

const isAt = (path: RegExp) =>
  page.waitForFunction((wanted) => new RegExp(wanted).test(location.pathname + location.search), {}, path.source)

async function openFind(): Promise<void> {
  await page.keyboard.down('Control')
  await page.keyboard.press('k')
  await page.keyboard.up('Control')
  await page.waitForSelector('[role="dialog"] input')
}

describe('one bar', () => {
  test('is 52 pixels high, and has the places of what is picked, by name of the engine', async () => {
    await visit(page, `${app.url}/`)
    await byRole(page, 'link', 'Today')
    expect(await page.$eval('header', (bar) => bar.getBoundingClientRect().height)).toBe(52)
    await visit(page, app.url + lineup)
    for (const place of ['Bench', 'Line-up', 'Face-off', 'Claims', 'Money', 'Verdict'])
      await byRole(page, 'link', place)
    expect(await page.$eval('header a[aria-current="page"]', (link) => link.textContent)).toBe('Line-up')
  })

  test('school and driver stay as one moves from place to place', async () => {
    await visit(page, `${app.url}${lineup}/verdict`)
    await choose(page, 'School', 'Thrift')
    await isAt(/school=/)
    await press(page, 'link', 'Money')
    await isAt(/\/money\?school=/)
    await page.waitForFunction(() => document.querySelector('header a[aria-current="page"]')?.textContent === 'Money')
  })

  test('another engine is found by typing, and opens at the same place', async () => {
    await press(page, 'button', 'Engine: Skerry 1.1 D')
    await page.waitForSelector('::-p-aria([name="Brae 16P"][role="menuitem"])')
    await page.keyboard.type('brae')
    await page.waitForFunction(() => document.querySelectorAll('[role="menuitem"]').length < 3)
    await page.keyboard.press('ArrowDown')
    await page.keyboard.press('Enter')
    await byRole(page, 'button', 'Engine: Brae 16P')
    expect(pathOf(page)).toMatch(/\/money$/)
  })

  test('the bench of an engine is that of its specimen that was worked on last', async () => {
    await visit(page, app.url + lineup)
    await press(page, 'link', 'Bench')
    await isAt(/^\/bench\//)
    await byRole(page, 'button', 'Engine: Skerry 1.1 D')
  })

  test('where it is narrow the places fold into a menu, and nothing is lost', async () => {
    await page.setViewport({ width: 820, height: 900 })
    await visit(page, `${app.url}${lineup}/verdict`)
    await press(page, 'button', 'Places: Verdict')
    await press(page, 'menuitem', 'Claims')
    await isAt(/\/claims/)
    for (const name of ['Engine: Skerry 1.1 D', 'Find', 'Workshop']) {
      const button = await byRole(page, 'button', name)
      const { left, right } = await button.evaluate((one) => one.getBoundingClientRect().toJSON() as DOMRect)
      expect(left).toBeGreaterThanOrEqual(0)
      expect(right).toBeLessThanOrEqual(820)
    }
    await page.setViewport({ width: 1280, height: 800 })
  })
})

describe('find', () => {
  test('a characteristic and a part number open the reading', async () => {
    await visit(page, app.url + lineup)
    await openFind()
    await page.keyboard.type('wall N-40')
    await sees(page, 'Can wall of Norrith N-40')
    await page.keyboard.press('Enter')
    await isAt(/^\/bench\/\w+\?at=can\.wall/)
    await readingIs(page, 'Can wall')
  })

  test('a figure and a part number open how the figure is worked out', async () => {
    await visit(page, app.url + lineup)
    await openFind()
    await page.keyboard.type('face velocity N-40')
    await sees(page, 'of Norrith N-40')
    await page.keyboard.press('Enter')
    await isAt(/^\/specimens\/\w+\/values\/media\.faceVelocity/)
    await openFind()
    await page.keyboard.type('gasket section w')
    await sees(page, 'Gasket section width')
    await page.keyboard.press('Enter')
    await readingIs(page, 'Gasket section width')
  })

  test('on the bench a reading of its specimen is found alone, also from within its field', async () => {
    await openFind()
    await page.keyboard.type('glue be')
    await sees(page, 'Glue bead')
    await page.keyboard.press('Enter')
    await readingIs(page, 'Glue bead')
  })

  test('pages and what can be begun are found; what is nothing says so', async () => {
    await openFind()
    await page.keyboard.type('zzqx')
    await sees(page, 'Nothing is called so.')
    for (let letter = 0; letter < 4; letter++) await page.keyboard.press('Backspace')
    await page.keyboard.type('new specimen dovrel')
    await sees(page, 'New specimen of Dovrel D-19')
    await page.keyboard.press('Enter')
    await isAt(/\/specimens\/new/)
  })
})

describe('shortcuts', () => {
  test('are listed under "?", as they are bound on this page', async () => {
    await visit(page, `${app.url}${bench}?at=glue.grade`)
    await readingIs(page, 'Glue bead')
    await page.keyboard.type('?')
    await sees(page, 'Shortcuts of this page')
    await sees(page, 'show this later')
    await press(page, 'button', 'Close')
    await goes(page, 'Shortcuts of this page')
  })

  test('a letter never fires while something is typed, and with Alt always does', async () => {
    await visit(page, `${app.url}${bench}?at=element.height`)
    await readingIs(page, 'Element height')
    await page.keyboard.type('under 70')
    expect(await page.$eval('[data-reading]', (field) => (field as HTMLInputElement).value)).toBe('under 70')
    const known = () => page.$eval('[aria-label="How you know it"] [aria-pressed="true"]', (one) => one.textContent)
    const before = await known()
    await pressAlt(page, 'KeyE')
    await page.waitForFunction(
      (was) => document.querySelector('[aria-label="How you know it"] [aria-pressed="true"]')?.textContent !== was,
      {},
      before,
    )
  })

  test('single letters are switched off in the workshop, and stay off', async () => {
    await press(page, 'button', 'Workshop')
    await press(page, 'menuitem', 'Single letters as shortcuts: on')
    await byRole(page, 'menuitem', 'Single letters as shortcuts: off')
    await page.keyboard.press('Escape')
    await visit(page, `${app.url}${bench}?at=glue.grade`)
    await readingIs(page, 'Glue bead')
    await sees(page, 'Alt D')
    await page.keyboard.press('d')
    expect(await page.$eval('button::-p-text(Dimensions)', (one) => one.getAttribute('aria-pressed'))).toBe('false')
  })
})

describe('a form', () => {
  const asksBeforeTheTabCloses = () =>
    page.evaluate(() => !window.dispatchEvent(new Event('beforeunload', { cancelable: true })))

  test('asks before it is left with changes, and Ctrl Enter saves it', async () => {
    await visit(page, `${app.url}/lineups/new`)
    await fill(page, 'Name of the engine', 'Hovden 2.2')
    await press(page, 'link', 'Library')
    await sees(page, 'Leave without saving?')
    await press(page, 'button', 'Stay')
    await goes(page, 'Leave without saving?')
    expect(pathOf(page)).toBe('/lineups/new')
    expect(await asksBeforeTheTabCloses()).toBe(true)
    await page.focus('input[name="name"]')
    await page.keyboard.down('Control')
    await page.keyboard.press('Enter')
    await page.keyboard.up('Control')
    await sees(page, 'No filter yet')
    await byRole(page, 'button', 'Engine: Hovden 2.2')
  })

  test('that was not changed is left at once; changed, it is left when one says so', async () => {
    await visit(page, `${app.url}/lineups/new`)
    expect(await asksBeforeTheTabCloses()).toBe(false)
    await press(page, 'link', 'Library')
    await isAt(/^\/library/)
    await visit(page, `${app.url}/lineups/new`)
    await fill(page, 'Name of the engine', 'never kept')
    await press(page, 'link', 'Library')
    await press(page, 'button', 'Leave')
    await isAt(/^\/library/)
  })
})

test('Today names what was worked on lately, each a press away', async () => {
  await visit(page, app.url)
  const [first] = await page.$$eval('section[aria-label="Recent"] a', (links) => links.map((link) => link.href))
  expect(await page.$$eval('section[aria-label="Recent"] li', (all) => all.length)).toBe(5)
  await visit(page, first!)
  await page.waitForSelector('#reading-label')
})

test('the method is searched at its side, and each entry has an address', async () => {
  await visit(page, `${app.url}/method`)
  await fill(page, 'Find in the method', 'drain-back silicone')
  await sees(page, 'found')
  await page.locator('nav[aria-label="Contents"] a[href="#criterion-adbv-material"]').click()
  expect(new URL(page.url()).hash).toBe('#criterion-adbv-material')
  await fill(page, 'Find in the method', 'nothing of the kind')
  await sees(page, 'Nothing is called or said so.')
})
