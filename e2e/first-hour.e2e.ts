import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { fill, openPage, press, sees, startApp, visit, type App } from './app.ts'

let app: App
let page: Page
/** What a stranger has done: pressed something that is named on the screen, or filled a field by its label. */
let actions = 0

beforeAll(async () => {
  app = await startApp({ demo: false })
  page = await openPage(app, '/')
})
afterAll(() => app.stop())

const presses = (role: string, name: string) => (actions++, press(page, role, name))
const fills = (label: string, text: string) => (actions++, fill(page, label, text))

const most = 40

test('an empty start says what will be here, and leads in by one button', async () => {
  await sees(page, 'The first hour')
  for (const step of ['Name the engine', 'List the filters', 'Cut one', 'See the verdict', 'Publish'])
    await sees(page, step)
})

test.each(['/plan', '/library'])('%s says what will stand there, and leads in by one button', async (path) => {
  await visit(page, app.url + path)
  await sees(page, 'will stand here')
  await press(page, 'link', 'Name an engine')
  await page.waitForFunction(() => location.pathname === '/lineups/new')
  await visit(page, app.url)
})

test('from empty to a verdict of two products, by what the screen names alone, in at most 40 actions', async () => {
  await presses('link', 'Name the engine')
  await fills('Name of the engine', 'Hulder 0.9')
  await presses('button', 'Add the engine')
  for (const [brand, partNumber, line] of [
    ['Kelvane', 'K-8', '302 g; wall .50; turns 5; adbv silicone; pleats 58; glue 4'],
    ['Otherby', 'O-31', '268 g; wall .38; turns 3; adbv nitrile; pleats 36; glue 1'],
  ] as const) {
    await presses('link', 'Add a product')
    await fills('Brand', brand)
    await fills('Part number', partNumber)
    await presses('button', 'Add the product')
    await fills('What you found, in a line', line)
    await presses('button', 'Keep 6 readings')
    await sees(page, '6 readings kept.')
    await presses('link', 'Line-up')
    await sees(page, 'Tables and files')
  }
  await presses('link', 'Verdict')
  await page.waitForFunction(() =>
    /Kelvane K-8.*\d\d %/.test(document.querySelector('[aria-label="Headline"]')?.textContent ?? ''),
  )
  expect(actions).toBeLessThanOrEqual(most)
})

test('each place of an engine without filters says what will stand there, and leads on step by step', async () => {
  await visit(page, `${app.url}/lineups/new`)
  await fill(page, 'Name of the engine', 'Skarn 1.4')
  await press(page, 'button', 'Add the engine')
  await sees(page, 'No filter yet')
  const lineup = new URL(page.url()).pathname
  const stepOf = async (place: string) => {
    await visit(page, app.url + lineup + place)
    await sees(page, 'will stand here')
    return page.$eval('section[aria-label="What comes first"] a', (link) => link.textContent)
  }
  for (const place of ['', '/face-off', '/claims', '/money', '/kin', '/verdict'])
    expect([place, await stepOf(place)]).toEqual([place, 'Add the first filter'])
  await press(page, 'link', 'Add the first filter')
  await fill(page, 'Brand', 'Kelvane')
  await fill(page, 'Part number', 'K-9')
  await press(page, 'button', 'Add the product')
  await sees(page, 'What you found, in a line')
  expect(await stepOf('/verdict')).toBe('Open Kelvane K-9')
  await visit(page, `${app.url}/plan`)
  await sees(page, 'Skarn 1.4: Open Kelvane K-9')
  await press(page, 'link', 'Open Kelvane K-9')
  await press(page, 'button', 'Put it on the bench')
  await sees(page, 'Kelvane K-9')
  expect(await stepOf('/face-off')).toBe('Put Kelvane K-9 on the bench')
})
