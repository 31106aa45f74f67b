import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from 'puppeteer-core'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { benchOf, fill, openPage, press, reload, sees, startApp, visit, words, type App } from './app.ts'
import { besideField } from './forms.ts'

let app: App
let page: Page
const folder = mkdtempSync(join(tmpdir(), 'plicator-studies-'))

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/instruments')
})
afterAll(async () => {
  await app.stop()
  rmSync(folder, { recursive: true })
})

const take = async (text: string, before: number) => {
  await sees(page, `Reading ${before} of`)
  await page.locator('#study-reading').fill(text)
  await page.keyboard.press('Enter')
}

const instrument = (): Promise<string> =>
  page.$$eval('a[aria-label^="Study your hand with"]', ([first]) =>
    (first?.getAttribute('aria-label') ?? '').replace('Study your hand with ', ''),
  )

describe('a study of the hand', () => {
  test('is refused with too few readings, and begins with enough', async () => {
    await sees(page, 'Not studied yet')
    await press(page, 'link', `Study your hand with ${await instrument()}`)
    await sees(page, 'How steady is your hand')
    await fill(page, 'Times each', '3')
    await press(page, 'button', 'Begin')
    expect(await besideField(page, 'Times each')).toContain('Too few repeats')
    await fill(page, 'Times each', '5')
    await fill(page, 'Tolerance, its whole width optional', 'wide')
    await press(page, 'button', 'Begin')
    expect(await besideField(page, 'Tolerance, its whole width optional')).toContain('not a number')
    await fill(page, 'Tolerance, its whole width optional', '0.3')
    await press(page, 'button', 'Begin')
    await sees(page, 'Reading 1 of 5')
  })

  test('shows nothing of what was read before, and outlives a reload', async () => {
    await take('nought', 1)
    await sees(page, 'not a number')
    await take('11.49', 1)
    await take('11.51', 2)
    await sees(page, 'Reading 3 of 5')
    expect(await words(page)).not.toContain('11.49')
    await reload(page)
    await sees(page, 'Reading 3 of 5')
    await press(page, 'button', 'Take the last one again')
    await take('11.50', 2)
    await take('11.50', 3)
    await take('11.53', 4)
    await take('19.5', 5)
    await sees(page, 'Repeatability: one hand, one part')
  })

  test('what stands apart is taken again, and the study goes into the doubt', async () => {
    await press(page, 'button', 'stands apart: take it again')
    await take('11.47', 5)
    await sees(page, 'A single reading with it was held to scatter by')
    expect(await words(page)).toMatch(/The measuring, of the tolerance \d+ %/)
    await press(page, 'button', 'Keep the study')
    await sees(page, 'How steady are hand and eye?')
    await page.waitForFunction(() => location.pathname === '/instruments')
    expect(await words(page)).toMatch(/0\.0\d+ mm, 5 readings/)
    await press(page, 'link', `Study your hand with ${await instrument()}`)
    await sees(page, 'Begin')
  })

  test('several people and parts are told apart by name', async () => {
    await fill(page, 'Who measures optional', 'Mara, mara')
    await press(page, 'button', 'Begin')
    expect(await besideField(page, 'Who measures optional')).toContain('the same name')
    await fill(page, 'Who measures optional', 'Mara, Tom')
    await fill(page, 'Parts', '2')
    await fill(page, 'Times each', '2')
    await press(page, 'button', 'Begin')
    for (let turn = 1; turn <= 8; turn++) {
      await sees(page, `Reading ${turn} of 8`)
      const label = await page.$eval('label[for="study-reading"]', (one) => one.textContent ?? '')
      expect(label).toMatch(/^(Mara|Tom) · part [12] · /)
      await take(`${label.includes('part 1') ? 10 : 12}.${label.includes('Tom') ? 10 : 20 + turn}`, turn)
    }
    await sees(page, 'Reproducibility: between people')
    expect(await words(page)).toMatch(/2 people, 2 parts, 2 times each/)
    await press(page, 'button', 'Keep the study')
    await sees(page, 'How steady are hand and eye?')
    const remove = 'button[aria-label^="Remove the study of"]'
    await page.waitForFunction((at) => document.querySelectorAll(at).length === 2, {}, remove)
    await page.locator(remove).click()
    await page.waitForFunction((at) => document.querySelectorAll(at).length === 1, {}, remove)
  })
})

describe('grades given again', () => {
  test('without a picture there is nothing to grade', async () => {
    await press(page, 'link', 'Grade again, blind')
    await sees(page, 'No part that was graded has a picture yet.')
  })

  test('a picture is graded without the first grade beside it, and kept', async () => {
    const file = join(folder, 'glue.jpg')
    await sharp({ create: { width: 640, height: 480, channels: 3, background: '#a86' } }).toFile(file)
    await visit(page, `${app.url}/`)
    const bench = await benchOf(page, 'Norrith N-40')
    await visit(page, `${app.url}${bench}?at=glue.grade`)
    const input = (await page.waitForSelector('input[type="file"]'))!
    await (input as never as { uploadFile: (file: string) => Promise<void> }).uploadFile(file)
    await page.waitForSelector('[aria-label="Photos"] img')
    await visit(page, `${app.url}/instruments/grades`)
    await page.waitForSelector('img[alt^="A part to grade"]')
    await page.locator('[role="group"] button').click()
    await sees(page, 'Keep 1 grade')
    await reload(page)
    await press(page, 'button', 'Keep 1 grade')
    await sees(page, 'from 5 on they count')
    await press(page, 'button', 'Remove the latest grades given again')
    await sees(page, 'is not known yet')
  })
})
