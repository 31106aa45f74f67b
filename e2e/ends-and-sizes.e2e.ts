import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { benchOf, choose, fill, openPage, press, readingIs, sees, startApp, visit, words, type App } from './app.ts'
import { submit, unfoldMore } from './forms.ts'

let app: App
let page: Page
let bench: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  bench = `${app.url}${await benchOf(page, 'Dovrel D-19')}`
})
afterAll(() => app.stop())

const at = (key: string) => visit(page, `${bench.replace(/\?.*/, '')}?at=${key}`)

describe('at which end', () => {
  test('an answer is given at an end, and the worse end decides', async () => {
    await at('caps.hold')
    await readingIs(page, 'End cap comes away')
    await press(page, 'button', 'At the dome end')
    await page.keyboard.press('2')
    await readingIs(page, 'Seam of the pack')
    await at('caps.hold')
    await sees(page, 'A little, dome end')
    await press(page, 'button', 'At the thread end')
    await page.keyboard.press('1')
    await readingIs(page, 'Seam of the pack')
    await at('caps.hold')
    await sees(page, 'No, thread end')
    expect(await page.$eval('[aria-label="Tape"]', (tape) => tape.innerHTML)).toContain('A little, dome end')
  })

  test('“top” is asked about until the reviewer has said once which end that is', async () => {
    await page.keyboard.press(';')
    await fill(page, 'Several readings in a line', 'glue bead 1 at the top')
    await sees(page, 'Which end is the top?')
    await visit(page, `${app.url}/reviewer`)
    await press(page, 'radio', 'The dome end')
    await press(page, 'button', 'Save')
    await sees(page, 'Saved.')
    await at('glue.grade')
    await page.keyboard.press(';')
    await fill(page, 'Several readings in a line', 'glue bead 1 at the top')
    await page.keyboard.press('Enter')
    await sees(page, '1 of 4, dome end')
  })
})

describe('a size class', () => {
  let lineup: string

  test('is found by the first sizes, and nothing of a large can is unusual', async () => {
    await visit(page, `${app.url}/lineups/new`)
    await fill(page, 'Name of the engine', 'Torv 12.8 D')
    await submit(page, 'Add the engine')
    lineup = new URL(page.url()).pathname
    await press(page, 'link', 'Add a product')
    await fill(page, 'Brand', 'Hestvik')
    await fill(page, 'Part number', 'H-1280')
    await page.keyboard.press('Enter')
    await sees(page, 'What you found, in a line')
    await page.locator('#product-line').click()
    await page.keyboard.type(
      'height 262 mm; diameter 108 mm; media length 2.3 m; width 92 mm; wall .6; turns 3; pleats 98',
    )
    await sees(page, 'Keep 7 readings')
    await page.keyboard.press('Enter')
    await sees(page, '7 readings kept.')
    await visit(page, `${app.url}${lineup}`)
    await sees(page, 'large diesel, as its sizes say')
  })

  test('is chosen for the engine, and one of the other form is refused', async () => {
    await visit(page, `${app.url}${lineup}/edit`)
    await unfoldMore(page)
    await choose(page, 'Size class', 'Large cartridge: Lorries, farm and plant engines.')
    await press(page, 'button', 'Save the engine')
    await sees(page, 'That size class is of the other kind of filter.')
    await choose(page, 'Size class', 'Large diesel: Lorries, farm and plant engines.')
    await submit(page, 'Save the engine')
    await sees(page, 'large diesel')
    expect(await words(page)).not.toContain('as its sizes say')
  })

  test('is on the page of the method, with its ranges', async () => {
    await visit(page, `${app.url}/method`)
    await sees(page, 'Size classes')
    await sees(page, '0.50 to 0.75 mm')
  })
})
