import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { benchOf, byRole, openPage, press, readingIs, sees, startApp, visit, type App } from './app.ts'

let app: App
let page: Page
let bench: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  bench = app.url + (await benchOf(page, 'Dovrel D-19'))
})
afterAll(() => app.stop())

describe('a fault that ends the discussion', () => {
  const at = async (key: string, label: string) => {
    await visit(page, `${bench}?at=${key}`)
    await readingIs(page, label)
  }
  /** Presses an answer, and waits until it stands on the tape. */
  const answer = async (label: string, description: string) => {
    await page.locator(`button::-p-text(${description})`).click()
    await byRole(page, 'button', `Strike Rust inside ${label}`)
  }
  const holds = (words: string) =>
    page.waitForFunction(
      (wanted) => document.querySelector('[aria-label="Readings so far"]')?.textContent?.includes(wanted),
      {},
      words,
    )

  test('stays when a milder answer follows', async () => {
    await at('inside.rust', 'Rust inside')
    await answer('Yes', 'Rust that comes off on the finger.')
    await at('inside.rust', 'Rust inside')
    await answer('No', 'Looked for and not found.')
    await at('inside.rust', 'Rust inside')
    await holds('the worst holds; if that was a mistake, strike it on the tape and say why')
  })

  test('is struck with a reason only', async () => {
    await press(page, 'button', 'Strike Rust inside Yes')
    await press(page, 'button', 'Strike it')
    await sees(page, 'Say why, in a few words.')
    // What is typed into the reason is no answer to the reading that is up.
    await page.keyboard.type('2 shadows of the lamp')
    const typed = await page.$eval('#strike-reason', (field) => (field as HTMLInputElement).value)
    expect(typed).toBe('2 shadows of the lamp')
    await press(page, 'button', 'Strike it')
    await byRole(page, 'button', 'Restore Rust inside Yes')
    expect(await page.$eval('[aria-label="Readings so far"]', (chips) => chips.textContent)).not.toContain(
      'the worst holds',
    )
  })

  test('that the reviewer did is recorded, and caps nothing', async () => {
    await page.keyboard.press('4')
    await byRole(page, 'button', 'Strike Rust inside Yes, my doing')
    await at('inside.rust', 'Rust inside')
    await holds('Yes, my doing')
  })
})
