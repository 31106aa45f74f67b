import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { goes } from './forms.ts'
import { byRole, choose, fill, openPage, press, reload, sees, startApp, visit, words, type App } from './app.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/library')
  await sees(page, 'Norrith N-40')
})
afterAll(() => app.stop())

/** Ticks by key, as a row may lie under the bar of what is chosen. */
const tick = async (product: string) => {
  await (await byRole(page, 'checkbox', `Choose ${product}`)).focus()
  await page.keyboard.press('Space')
}
const listed = () =>
  page.$$eval('tbody tr td:nth-child(2) a', (links) => links.map(({ textContent }) => textContent ?? ''))
const isListed = (product: string) =>
  page.waitForFunction((name) => document.body.innerText.includes(name), {}, product)

test('narrowed and sorted, kept in the address', async () => {
  await choose(page, 'Tier', 'Top')
  await goes(page, 'Quarrow Q-7')
  expect(await listed()).toContain('Corvane CV-214')
  await choose(page, 'Tier', 'all')
  await choose(page, 'Sorted by', 'most specimens')
  await page.waitForFunction(() => document.querySelector('tbody td:nth-child(2) a')?.textContent === 'Corvane CV-214')
  await page.waitForFunction(() => document.location.search === '?sort=specimens')
  await choose(page, 'Sorted by', 'name')
  await page.waitForFunction(() => !document.location.search.includes('sort'))
})

test('several are tagged at once, found by the tag, and it is taken off', async () => {
  await tick('Norrith N-40')
  await tick('Quarrow Q-7')
  await sees(page, '2 products chosen')
  await press(page, 'button', 'Tag …')
  await fill(page, 'Tag', 'winter test')
  await press(page, 'button', 'Give the tag')
  await sees(page, 'Take off “winter test”')
  await choose(page, 'Tagged', 'winter test')
  await goes(page, 'Corvane CV-214')
  expect(await listed()).toEqual(['Norrith N-40', 'Quarrow Q-7'])
  await press(page, 'button', 'Take off “winter test”')
  await sees(page, 'Nothing fits these words and choices.')
  await visit(page, `${app.url}/library`)
})

test('deleted with all its readings, and brought back by Undo', async () => {
  await tick('Corvane CV-214')
  await press(page, 'button', 'Delete')
  await sees(page, 'Deleted: Corvane CV-214.')
  await page.waitForFunction(
    () => ![...document.querySelectorAll('tbody a')].some((one) => one.textContent === 'Corvane CV-214'),
  )
  await press(page, 'button', 'Undo')
  await isListed('Corvane CV-214')
  await page.waitForFunction(() => document.body.innerText.includes('Empty. What is deleted lies here'))
  await press(page, 'link', 'Corvane CV-214')
  await sees(page, '84 of 100')
  await visit(page, `${app.url}/library`)
})

test('what lies in the trash is brought back later, or removed for good', async () => {
  await tick('Quarrow QC-3')
  await press(page, 'button', 'Delete')
  await sees(page, 'Deleted: Quarrow QC-3.')
  await reload(page)
  await press(page, 'button', 'Bring back Quarrow QC-3')
  await sees(page, 'Empty. What is deleted lies here')
  expect(await listed()).toContain('Quarrow QC-3')
  await tick('Quarrow QC-3')
  await press(page, 'button', 'Delete')
  await press(page, 'button', 'Remove for good: Quarrow QC-3')
  await sees(page, 'Empty. What is deleted lies here')
  expect(await listed()).not.toContain('Quarrow QC-3')
})

test('two are made one, and taken apart again; of two engines they are refused', async () => {
  await tick('Corvane CV-114')
  await press(page, 'button', 'Choose none')
  await tick('Norrith N-40')
  await tick('Norrith NC-160')
  await press(page, 'button', 'Merge …')
  await press(page, 'button', 'Make them one')
  await sees(page, 'only products of one engine are made one')
  await press(page, 'button', 'Choose none')
  await tick('Corvane CV-114')
  await tick('Corvane CV-164')
  await press(page, 'button', 'Merge …')
  await choose(page, 'Keep as', 'Corvane CV-114, Skerry 1.1 D')
  await press(page, 'button', 'Make them one')
  await sees(page, 'Merged: Corvane CV-164 into Corvane CV-114.')
  await reload(page)
  await page.locator('tbody a::-p-text(Corvane CV-114)').click()
  await sees(page, 'Specimens')
  expect(await words(page)).toContain('Corvane CV-164')
  await visit(page, `${app.url}/library`)
  await press(page, 'button', 'Take apart Corvane CV-164 into Corvane CV-114')
  await sees(page, 'Empty. What is deleted lies here')
  expect(await listed()).toEqual(expect.arrayContaining(['Corvane CV-114', 'Corvane CV-164']))
})
