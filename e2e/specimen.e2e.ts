import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import type { Page } from 'puppeteer-core'
import { byRole, fill, openPage, press, readingIs, readingUp, sees, startApp, words, type App } from './app.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
})
afterAll(() => app.stop())

/** Answers typed as they are read at the bench, in the order the readings come up. */
const answers: [label: string, typed: string, next?: 'choose'][] = [
  ['Part number as printed', 'T-1 K'],
  ['Date code', '26 W11'],
  ['Country of origin', 'Made in Harland'],
  ['Maker named', '1', 'choose'],
  ['How the box is closed', '1', 'choose'],
  ['Cover over the filter', '1', 'choose'],
  ['What else is in the box', 'leaflet'],
  ['Printing on the can', '1', 'choose'],
  ['Whole weight', '302 g'],
  ['Can height', '3 3/8 in'],
  ['Can diameter', '76,1'],
  ['Dents on arrival', '1', 'choose'],
  ['Thread', 'm20x1.5'],
  ['Full threads', '4½'],
  ['Inlet holes', '5 x 6.0, 1 x 8.2'],
  ['Plate thickness', '0.120 in'],
  ['Gasket material', '1', 'choose'],
  ['Gasket section', '3', 'choose'],
  ['Gasket section width', '150 thou'],
  ['Gasket stands proud', '1.6'],
  ['How the gasket is held', '3', 'choose'],
  ['Valve colour through the holes', 'orange'],
  ['Rust inside', '1', 'choose'],
  ['Loose bits inside', '1', 'choose'],
  ['Element sits', '1', 'choose'],
  ['Retainer spring', '1', 'choose'],
  ['Spring weight', '8.8'],
  ['Bypass place', '2', 'choose'],
  ['Bypass build', '1', 'choose'],
  ['Bypass seal', '1', 'choose'],
  ['Bypass weight', '12'],
  ['Anti-drain-back valve build', '1', 'choose'],
  ['Anti-drain-back valve material', '1', 'choose'],
  ['Anti-drain-back valve thickness', '1.3 mm'],
  ['How the valve covers the holes', '4', 'choose'],
  ['Anti-drain-back valve weight', '5.1 g'],
  ['Can wall', '20 thou'],
  ['Can weight', '92'],
  ['Base plate weight', '4.6 oz'],
  ['Gasket weight', '3.4'],
  ['Element outer diameter', '63'],
  ['Centre tube outer diameter', '33.5'],
  ['Element height', '65'],
  ['Element weight', '50'],
  ['End caps', '1', 'choose'],
  ['Glue bead', '4', 'choose'],
  ['Glue where it should not be', '1', 'choose'],
  ['End cap comes away', '1', 'choose'],
  ['Seam of the pack', '1', 'choose'],
  ['Pleat spacing', '4', 'choose'],
  ['Centre tube build', '2', 'choose'],
  ['Core openings', '90 x 4.5'],
  ['Are the openings really open?', '4', 'choose'],
  ['Centre tube when squeezed', '4', 'choose'],
  ['Pleat count', '50'],
  ['Mesh behind the media', '1', 'choose'],
  ['Media length', '1.42 m'],
  ['How the width is measured', '1', 'choose'],
  ['Media width', '2 1/2 in'],
  ['Width buried in glue', '2.5'],
  ['Media thickness', '0.7'],
  ['Media weight', '12 g'],
  ['Media layers', '1'],
  ['Media type', '2', 'choose'],
]

describe('a whole specimen, from the sealed box to its rank', () => {
  test('an application of its own is made and shown empty', async () => {
    await press(page, 'link', 'New application')
    await fill(page, 'Engine or application', 'Skerry 0.7')
    await fill(page, 'Thread of the engine optional', 'M20')
    await press(page, 'button', 'Make the application')
    await sees(page, 'M20 needs its pitch')
    expect(await page.$eval('input[name="name"]', (field) => (field as HTMLInputElement).value)).toBe('Skerry 0.7')
    await fill(page, 'Thread of the engine optional', 'M20 x 1.5')
    await press(page, 'button', 'Make the application')
    await sees(page, 'Put a specimen of one of its products on the bench')
  })

  test('a product and a specimen are put into the demo line-up', async () => {
    await press(page, 'link', 'Line-ups')
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
    for (const [label, typed, kind] of answers) {
      await readingIs(page, label)
      if (kind === 'choose') await page.keyboard.press(typed as '1')
      else {
        await page.keyboard.type(typed)
        await page.keyboard.press('Enter')
      }
    }
    for (const station of ['Box 8 of 8', 'Outside 14 of 14', 'Element 10 of 10', 'Media 8 of 8']) await sees(page, station)
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
    expect(await page.$$eval('svg[aria-label*="exploded drawing"] rect[transform^="rotate"]', (holes) => holes.length)).toBe(6)
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
    await page.waitForFunction(() => document.querySelector('svg polygon')?.getAttribute('points')?.split(' ').length === 120)
    await (await byRole(page, 'button', 'Strike Pleat count 60')).click()
    await page.waitForFunction(() => document.querySelector('svg polygon')?.getAttribute('points')?.split(' ').length === 100)
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
    await press(page, 'link', 'Skerry 1.1 D')
    await page.waitForSelector('::-p-aria([name="Line-up table"])')
    await sees(page, 'Tarnfield & "Söhne" <b> T-1')
    await sees(page, 'sample given by a viewer')
    const heads = await page.$$eval('thead th[scope="col"]', (cells) => cells.map((cell) => cell.textContent ?? ''))
    const scores = await page.$$eval('tbody:first-of-type tr:first-child td', (cells) => cells.map((cell) => Number.parseInt(cell.textContent ?? '', 10)))
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
      const row = all.find((one) => one.querySelector('th')?.textContent === 'Can wall')!
      return [...row.querySelectorAll('td')].map((cell) => Number.parseFloat(cell.textContent ?? '')).filter((wall) => !Number.isNaN(wall))
    })
    expect(walls.length).toBeGreaterThan(8)
    expect(walls).toEqual([...walls].sort((a, b) => b - a))

    await (await page.waitForSelector('td a[href$="/score"]'))!.click()
    await sees(page, 'Construction score')
    await sees(page, 'not a filtration test')
    await press(page, 'link', 'Glue bead')
    await sees(page, 'As typed')
  })
})
