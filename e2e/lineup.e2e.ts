import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import {
  choose,
  fill,
  lineupOf,
  openPage,
  press,
  sees,
  startApp,
  usualWindow,
  visit,
  wholeLineup,
  type App,
} from './app.ts'
import { goes } from './forms.ts'

let app: App
let page: Page
let lineup: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
})
afterAll(() => app.stop())

describe('the line-up', () => {
  test('rows that nobody has looked at are put aside, and come back when asked for', async () => {
    await visit(page, `${app.url}${lineup}`)
    const rowsShown = () =>
      page.evaluate(() => Number(/products, (?:\d+ hidden, )?(\d+) rows/.exec(document.body.innerText)?.[1] ?? NaN))
    const before = await rowsShown()
    const aside = await page.waitForSelector('::-p-text(nobody has looked at: show)')
    const count = Number.parseInt((await aside!.evaluate((button) => button.textContent)) ?? '', 10)
    await aside!.click()
    await sees(page, 'nobody has looked at: hide')
    expect(await rowsShown()).toBe(before + count)
  })

  test('a row is found, a column hidden, another pinned', async () => {
    await visit(page, `${app.url}${lineup}`)
    const heads = () => page.$$eval('thead th[scope="col"] a', (links) => links.map((link) => link.textContent))
    await fill(page, 'Find a row', 'gasket')
    await page.waitForFunction(() => !document.body.innerText.includes('Media area'))
    await sees(page, 'Gasket section width')
    const last = (await heads()).at(-1)!
    await press(page, 'button', 'Columns')
    await press(page, 'button', 'Hide Pellgate PG-33')
    await sees(page, '1 hidden')
    expect(await heads()).not.toContain('Pellgate PG-33')
    await press(page, 'button', `Pin ${last}`)
    await page.waitForFunction(
      (name) => document.querySelectorAll('thead th[scope="col"] a')[0]?.textContent === name,
      {},
      last,
    )
  })
})

describe('the table', () => {
  const focused = () =>
    page.evaluate(() => {
      const cell = document.activeElement?.closest<HTMLTableCellElement>('td, th')
      const row = cell?.closest('tr')
      // Columns that are not drawn stand in one cell.
      const before = [...(row?.cells ?? [])].slice(0, cell?.cellIndex)
      return [row?.querySelector('th')?.textContent.trim(), before.reduce((sum, { colSpan }) => sum + colSpan, 0)]
    })

  test.each([
    [1280, 20],
    [820, 12],
  ])('%i wide shows %i rows at once, and nothing scrolls but the table', async (width, least) => {
    await page.setViewport({ width, height: 800 })
    await visit(page, `${app.url}${lineup}`)
    await sees(page, 'Construction is judged, not filtration.')
    const { rows, height } = await page.evaluate(() => {
      const bottom = document.querySelector('[aria-label="Line-up table"]')!.getBoundingClientRect().bottom
      const all = [...document.querySelectorAll<HTMLTableRowElement>('[aria-label="Line-up table"] tbody tr')]
      const whole = all.filter((row) => row.cells.length > 1 && row.getBoundingClientRect().bottom <= bottom)
      return { rows: whole.length, height: document.documentElement.scrollHeight }
    })
    expect(rows).toBeGreaterThanOrEqual(least)
    expect(height).toBe(800)
    await page.setViewport(usualWindow)
  })

  test('what a cell says stays in it, and what is uncertain is not cut off', async () => {
    for (const shows of ['', '?doubt=shown']) {
      await page.setViewport(wholeLineup)
      await visit(page, `${app.url}${lineup}${shows}`)
      await sees(page, 'Construction is judged, not filtration.')
      const cells = await page.$$eval('[aria-label="Line-up table"] tr:not([data-brief]) td', (all) =>
        all.map((cell) => {
          const words = document.createRange()
          words.selectNodeContents(cell)
          const isCut = getComputedStyle(cell).overflow === 'clip' && cell.scrollWidth > cell.clientWidth
          const isOver = words.getBoundingClientRect().left < cell.getBoundingClientRect().left
          return { text: cell.textContent, isCut, isOver }
        }),
      )
      expect(cells.length).toBeGreaterThan(400)
      expect(cells.filter(({ isCut, isOver }) => isOver && !isCut)).toEqual([])
      expect(cells.filter(({ text, isCut }) => isCut && text.includes('±'))).toEqual([])
    }
    await page.setViewport(usualWindow)
  })

  test('keeps the rows that were sought when it is sorted', async () => {
    await visit(page, `${app.url}${lineup}`)
    await fill(page, 'Find a row', 'Can wall')
    await page.waitForFunction(() => new URLSearchParams(location.search).get('find') === 'Can wall')
    await press(page, 'button', 'Sort by Can wall')
    await page.waitForFunction(() => new URLSearchParams(location.search).get('sort') === 'can.wall')
    expect(new URL(page.url()).searchParams.get('find')).toBe('Can wall')
    await visit(page, `${app.url}${lineup}`)
  })

  test('is walked with the arrows, Home and End; a cell opens beside it, and Escape leads back to the cell', async () => {
    await page.locator('th ::-p-text(Whole weight)').click()
    await page.$eval('[aria-label="Sort by Whole weight"]', (button) => (button as HTMLElement).focus())
    await page.keyboard.press('ArrowRight')
    await page.keyboard.press('ArrowRight')
    expect(await focused()).toEqual(['Whole weight', 2])
    await page.keyboard.press('ArrowDown')
    expect(await focused()).toEqual(['Weight unaccounted for', 2])
    await page.keyboard.press('End')
    await expect.poll(focused, { timeout: 10_000 }).toEqual(['Weight unaccounted for', 12])
    await page.keyboard.press('Home')
    await page.keyboard.press('ArrowUp')
    await page.keyboard.press('ArrowRight')
    await expect.poll(focused, { timeout: 10_000 }).toEqual(['Whole weight', 1])
    await page.keyboard.press('Enter')
    await page.waitForSelector('[aria-label="Opened value"] h2::-p-text(Whole weight)')
    await sees(page, 'Dry, out of its box and film')
    await page.keyboard.press('Escape')
    await page.waitForFunction(() => !document.querySelector('[aria-label="Opened value"]'))
    expect(await focused()).toEqual(['Whole weight', 1])
    expect(new URL(page.url()).pathname).toBe(lineup)
  })
})

