import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { lineupOf, openPage, press, sees, startApp, visit, type App } from './app.ts'

const products = 40
const folder = mkdtempSync(join(tmpdir(), 'plicator-wide-'))

let app: App
let page: Page

beforeAll(async () => {
  execFileSync('npx', ['tsx', 'benchmarks/grow.ts', folder, '4800', '60', '1'], { stdio: 'pipe' })
  app = await startApp({ demo: false, env: { PLICATOR_DATA: folder } })
  page = await openPage(app, '/')
  await visit(page, `${app.url}${await lineupOf(page, 'Engine 0')}`)
  await sees(page, `${products} products`)
  await press(page, 'button', 'Sort by Whole weight')
})
afterAll(async () => {
  await app.stop()
  rmSync(folder, { recursive: true, force: true })
})

const table = '[aria-label="Line-up table"]'

/** Left edge, width of the cell that has the focus, and how far the table is scrolled across. */
const focused = () =>
  page.$eval(table, (box) => {
    const cell = document.activeElement?.closest<HTMLTableCellElement>('td, th')
    const [own, around] = [cell?.getBoundingClientRect(), box.getBoundingClientRect()]
    return {
      row: cell?.parentElement?.querySelector('th')?.textContent.trim(),
      isName: cell?.matches('th[scope="row"]') ?? false,
      isInSight: own !== undefined && own.left >= around.left && own.right <= around.right + 1,
      place: own ? Math.round((own.left + box.scrollLeft - around.left - 228) / 142) : -1,
    }
  })

test('of forty products only the cells in sight are drawn', async () => {
  const drawn = await page.$$eval(`${table} td`, (cells) => cells.length)
  expect(drawn).toBeGreaterThan(200)
  expect(drawn).toBeLessThan(900)
  expect(await page.$$eval(`${table} col`, (columns) => columns.length)).toBe(products + 1)
})

test('End leads to the last product and Home back to the name of the row', async () => {
  await page.focus(`${table} [aria-label="Sort by Whole weight"]`)
  await page.keyboard.press('End')
  await page.waitForFunction(() => document.activeElement?.closest('td') !== null)
  expect(await focused()).toMatchObject({ row: 'Whole weight', place: products - 1, isInSight: true })
  await page.keyboard.press('Home')
  expect(await focused()).toMatchObject({ row: 'Whole weight', isName: true, isInSight: true })
})

test('the arrows pass every product on the way', async () => {
  for (let place = 0; place < products; place++) {
    await page.keyboard.press('ArrowRight')
    await page.waitForFunction(
      (wanted) => {
        const cell = document.activeElement?.closest('td')
        const box = document.querySelector('[aria-label="Line-up table"]')!
        const left = cell ? cell.getBoundingClientRect().left - box.getBoundingClientRect().left : NaN
        return Math.round((left + box.scrollLeft - 228) / 142) === wanted
      },
      {},
      place,
    )
  }
  await page.keyboard.press('ArrowDown')
  expect(await focused()).toMatchObject({ place: products - 1, isInSight: true })
})

test('Ctrl End leads to the last row of all, Page Up back by as many rows, Ctrl Home to the first', async () => {
  const rows = () =>
    page.$eval(table, (box) => {
      const row = document.activeElement?.closest('tr')
      const last = box.querySelector('table')!.getAttribute('aria-rowcount')
      return { at: Number(row?.getAttribute('aria-rowindex')), last: Number(last) }
    })
  const reaches = (row: number) =>
    page.waitForFunction((at) => document.activeElement?.closest('tr')?.ariaRowIndex === String(at), {}, row)
  await page.focus(`${table} [aria-label="Sort by Whole weight"]`)
  const { at: first, last } = await rows()
  expect(last).toBeGreaterThan(60)
  await page.keyboard.down('Control')
  await page.keyboard.press('End')
  await page.keyboard.up('Control')
  await reaches(last)
  expect(await focused()).toMatchObject({ place: products - 1, isInSight: true })
  let before = last
  for (let press = 0; press < 3; press++) {
    await page.keyboard.press('PageUp')
    await page.waitForFunction((was) => document.activeElement?.closest('tr')?.ariaRowIndex !== String(was), {}, before)
    const { at } = await rows()
    // Twelve rows of cells, and the heads of parts among them.
    expect(before - at).toBeGreaterThanOrEqual(12)
    expect(before - at).toBeLessThan(20)
    before = at
  }
  await page.keyboard.down('Control')
  await page.keyboard.press('Home')
  await page.keyboard.up('Control')
  await reaches(1)
  await page.waitForFunction((box) => document.querySelector(box)!.scrollTop === 0, {}, table)
  expect(first).toBeGreaterThan(1)
})

test('wherever the table is scrolled to, rows and cells stand there', async () => {
  for (const [down, across] of [
    [0.3, 0.2],
    [0.7, 0.9],
    [1, 1],
    [0.4, 0.5],
    [0, 0],
  ] as const) {
    await page.$eval(
      table,
      (box, to) => {
        box.scrollTop = to[0] * (box.scrollHeight - box.clientHeight)
        box.scrollLeft = to[1] * (box.scrollWidth - box.clientWidth)
      },
      [down, across] as const,
    )
    await page.waitForFunction(
      (of) => {
        const { left, right, top, bottom } = document.querySelector(of)!.getBoundingClientRect()
        const places = [0.3, 0.6, 0.97].flatMap((x) => [0.35, 0.6, 0.96].map((y) => [x, y] as const))
        return places.every(([x, y]) => {
          const there = document.elementFromPoint(left + x * (right - left), top + y * (bottom - top))
          const cell = there?.closest<HTMLTableCellElement>('td, th')
          return cell && cell.dataset.leftOut === undefined && cell.closest('tr')?.ariaHidden !== 'true'
        })
      },
      {},
      table,
    )
  }
})

test('the name of a part stays in sight when the table is scrolled across', async () => {
  await page.$eval(table, (box) => (box.scrollLeft = box.scrollWidth))
  const [name, box] = await page.$eval(table, (around) => [
    around.querySelector('th[scope="rowgroup"] span')!.getBoundingClientRect().left,
    around.getBoundingClientRect().left,
  ])
  expect(name! - box!).toBeGreaterThanOrEqual(0)
  expect(name! - box!).toBeLessThan(40)
})

test('a head stands over its column, however far the table is scrolled', async () => {
  for (const share of [0, 0.37, 1]) {
    await page.$eval(table, (box, to) => (box.scrollLeft = to * (box.scrollWidth - box.clientWidth)), share)
    await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))))
    const edges = await page.$$eval(`${table} tr:not([aria-hidden])`, (rows) =>
      rows
        .filter((row) => row.cells.length > 2)
        .slice(0, 12)
        .map((row) => [...row.cells].map((cell) => Math.round(cell.getBoundingClientRect().left))),
    )
    expect(edges.length).toBe(12)
    for (const row of edges) expect(row).toEqual(edges[0])
  }
})
