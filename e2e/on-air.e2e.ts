import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { newId } from '#app/data/id.ts'
import { benchOf, choose, lineupOf, openPage, press, sees, startApp, visit, withFaults, type App } from './app.ts'

let app: App
let bench: Page
let air: Page
let lineup: string
let specimen: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  bench = await openPage(app, '/')
  lineup = await lineupOf(bench, 'Skerry 1.1 D')
  specimen = (await benchOf(bench, 'Dovrel D-19')).replace('/bench/', '')
  air = await openPage(app, lineup.replace('/lineups/', '/on-air/'))
  await air.waitForFunction(() => document.querySelector('[data-reading]') !== null)
})
afterAll(() => app.stop())

/** An act of the bench from another tab, as the bench sends it. */
const act = (fields: Record<string, string>): Promise<void> =>
  bench.evaluate(
    async (path, sent) => {
      const answer = await fetch(path, { method: 'POST', body: new URLSearchParams(sent) })
      if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`)
    },
    `/bench/${specimen}/acts`,
    fields,
  )

const take = (typed: string, characteristic = 'can.wall', id = newId()): Promise<void> =>
  act({ intent: 'take', id, characteristic, typed, unit: 'mm', evidence: 'measured', source: '', insist: 'yes' })

const up = (): Promise<string> => air.$eval('main[aria-label="On air"]', (stage) => (stage as HTMLElement).innerText)
const isUp = (text: string) =>
  air.waitForFunction(
    (wanted) => document.querySelector<HTMLElement>('main[aria-label="On air"]')?.innerText.includes(wanted),
    { polling: 'mutation' },
    text,
  )

describe('over the picture', () => {
  test('there is no bar, and nothing behind it', async () => {
    expect(await air.$('header')).toBeNull()
    expect(await air.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe('rgba(0, 0, 0, 0)')
  })

  test('a reading that is typed in another tab is up with its product and its unit', async () => {
    await take('0.44')
    await isUp('0.44 mm')
    expect(await up()).toMatch(/Dovrel D-19\s+Can wall\s+0\.44 mm/)
  })

  test('one that is struck goes, and the one before it is up', async () => {
    const id = newId()
    await take('0.99', 'can.wall', id)
    await isUp('0.99 mm')
    await act({ intent: 'strike', id, why: '' })
    await air.waitForFunction(
      () => !document.querySelector<HTMLElement>('main[aria-label="On air"]')?.innerText.includes('0.99'),
    )
    expect(await up()).toContain('0.44 mm')
  })

  test('readings that come while the connection is lost are up once it is back, none is left out', async () => {
    await withFaults(async () => {
      await app.server.goes()
      await app.server.comesBack()
      await take('0.31', 'plate.thickness')
      await take('0.32', 'plate.thickness')
      await isUp('0.31 mm')
      await isUp('0.32 mm')
    })
  })
})

describe('the remote', () => {
  test('holds a reading, sets it beside the others, hides it, and follows the bench again', async () => {
    await visit(bench, `${app.url}${lineup}/on-air`)
    await sees(bench, 'Follows the bench.')
    await sees(bench, 'Dovrel D-19')
    const hold = await bench.waitForSelector('::-p-xpath((//button[text()="Hold"])[3])')
    await hold!.click()
    await sees(bench, 'Held')
    await take('0.33', 'plate.thickness')
    await new Promise((later) => setTimeout(later, 3000))
    expect(await up()).not.toContain('0.33')
    await press(bench, 'button', 'Follow the bench')
    await isUp('0.33 mm')
    await press(bench, 'button', 'Beside the others')
    await isUp('Norrith N-40')
    await press(bench, 'button', 'The reading alone')
    await press(bench, 'button', 'Hide')
    await air.waitForFunction(() => document.querySelector('[data-reading]') === null, { polling: 200 })
    await press(bench, 'button', 'Show')
    await isUp('0.33 mm')
    await choose(bench, 'Delay', '2 s')
  })

  test('keys of the picture drive it as well', async () => {
    await air.bringToFront()
    await air.keyboard.press('h')
    await air.waitForFunction(() => document.querySelector('[data-reading]') === null, { polling: 200 })
    await air.keyboard.press('h')
    await isUp('0.33 mm')
  })
})