describe('on paper', () => {
  test.each([
    ['', 'A4 lying', 1062],
    ['', 'Letter lying', 995],
    ['/verdict', 'A4', 718],
    ['/verdict', 'Letter', 740],
    ['/bench-card', 'A4', 718],
    ['/bench-card', 'Letter', 740],
  ])('%s fits the width of %s', async (view, _paper, width) => {
    const paper = await openPage(app, '/')
    await paper.emulateMediaType('print')
    await paper.setViewport({ width, height: 900 })
    await visit(paper, `${app.url}${lineup}${view}`)
    expect(await paper.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width)
    await paper.close()
  })
})

describe('the tray of a face-off', () => {
  test('takes a part of another engine’s filter, to one scale, marked as not scored', async () => {
    await visit(page, `${app.url}${lineup}/face-off`)
    await press(page, 'tab', 'Tray')
    await sees(page, 'Tray: parts of other engines’ filters')
    const before = await page.$$eval('[aria-label="In the tray"] li', (all) => all.length)
    await choose(page, 'Engine', 'Brae 16P')
    await page.waitForFunction(() =>
      [...document.querySelectorAll('option')].some((one) => /Norrith .* A$/.test(one.text)),
    )
    const filter = await page.$$eval('option', (all) => all.find((one) => /Norrith .* A$/.test(one.text))!.text)
    await choose(page, 'Filter', filter)
    await choose(page, 'Part', 'Pleats and media')
    await fill(page, 'What it shows', 'twice the pleats')
    await press(page, 'button', 'Lay it beside')
    await sees(page, 'twice the pleats')
    await page.waitForSelector(`svg[aria-label="Pleats and media of ${filter}"]`)
    expect(await page.$$eval('[aria-label="In the tray"] li', (all) => all.length)).toBe(before + 1)
    await press(page, 'button', 'Lay it beside')
    await sees(page, 'This part lies in the tray already.')
    await press(page, 'button', `Put back: Pleats and media of ${filter}`)
    await goes(page, 'twice the pleats')
  })
})
