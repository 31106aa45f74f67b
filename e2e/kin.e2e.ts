import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { ElementHandle, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { benchOf, choose, fill, lineupOf, openPage, press, reload, sees, startApp, visit, type App } from './app.ts'
import { goes, submit } from './forms.ts'

let app: App
let page: Page
let lineup: string
const folder = mkdtempSync(join(tmpdir(), 'plicator-kin-'))

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
})
afterAll(async () => {
  await app.stop()
  rmSync(folder, { recursive: true })
})

const shell = 'Same family: base plate, can, retainer spring and centre tube are shared'

describe('the families of an engine', () => {
  test('are a place in the bar, with drawings side by side and the parts that differ lit', async () => {
    await visit(page, app.url + lineup)
    await press(page, 'link', 'Kin')
    await sees(page, shell)
    const drawn = await page.$$eval('[aria-label^="Family of Pellgate"] img', (all) =>
      all.map((one) => one.getBoundingClientRect().toJSON() as DOMRect),
    )
    expect(drawn).toHaveLength(2)
    expect(drawn[0]!.top).toBe(drawn[1]!.top)
    const parts = await page.$eval(
      '[aria-label="Parts of Pellgate PG-33 and Sandmere SM-508"]',
      (list) => (list as HTMLElement).innerText,
    )
    expect(parts).toMatch(/= Base plate/)
    expect(parts).toMatch(/≠ Anti-drain-back valve/)
  })

  test('say of each that is sold for the engine what fits', async () => {
    await sees(page, 'Does each fit Skerry 1.1 D?')
    const row = await page.$$eval(
      'section[aria-label="Does each fit"] tbody tr',
      (rows) => (rows[0] as HTMLElement).innerText,
    )
    expect(row).toMatch(/Skerry SK-1100-F\s+the engine maker's own/)
    expect(row).toMatch(/✓ M20 x 1.5/)
  })

  test('are there over all engines too', async () => {
    await visit(page, `${app.url}/kin`)
    await sees(page, shell)
    await sees(page, 'never about who made them')
  })

  test('lie on a map, linked by all that they share or by one part, with a list beside it', async () => {
    await press(page, 'tab', 'Map')
    await page.waitForSelector('[aria-label="Map of 4 filters in 2 groups"]')
    await choose(page, 'Linked by', 'bypass valve (0 pairs)')
    await sees(page, 'Nothing is linked by this part.')
    await choose(page, 'Linked by', 'retainer spring (1 pair)')
    await page.waitForSelector('[aria-label="Map of 2 filters in 1 group"] canvas')
    const groups = await page.$$eval('[aria-label="Groups"] li', (all) => all.map((one) => one.textContent))
    expect(groups).toEqual(['Pellgate PG-33, Sandmere SM-508'])
    await reload(page)
    await page.waitForSelector('[aria-label="Map of 2 filters in 1 group"] canvas')
    await press(page, 'link', 'Sandmere SM-508')
    await sees(page, 'Engines it fits')
    await visit(page, `${app.url}/kin`)
    await sees(page, shell)
  })
})

describe('two filters', () => {
  test('stand part by part on one grid, with how rare what they share is', async () => {
    await press(page, 'link', 'Pellgate PG-33 and Sandmere SM-508')
    await sees(page, 'What is stamped there')
    const row = await page.$$eval('table[aria-label="Part by part"] tr', (rows) =>
      rows.map((one) => one.innerText.replace(/\s+/g, ' ')).find((text) => text.includes('an odd one')),
    )
    expect(row).toMatch(/one is odd .*agrees, and is rare.* one is odd .*about 1 in \d+ · \d+ times likelier/)
    await sees(page, 'Differs: ')
    const height = await page.$eval('table[aria-label="Part by part"]', (one) => one.getBoundingClientRect().top)
    expect(height).toBeLessThan(2 * 800)
  })

  test('a trial says what is missing, rules a part out, and is taken back', async () => {
    await press(page, 'button', 'Keep the trial')
    await sees(page, 'Choose a part.')
    await choose(page, 'Part that was tried', 'Can')
    await choose(page, 'How it fits', 'Does not fit')
    await fill(page, 'Who tried it', 'a neighbour')
    await press(page, 'button', 'Keep the trial')
    await sees(page, 'Can of Pellgate PG-33 in Sandmere SM-508: does not fit')
    await sees(page, 'Same family: base plate, retainer spring and centre tube are shared')
    await press(page, 'button', 'Take back: Can of Pellgate PG-33 in Sandmere SM-508: does not fit')
    await sees(page, shell)
  })

  test('a look-alike shares the paint and nothing else', async () => {
    const option = async (label: string, name: string) => {
      await page.waitForFunction(
        (of: string, wanted: string) =>
          [...document.querySelectorAll<HTMLSelectElement>(`select[aria-label="${of}"] option`)].some(
            (one) => (one as unknown as HTMLOptionElement).text === wanted,
          ),
        {},
        label,
        name,
      )
      await choose(page, label, name)
    }
    await option('Second filter', 'Quarrow Q-7 · Skerry 1.1 D')
    await press(page, 'button', 'Are these two kin?')
    await sees(page, 'Nothing in common but what the engine asks')
    await sees(page, 'says nothing of how a filter is built')
  })

  test('that are not there, or of two forms, are said to be missing', async () => {
    const answer = await fetch(`${app.url}/kin/nosuchfilter/nosuchfilte2`)
    expect(answer.status).toBe(404)
  })
})

describe('found from readings alone', () => {
  test('one build under two names', async () => {
    const all = await (await fetch(`${app.url}${lineup}/readings.csv`)).text()
    const [head, ...rows] = all.split('\r\n')
    const copy = rows
      .filter((row) => row.includes(',CV-214,') && row.includes(',spin-on,A,'))
      .map((row) => row.replace(',Corvane,CV-214,', ',Tarnby,T-21,'))
    const file = join(folder, 'readings.csv')
    writeFileSync(file, [head, ...copy].join('\r\n'))
    await visit(page, `${app.url}/import`)
    const input = (await page.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>
    await input.uploadFile(file)
    await press(page, 'button', `Write ${copy.length} readings`)
    await sees(page, `${copy.length} readings are in.`)
    await visit(page, `${app.url}${lineup}/kin`)
    await sees(page, 'Corvane CV-214 and Tarnby T-21: Same build')
  })

  test('what is the same build and costs less is said with the money and the verdict', async () => {
    await visit(page, `${app.url}${lineup}/price-list`)
    await fill(page, 'Prices, a line each', 'T-21 at Quay Parts 5.00')
    await submit(page, 'Keep 1 price')
    for (const place of ['money', 'verdict']) {
      await visit(page, `${app.url}${lineup}/${place}`)
      await sees(page, 'Tarnby T-21 is the same build as Corvane CV-214 for')
    }
  })

  test('the odd hole at the bench names the relative', async () => {
    await visit(page, `${app.url}${lineup}/products/new`)
    await fill(page, 'Brand', 'Hallin')
    await fill(page, 'Part number', 'H-5')
    await page.keyboard.press('Enter')
    await sees(page, 'What you found, in a line')
    await page.locator('#product-line').click()
    await page.keyboard.type(
      'inlet holes 6 x 6.1, 1 x 8.3 mm; stamped mark on the plate between the holes; what is stamped there two dots; ' +
        'plate thickness 2.8 mm; rolled seam stepped; full threads 3 1/2',
    )
    await sees(page, 'Keep 6 readings')
    await page.keyboard.press('Enter')
    await sees(page, '6 readings kept.')
    await visit(page, `${app.url}/`)
    await visit(page, app.url + (await benchOf(page, 'Hallin H-5')))
    await page.waitForFunction(() =>
      /So far like (Sandmere SM-508|Pellgate PG-33): one part shared: base plate/.test(document.body.innerText),
    )
  })

  test('with nothing telling recorded the line is not there', async () => {
    await visit(page, `${app.url}/`)
    const answered = page.waitForResponse((response) => /\/bench\/\w+\/kin$/.test(new URL(response.url()).pathname))
    await visit(page, app.url + (await benchOf(page, 'Quarrow Q-7')))
    expect(await (await answered).json()).toBeNull()
    await goes(page, 'So far like')
  })
})

describe('a product that fits two engines', () => {
  const makeEngine = async (name: string) => {
    await visit(page, `${app.url}/lineups/new`)
    await fill(page, 'Name of the engine', name)
    await submit(page, 'Add the engine')
    return new URL(page.url()).pathname
  }
  let first: string
  let second: string

  test('is put into the line-up of the other one, once it is said how that is known', async () => {
    second = await makeEngine('Hulder 1.2')
    first = await makeEngine('Hulder 0.9')
    await visit(page, `${app.url}${first}/products/new`)
    await fill(page, 'Brand', 'Hallin')
    await fill(page, 'Part number', 'H-9')
    await page.keyboard.press('Enter')
    await sees(page, 'What you found, in a line')
    await page.locator('#product-line').click()
    await page.keyboard.type('height 92 mm; holes 8; wall 0.5')
    await sees(page, 'Keep 3 readings')
    await page.keyboard.press('Enter')
    await sees(page, '3 readings kept.')
    await press(page, 'button', 'Put it in that line-up')
    await sees(page, 'Say how it is known that it fits.')
    await press(page, 'button', 'It fits too: another engine')
    await page.keyboard.type('nothing')
    await sees(page, 'No engine is called so.')
    await page.keyboard.press('Escape')
    await page.keyboard.type('hulder 1')
    await press(page, 'menuitem', 'Hulder 1.2')
    await choose(page, 'How that is known', 'Tried on the engine')
    await fill(page, 'Remark on the fit', 'clears the bracket')
    await press(page, 'button', 'Put it in that line-up')
    await sees(page, 'tried on the engine; clears the bracket')
    await sees(page, '? Height')
    await visit(page, app.url + second)
    await sees(page, 'Hallin H-9')
  })

  test('is taken out again, and stays with the engine that it was entered for', async () => {
    await visit(page, app.url + first)
    await press(page, 'link', 'Hallin H-9')
    await press(page, 'button', 'Take it out of Hulder 1.2')
    await goes(page, 'tried on the engine; clears the bracket')
    await visit(page, app.url + second)
    await goes(page, 'Hallin H-9')
    await visit(page, app.url + first)
    await sees(page, 'Hallin H-9')
  })
})
