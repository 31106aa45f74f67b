import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { choose, fill, lineupOf, openPage, press, sees, startApp, visit, words, type App } from './app.ts'
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

describe('revisions and date codes', () => {
  const openProduct = async (name: string) => {
    await visit(page, app.url + lineup)
    await press(page, 'link', name)
    await sees(page, 'Engines it fits')
  }

  test('what changed from one revision to the next is said from the readings', async () => {
    await openProduct('Fennick F-2210')
    await sees(page, 'Against first printing ')
    const changes = await page.$eval('[aria-label="What tells suffix B"]', (one) => (one as HTMLElement).innerText)
    expect(changes).toMatch(/colour of the glue red or orange → grey/)
    expect(changes).toMatch(/Date codes: [\w-]+ \(A\)/)
  })

  test('prices stand on one line of time with when each was seen', async () => {
    await page.locator('summary ::-p-text(All dates)').click()
    const dates = await page.$$eval('[aria-label="All dates"] tbody tr', (rows) => rows.map((row) => row.innerText))
    expect(dates.some((row) => /suffix B\s+A first recorded/.test(row))).toBe(true)
    expect(dates.some((row) => /Prices\s+6\.10 GBP at Northisle Spares/.test(row))).toBe(true)
  })

  test('two codes teach how a brand writes its dates; what teaches nothing says why', async () => {
    await visit(page, `${app.url}/library`)
    await press(page, 'link', 'Pellgate')
    await sees(page, 'Give two codes of which you know the day')
    await fill(page, 'First code', '2026 W11')
    await fill(page, 'What the first means', '2026-09')
    await fill(page, 'Second code', '2025 W40')
    await fill(page, 'What the second means', '2025-10')
    await sees(page, 'No template reads both codes so.')
    await fill(page, 'What the first means', '2026-03')
    await press(page, 'button', 'Keep: year, a letter, week')
    await sees(page, 'taught by 2026 W11 (2026-03) and 2025 W40 (2025-10)')
  })

  test('and then its codes are read, with how long each lay on a shelf', async () => {
    await openProduct('Pellgate PG-33')
    await sees(page, '2026 W11 (A): made 2026-03-09 to 2026-03-15, 7 months before it was looked at')
  })

  test('and stand on the line of time', async () => {
    await openProduct('Pellgate PG-33')
    await page.locator('summary ::-p-text(All dates)').click()
    const dates = await page.$$eval('[aria-label="All dates"] tbody tr', (rows) => rows.map((row) => row.textContent))
    expect(dates[0]).toMatch(/A made 2026-03-09 to 2026-03-15, code 2026 W11/)
    expect(dates.some((row) => row?.includes('A first recorded'))).toBe(true)
  })

  test('forgotten, they are codes again', async () => {
    await visit(page, `${app.url}/library`)
    await press(page, 'link', 'Pellgate')
    await press(page, 'button', 'Forget year, a letter, week')
    await goes(page, 'taught by 2026 W11')
    await openProduct('Pellgate PG-33')
    await sees(page, 'Date codes: 2026 W11 (A).')
  })
})

describe('numbers that replace each other', () => {
  test('are said on both pages; a circle is refused with its chain', async () => {
    const open = async (name: string) => {
      await visit(page, app.url + lineup)
      await press(page, 'link', name)
      await sees(page, 'Makers withdraw a number and sell another in its place')
    }
    await open('Corvane CV-214')
    await press(page, 'button', 'Keep that it replaces it')
    await sees(page, 'Choose the number whose place it takes.')
    await choose(page, 'Takes the place of', 'Corvane CV-164')
    await press(page, 'button', 'Keep that it replaces it')
    await page.waitForSelector('::-p-aria([name="It does not replace Corvane CV-164"])')
    await open('Corvane CV-164')
    await sees(page, 'Replaced by Corvane CV-214')
    await choose(page, 'Takes the place of', 'Corvane CV-214')
    await press(page, 'button', 'Keep that it replaces it')
    await sees(page, 'It would go round in a circle: Corvane CV-214 replaces Corvane CV-164.')
    await open('Corvane CV-214')
    await press(page, 'button', 'It does not replace Corvane CV-164')
    await goes(page, 'Replaces Corvane CV-164')
  })
})

describe('a box with signs', () => {
  test('it takes a specimen that is known to be good; then the other asks for a check, and is called no fake', async () => {
    await visit(page, app.url + lineup)
    await press(page, 'link', 'Merribank MB-1120')
    await sees(page, 'It takes a specimen that is known to be good')
    expect(await words(page)).not.toContain('Asks for a check')
    await press(page, 'button', 'Mark A as known to be good')
    await sees(page, 'Asks for a check with the seller')
    const signs = await page.$eval('[aria-label="Is it what the box says"]', (one) => (one as HTMLElement).innerText)
    expect(signs).toMatch(/how the date code is put on stamped where the good one has burnt/)
    expect(signs).toMatch(/rolled seam round bead where the good one has flat/)
    expect(signs).not.toMatch(/fake|counterfeit/i)
  })

  test('is taken back with the good one', async () => {
    await press(page, 'button', 'A is not known to be good')
    await goes(page, 'Asks for a check')
  })
})
