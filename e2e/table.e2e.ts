import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import ExcelJS from 'exceljs'
import type { ElementHandle, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { fill, lineupOf, openPage, press, sees, startApp, visit, type App } from './app.ts'
import { submit } from './forms.ts'

let app: App
let page: Page
let lineup: string
const folder = mkdtempSync(join(tmpdir(), 'plicator-tables-'))

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
})
afterAll(async () => {
  await app.stop()
  rmSync(folder, { recursive: true })
})

const table = (name: string) =>
  page.$eval(`table[aria-label="${name}"]`, (one) => (one as HTMLElement).innerText.replace(/\s+/g, ' '))
const pick = (name: string, value: string) => page.select(`select[aria-label='${name}']`, value)

/** Cells as a spreadsheet pastes them: tabs are no keys. */
const paste = (cells: string) =>
  page.evaluate((text) => {
    const box = document.querySelector<HTMLTextAreaElement>('#cells')!
    Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!.call(box, text)
    box.dispatchEvent(new Event('input', { bubbles: true }))
  }, cells)

/** Looks at the dry run and writes. */
async function write(counts: string): Promise<void> {
  await sees(page, 'Dry run: table of Skerry 1.1 D')
  await sees(page, counts)
}

const pasted = [
  ['', 'Norrith N-40', 'Otherby 7'],
  ['Can wall (thou)', '19.5', '20'],
  ['Weight', '302 g', 'about 310 g'],
  ['ADBV', 'silicone', 'cheese'],
  ['How it smells', 'oily', 'sweet'],
]
  .map((row) => row.join('\t'))
  .join('\n')

describe('pasted cells', () => {
  test('are read as they stand; what cannot be is said, with its reason', async () => {
    await visit(page, app.url + lineup)
    await press(page, 'button', 'Tables and files')
    await press(page, 'menuitem', 'Bring your table')
    await fill(page, 'Cells', 'one cell')
    await sees(page, 'A table has a head and at least one row.')
    await paste(pasted)
    await sees(page, '5 readings, 1 value that cannot be read, 2 left away.')
    const becomes = await table('What becomes of the values')
    expect(becomes).toContain('Norrith N-40 Can wall (thou) 19.5 Can wall: 0.50 mm')
    expect(becomes).toMatch(/Otherby 7 Weight about 310 g Whole weight: 310 g, give or take 10/)
    expect(becomes).toMatch(/Otherby 7 ADBV cheese "cheese" is none of the answers/)
  })

  test('a heading that nobody knows is given its meaning, which is kept for the next table', async () => {
    await pick('What "How it smells" is', 'box.origin')
    await sees(page, '7 readings, 1 value that cannot be read, 0 left away.')
    await pick('What "How it smells" is', 'can.height')
    await sees(page, '5 readings, 3 values that cannot be read, 0 left away.')
    await pick('What "How it smells" is', '')
    await pick('Unit of "Can wall (thou)"', 'mm')
    await sees(page, '3 readings, 3 values that cannot be read')
    await pick('Unit of "Can wall (thou)"', 'thou')
    await pick('Who "Otherby 7" is', 'left')
    await sees(page, '3 readings, 0 values that cannot be read')
    await pick('Who "Otherby 7" is', '')
    await fill(page, 'Part number of "Otherby 7"', 'OB-7')
    await submit(page, 'Look at 5 readings once more')
    await write('5 new')
  })

  test('are written all or nothing, into the first specimen of what is there and a new one of what is not', async () => {
    await press(page, 'button', 'Write 5 readings')
    await sees(page, '5 readings are in.')
    await visit(page, app.url + lineup)
    await sees(page, 'OB-7')
    await visit(page, `${app.url}${lineup}/table`)
    await page.waitForSelector('#cells')
    await paste(pasted.replace('Otherby 7', 'Otherby OB-7'))
    await sees(page, '5 readings')
    expect(
      await page.$eval(`select[aria-label='Who "Otherby OB-7" is']`, (one) => (one as HTMLSelectElement).value),
    ).not.toBe('')
    await submit(page, 'Look at 5 readings once more')
    await write('0 new, 5 there already')
  })
})

