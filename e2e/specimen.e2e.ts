import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import type { Page } from 'puppeteer-core'
import { spinOnAnswers } from './answers.ts'
import {
  byRole,
  fill,
  openPage,
  press,
  readingIs,
  readingUp,
  sees,
  startApp,
  wholeLineup,
  words,
  type App,
} from './app.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
})
afterAll(() => app.stop())

describe('a whole specimen, from the sealed box to its rank', () => {
  test('an application of its own is made and shown empty', async () => {
    await press(page, 'link', 'New engine')
    await fill(page, 'Name of the engine', 'Skerry 0.7')
    await fill(page, 'Thread of the engine optional', 'M20')
    await press(page, 'button', 'Add the engine')
    await sees(page, 'M20 needs its pitch')
    expect(await page.$eval('input[name="name"]', (field) => (field as HTMLInputElement).value)).toBe('Skerry 0.7')
    await fill(page, 'Thread of the engine optional', 'M20 x 1.5')
    await press(page, 'button', 'Add the engine')
    await sees(page, 'each takes its place with its first specimen')
  })

  test('a product and a specimen are put into the demo line-up', async () => {
    await press(page, 'link', 'Plicator')
    await page.waitForSelector('section[aria-label="Skerry 1.1 D"]')
    await (await page.waitForSelector('section[aria-label="Skerry 1.1 D"] a[href$="/products/new"]'))!.click()
    await fill(page, 'Brand', 'Tarnfield & "Söhne" <b>')
    await fill(page, 'Part number', 'T-1')
    await press(page, 'button', 'Add the product')
    await sees(page, 'Tarnfield & "Söhne" <b> T-1')
    await press(page, 'link', 'New specimen')
    await press(page, 'radio', 'Given')
    await press(page, 'button', 'Put it on the bench')
    await sees(page, 'Say who gave it')
    await fill(page, 'Given by', 'a viewer')
    await fill(page, 'Price paid for one optional', '0')
    await press(page, 'button', 'Put it on the bench')
    await readingIs(page, 'Part number as printed')
    await sees(page, 'given by a viewer')
  })

  test('every station is recorded by keyboard, one reading after the other', async () => {
    for (const [label, typed, kind] of spinOnAnswers) {
      await readingIs(page, label)
      if (kind === 'choose') await page.keyboard.press(typed as '1')
      else {
        await page.keyboard.type(typed)
        await page.keyboard.press('Enter')
      }
    }
    for (const station of ['Box 8 of 8', 'Outside 14 of 14', 'Element 10 of 10', 'Media 8 of 8'])
      await sees(page, station)
  })

  test('figures are worked out from mixed units', async () => {
    await sees(page, 'Media area')
    const text = await words(page)
    // 1.42 m x (2.5 in - 2.5 mm) and 4.5 turns of 1.5 mm, by hand.
    expect(text).toMatch(/Media area 866/)
    expect(text).toMatch(/Thread engagement 6\.75/)
    expect(text).toMatch(/Can wall as sheet gauge 25/)
    expect(text).toMatch(/Weight unaccounted for/)
  })

  test('the drawing has the holes and pleats that were typed', async () => {
    expect(
      await page.$$eval('svg[aria-label*="exploded drawing"] rect[transform^="rotate"]', (holes) => holes.length),
    ).toBe(6)
    const points = await page.$eval('svg polygon', (pleats) => pleats.getAttribute('points')!.split(' ').length)
    expect(points).toBe(100)
    await sees(page, 'M20 x 1.5 · 4½ threads · 6 holes')
  })

  test('a misread pleat count is struck on the tape; drawing and figures follow; Ctrl Z brings it back', async () => {
    await (await byRole(page, 'button', 'Strike Media type Blend')).click()
    await sees(page, 'struck')
    await page.keyboard.down('Control')
    await page.keyboard.press('z')
    await page.keyboard.up('Control')
    await byRole(page, 'button', 'Strike Media type Blend')

    await page.goto(`${page.url().split('?')[0]}?at=pleats.count`, { waitUntil: 'networkidle0' })
    await page.keyboard.type('60')
    await page.keyboard.down('Shift')
    await page.keyboard.press('Enter')
    await page.keyboard.up('Shift')
    await sees(page, 'they disagree: take another')
    expect(await readingUp(page)).toBe('Pleat count')
    await page.waitForFunction(
      () => document.querySelector('svg polygon')?.getAttribute('points')?.split(' ').length === 120,
    )
    await (await byRole(page, 'button', 'Strike Pleat count 60')).click()
    await page.waitForFunction(
      () => document.querySelector('svg polygon')?.getAttribute('points')?.split(' ').length === 100,
    )
  })

  test('what was recorded is still there after a reload, with what was typed', async () => {
    await page.reload({ waitUntil: 'networkidle0' })
    await sees(page, 'Pleats, end on'.toUpperCase())
    await (await page.waitForSelector('a[href$="/values/media.area"]'))!.click()
    await sees(page, 'media length × (media width − width buried in glue)')
    await sees(page, '= 1420 mm × (63.5 mm − 2.50 mm)')
    await press(page, 'link', 'Media width')
    await sees(page, '2 1/2 in')
  })

  test('it takes its place in the line-up, disclosed as given', async () => {
    await page.setViewport(wholeLineup)
    await press(page, 'link', 'Skerry 1.1 D')
    await page.waitForSelector('::-p-aria([name="Line-up table"])')
    await sees(page, 'Tarnfield & "Söhne" <b> T-1')
    await sees(page, 'sample given by a viewer')
    const heads = await page.$$eval('thead th[scope="col"]', (cells) => cells.map((cell) => cell.textContent ?? ''))
    const scores = await page.$$eval('tbody:first-of-type tr:first-child td', (cells) =>
      cells.map((cell) => Number.parseInt(cell.querySelector('a')?.textContent ?? '', 10)),
    )
    const mine = heads.findIndex((head) => head.startsWith('Tarnfield')) - 1
    expect(mine).toBeGreaterThanOrEqual(0)
    expect(scores[mine]).toBeGreaterThan(60)
    const ranked = scores.filter((score, index) => score > 20 && !heads[index + 1]!.startsWith('Dovrel'))
    expect(ranked).toEqual([...ranked].sort((a, b) => b - a))
  })

  test('sorting, differences only, and the score opened down to its evidence', async () => {
    const rows = () => page.$$eval('tbody tr', (all) => all.length)
    const before = await rows()
    await press(page, 'button', 'Differences only')
    await page.waitForFunction((was) => document.querySelectorAll('tbody tr').length < was, {}, before)
    await press(page, 'button', 'Sort by Can wall')
    await page.waitForSelector('button[aria-label="Sort by Can wall"] [aria-label="falling"]')
    const walls = await page.$$eval('tbody tr', (all) => {
      const row = all.find((one) => one.querySelector('th button[aria-label^="Sort by Can wall"]'))!
      return [...row.querySelectorAll('td')]
        .map((cell) => Number.parseFloat(cell.querySelector('a')?.textContent ?? ''))
        .filter((wall) => !Number.isNaN(wall))
    })
    expect(walls.length).toBeGreaterThan(8)
    expect(walls).toEqual([...walls].sort((a, b) => b - a))

    await (await page.waitForSelector('td a[href*="/score/"]'))!.click()
    await sees(page, 'of the weight rests on evidence')
    await sees(page, 'not a filtration test')
    await press(page, 'link', 'Glue bead')
    await sees(page, 'As typed')
  })
})
