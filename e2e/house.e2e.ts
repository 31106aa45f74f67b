import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { fill, openPage, press, sees, startApp, takeFaults, visit, words, type App } from './app.ts'
import { goes, submit } from './forms.ts'

let app: App
let page: Page
const keyOf = (which: string): string => new RegExp(`${which} .*/enter#([a-z0-9-]+)`).exec(app.said)![1]!

beforeAll(async () => {
  app = await startApp({ demo: true, env: { PLICATOR_KEY: 'always' } })
  page = await openPage(app, '/enter')
})
afterAll(() => app.stop())

async function comeIn(on: Page, key: string, name: string): Promise<void> {
  await fill(on, 'What this device is called', name)
  await on.$eval('[name=key]', (field) => ((field as HTMLInputElement).value = ''))
  await fill(on, 'Key of the house', key)
  await submit(on, 'Come in')
}

describe('the key of the house', () => {
  test('without it every page leads to the door, and a wrong one is told so', async () => {
    await visit(page, `${app.url}/library`)
    await sees(page, 'This workshop is locked.')
    await fill(page, 'Key of the house', 'open-sesame')
    const answer = page.waitForResponse((one) => one.request().method() === 'POST')
    await press(page, 'button', 'Come in')
    expect((await answer).status()).toBe(403)
    await sees(page, 'That is not the key of this house.')
    expect(takeFaults()).toEqual([`403: ${app.url}/enter`])
  })

  test('out of the address it goes into the field, and the device is in', async () => {
    await page.goto('about:blank')
    await visit(page, `${app.url}/enter#${keyOf('all of it')}`)
    expect(await page.$eval('[name=key]', (field) => (field as HTMLInputElement).value)).toBe(keyOf('all of it'))
    expect(new URL(page.url()).hash).toBe('')
    await comeIn(page, keyOf('all of it'), 'tablet at the bench')
    await sees(page, 'Skerry 1.1 D')
  })

  test('the workshop shows the keys and who is in', async () => {
    await visit(page, `${app.url}/devices`)
    await sees(page, keyOf('only to look'))
    await page.waitForSelector('svg[aria-label="Code that opens all of it"]')
    await sees(page, 'tablet at the bench')
  })

  test('a guest looks, and changes nothing', async () => {
    const context = await app.browser.createBrowserContext()
    const guest = await context.newPage()
    await guest.goto(`${app.url}/enter`)
    await comeIn(guest, keyOf('only to look'), 'a visitor')
    await sees(guest, 'Skerry 1.1 D')
    await guest.goto(`${app.url}/library`)
    await sees(guest, 'Norrith N-40')
    const status = (path: string, method: string) =>
      guest.evaluate(async (to, by) => (await fetch(to, { method: by })).status, path, method)
    expect(await status('/reviewer', 'POST')).toBe(403)
    expect(await status('/backups', 'GET')).toBe(403)
    expect(await status('/instruments', 'GET')).toBe(200)
    await context.close()
  })

  test('sent away, a device stands at the door again', async () => {
    await visit(page, `${app.url}/devices`)
    await press(page, 'button', 'Send a visitor away')
    await goes(page, 'a visitor')
    await press(page, 'button', 'Send tablet at the bench away')
    await page.waitForFunction(() => !document.body.innerText.includes('Last seen'))
    // The page asked for what is there now, and is out already.
    expect(takeFaults().every((fault) => fault.startsWith('401: '))).toBe(true)
    await visit(page, `${app.url}/library`)
    await sees(page, 'This workshop is locked.')
  })
})

test('the app says how it is to whoever watches it', async () => {
  const answer = await fetch(`${app.url}/health`)
  expect([answer.status, await answer.json()]).toEqual([200, { status: 'ok' }])
  expect((await fetch(`${app.url}/state`)).status).toBe(401)
  expect(await words(page)).not.toContain('Norrith')
})