describe('a workbook', () => {
  test('wide, with mixed units, a product a row and a formula, gives the same readings', async () => {
    const workbook = new ExcelJS.Workbook()
    workbook.addWorksheet('notes').addRow(['nothing here'])
    const sheet = workbook.addWorksheet('spring')
    sheet.addRows([
      ['Spring review'],
      ['Brand', 'Part', 'Can wall', 'Whole weight', 'Turns', 'Bypass place', 'Media length'],
      ['', '', 'thou', 'oz', '', '', 'in'],
      ['Dovrel', 'D-19', 15, 9.2, 4, 'thread end', { formula: '50+6', result: 56 }],
      ['Kelvane', 'K 8', '0.5 mm', '280 g', '4.5', 'dome end', '=1+1'],
    ])
    const file = join(folder, 'spring.xlsx')
    await workbook.xlsx.writeFile(file)
    await visit(page, `${app.url}${lineup}/table`)
    const input = (await page.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>
    await input.uploadFile(file)
    await sees(page, 'What becomes of it')
    expect(await table('Whose the values are')).toContain('Kelvane K 8')
    const becomes = await table('What becomes of the values')
    expect(becomes).toContain('Dovrel D-19 Can wall 15 Can wall: 0.38 mm')
    expect(becomes).toContain('Dovrel D-19 Media length 56 Media length: 1422 mm')
    expect(becomes).toContain('Kelvane K 8 Can wall 0.5 mm Can wall: 0.50 mm')
    expect(becomes).toMatch(/Kelvane K 8 Media length =1\+1 .*not a number/)
    await submit(page, 'Look at 9 readings once more')
    await write('9 new')
  })

  test('what is no table is refused in words', async () => {
    await visit(page, `${app.url}${lineup}/table`)
    const answer = (body: string | Uint8Array) =>
      page.evaluate(
        async (address, bytes) => {
          const response = await fetch(address, { method: 'POST', body: new Uint8Array(bytes) })
          return JSON.stringify(await response.json())
        },
        `${lineup}/table/read`,
        [...(typeof body === 'string' ? new TextEncoder().encode(body) : body)],
      )
    expect(await answer('PK\u0003\u0004 rubbish')).toContain('This is no workbook that can be read')
    expect(await answer('')).toContain('The file is empty.')
    expect(await answer('alone')).toContain('There is no table in this file')
    expect(await answer(new Uint8Array([0xff, 0xfe, ...Buffer.from('a\t1\nb\t2', 'utf16le')]))).toContain('["b","2"]')
  })

  test('two columns of one product are two specimens of it; which ones can be put right', async () => {
    await visit(page, `${app.url}${lineup}/table`)
    await paste('\tKelvane K 8\tKelvane K 8\nCan wall\t0.50 mm\t0.52 mm\nTurns\t4\t4')
    await sees(page, '4 readings, 0 values that cannot be read')
    expect(await table('Whose the values are')).toContain('Kelvane K 8 (2)')
    const second = await page.waitForSelector('input[aria-label=\'Specimen of "Kelvane K 8 (2)"\']')
    expect(await second?.evaluate((field) => (field as HTMLInputElement).value)).toBe('B')
    await submit(page, 'Look at 4 readings once more')
    await write('4 new')
    await press(page, 'button', 'Write 4 readings')
    await sees(page, '4 readings are in.')
    await visit(page, app.url + lineup)
    await sees(page, 'Kelvane K 8')
    await sees(page, '2 specimens')
  })

  test('ten thousand rows stay responsive', async () => {
    await visit(page, `${app.url}${lineup}/table`)
    const long = [
      'product\twhat\tvalue',
      ...Array.from({ length: 9999 }, (_, at) => `Norrith N-40\tturns\t${(at % 5) + 3}`),
    ]
    await paste(long.join('\n'))
    await sees(page, 'Of the first 400: 400 readings')
  })
})
