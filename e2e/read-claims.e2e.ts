import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { choose, fill, lineupOf, openPage, press, sees, startApp, visit, words, type App } from './app.ts'
import { pathOf, submit } from './forms.ts'

let app: App
let page: Page
let lineup: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
})
afterAll(() => app.stop())

const label = 'What is claimed, a line each or all in one'
const became = () =>
  page.$eval('table[aria-label="What it became"]', (one) => (one as HTMLElement).innerText.replace(/\s+/g, ' '))

test('a line is shown as the claims that it became, what was guessed marked', async () => {
  await visit(page, `${app.url}${lineup}/claims`)
  await press(page, 'button', 'Dovrel D-19')
  await press(page, 'link', 'Paste claims on Dovrel D-19')
  await press(page, 'button', 'Keep the claims')
  await sees(page, 'Paste or type what is claimed first.')
  await fill(page, label, '99% @ 20 µm, ISO 4548-12, 18,000 or 12 mo')
  await sees(page, 'Keep 2 claims')
  expect(await became()).toMatch(/Efficiency complete 99 at 20 µm · ISO 4548-12/)
  expect(await became()).toMatch(/Interval complete 18,000 km or 12 months Look again: no unit is said: km is taken\./)
})

test('what is not wanted is left away, the rest is kept together', async () => {
  await fill(page, label, 'Holds 21 grams of dirt\nThe best there is\nsee the manual')
  await sees(page, 'Keep 3 claims')
  await press(page, 'checkbox', 'Keep slogan: The best there is')
  await sees(page, 'Keep 2 claims')
  await submit(page, 'Keep 2 claims')
  await page.waitForSelector('section[aria-label="Dovrel D-19"]')
  expect(pathOf(page)).toBe(`${lineup}/claims`)
  const said = await page.$eval('section[aria-label="Dovrel D-19"]', (one) => (one as HTMLElement).innerText)
  expect(said).toContain('Holds 21 grams of dirt')
  expect(said).toContain('left to the manual')
  expect(said).not.toContain('The best there is')
})

test('a claim that was pasted opens in its form and is saved unchanged', async () => {
  const claim = await page.$$eval('section[aria-label="Dovrel D-19"] tr', (rows) =>
    rows
      .find((row) => row.textContent?.includes('see the manual'))
      ?.querySelector('a')
      ?.getAttribute('href'),
  )
  await visit(page, app.url + claim!)
  await submit(page, 'Save the claim')
  await sees(page, 'left to the manual')
  expect(await words(page)).toContain('Box claims')
})

test('a claim of an older revision is no contradiction of the newer; of the same revision it is', async () => {
  const claims = `${app.url}${lineup}/claims`
  const paste = async (text: string, revision: string) => {
    await visit(page, claims)
    await press(page, 'button', 'Fennick F-2210')
    await press(page, 'link', 'Paste claims on Fennick F-2210')
    await fill(page, label, text)
    await choose(page, 'Of revision', revision)
    await submit(page, 'Keep 1 claim')
    await page.waitForSelector('section[aria-label="Fennick F-2210"]')
    return page.$eval('section[aria-label="Fennick F-2210"]', (one) => (one as HTMLElement).innerText)
  }
  await paste('Holds 30 grams of dirt', 'first printing')
  const both = await paste('Holds 24 grams of dirt', 'suffix B')
  expect(both).toContain('of first printing')
  expect(both).toContain('of suffix B')
  expect(both).not.toContain('put aside')
  expect(await paste('Holds 20 grams of dirt', 'suffix B')).toContain('put aside: contradicted by another claim')
})

test('a claim is added in a row: said as what it becomes, kept, and shown in the matrix', async () => {
  await visit(page, `${app.url}${lineup}/claims`)
  await choose(page, 'On which product', 'Dovrel D-19')
  await fill(page, 'What is claimed, in a line', '98.5% @ 22 µm, ISO 4548-12')
  await sees(page, 'Efficiency: 98.5 at 22 µm · ISO 4548-12')
  await press(page, 'button', 'Keep')
  await page.waitForFunction(() =>
    [...document.querySelectorAll('[aria-label="What is claimed"] tr')].some(
      (row) => row.textContent?.includes('Dovrel D-19') && row.textContent.includes('98.5 % at 22 µm'),
    ),
  )
  await sees(page, '98.5% @ 22 µm, ISO 4548-12')
})
