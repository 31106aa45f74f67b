import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { fill, openPage, press, readingIs, sees, startApp, visit, words, type App } from './app.ts'
import { pathOf } from './forms.ts'

let app: App
let page: Page
let bench: string
let specimen: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  await (await page.waitForSelector('section[aria-label="Skerry 1.1 D"] a[href$="/products/new"]'))!.click()
  await fill(page, 'Brand', 'Wellbrook')
  await fill(page, 'Part number', 'W-9')
  await press(page, 'button', 'Add the product')
  await press(page, 'link', 'New specimen')
  await press(page, 'button', 'Put it on the bench')
  await readingIs(page, 'Part number as printed')
  bench = app.url + pathOf(page)
  specimen = bench.replace('/bench/', '/specimens/')
})
afterAll(() => app.stop())

const at = async (key: string, label: string) => {
  await visit(page, `${bench}?at=${key}`)
  await readingIs(page, label)
}
const soFar = () => page.$eval('[aria-label="Readings so far"]', (chips) => chips.textContent ?? '')
/** Takes what is typed and stays at the reading. */
const take = async (typed: string) => {
  await page.keyboard.type(typed)
  await page.keyboard.down('Shift')
  await page.keyboard.press('Enter')
  await page.keyboard.up('Shift')
}

describe('holes without sizes', () => {
  test('are counted as they are said, and said back', async () => {
    await at('plate.inlets', 'Inlet holes')
    await page.keyboard.type('six holes, one larger')
    await sees(page, '= 6 holes, 1 larger')
    await take('')
    await page.waitForSelector('[aria-label="Readings so far"]')
    expect(await soFar()).toContain('6 holes, 1 larger')
    await visit(page, `${specimen}/values/inlet.area`)
    await sees(page, 'Still to record: Inlet holes')
  })

  test('a size that follows is added to the count, and the area is there', async () => {
    await at('plate.inlets', 'Inlet holes')
    await take('5.8 and 8.2 mm')
    await page.waitForFunction(() =>
      document.querySelector('[aria-label="Readings so far"]')?.textContent?.includes('holes of 5.8'),
    )
    expect(await soFar()).not.toContain('they disagree')
    await visit(page, `${specimen}/values/inlet.area`)
    // 5 · π/4 · 5.8² + π/4 · 8.2²
    await sees(page, '184.9 ± ')
  })
})

describe('repeats in one breath', () => {
  test('are said back as so many, and each is kept', async () => {
    await at('can.diameter', 'Can diameter')
    await page.keyboard.type('76.2, then 76.3, 76.2')
    await sees(page, '= 3 repeats: 76.2 · 76.3 · 76.2')
    await take('')
    await page.waitForFunction(
      () => document.querySelector('[aria-label="Readings so far"]')?.textContent?.match(/76\.[23] mm/g)?.length === 3,
    )
    expect(await soFar()).toContain('mean 76.2')
  })

  test('of which one cannot be, none is kept and the words stay', async () => {
    await at('can.height', 'Can height')
    await take('86, then 87, 9000 mm')
    await sees(page, '9000 mm')
    expect(await page.$('[aria-label="Readings so far"]')).toBeNull()
  })
})

describe('a figure that was told as such', () => {
  test('is entered from where it is missing, and counts', async () => {
    await visit(page, `${specimen}/values/media.area`)
    await press(page, 'link', 'Enter it directly')
    await readingIs(page, 'Media area, as told')
    await page.keyboard.type('about 200 square inches')
    await sees(page, 'give or take')
    await page.keyboard.press('Enter')
    await visit(page, `${specimen}/values/media.area`)
    await sees(page, 'As it was told, not worked out.')
    expect(await words(page)).toMatch(/12[89]\d ± \d+ cm²/)
  })
})
