import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { openPage, press, sees, startApp, visit, words, type App } from './app.ts'
import { goes } from './forms.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: false })
  page = await openPage(app, '/')
})
afterAll(() => app.stop())

test('into an empty app the demo comes with one press, and is marked as such', async () => {
  await sees(page, 'The first hour')
  await press(page, 'button', 'Bring the demo')
  await sees(page, 'Skerry 1.1 D')
  await sees(page, 'M20 x 1.5 · demo')
})

test('put away it is nowhere, and comes back as it was', async () => {
  await press(page, 'button', 'Put the demo away')
  await sees(page, 'It is put away, as you left it.')
  expect(await words(page)).not.toContain('Skerry 1.1 D')
  await visit(page, `${app.url}/instruments`)
  await sees(page, 'None yet.')
  await visit(page, `${app.url}/library`)
  expect(await words(page)).not.toContain('Corvane')
  await visit(page, app.url)
  await press(page, 'button', 'Bring the demo back')
  await sees(page, 'Brae 16P')
  await goes(page, 'It is put away')
  await visit(page, `${app.url}/library`)
  await sees(page, 'Corvane')
})
