import { writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strFromU8, unzipSync } from 'fflate'
import type { ElementHandle, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { choose, lineupOf, openPage, press, sees, startApp, visit, wholeLineup, type App } from './app.ts'

let full: App
let empty: App
let page: Page
const file = join(tmpdir(), `plicator-e2e-package-${process.pid}.zip`)

beforeAll(async () => {
  full = await startApp({ demo: true })
  empty = await startApp({ demo: false })
  page = await openPage(full, '/')
})
afterAll(async () => {
  await full.stop()
  await empty.stop()
})

/** Rows of the table of a line-up by their heads, as the screen says them. */
const rowsSeen = (): Promise<[string, string[]][]> =>
  page.$$eval('[role="row"], tr', (rows) =>
    rows
      .map((row): [string, string[]] => [
        row.querySelector('[role="rowheader"], th')?.textContent?.trim() ?? '',
        [...row.querySelectorAll('[role="gridcell"], td')].map((cell) => cell.textContent?.trim() ?? ''),
      ])
      .filter(([, cells]) => cells.length > 5),
  )

describe('the data of a line-up', () => {
  let seen: [string, string[]][] = []

  test('leave as a package under the licence that is chosen', async () => {
    const lineup = await lineupOf(page, 'Skerry 1.1 D')
    await page.setViewport(wholeLineup)
    await visit(page, full.url + lineup)
    await page.waitForFunction(() => document.body.innerText.includes('Can wall'))
    seen = await rowsSeen()
    expect(seen.length).toBeGreaterThan(5)
    await visit(page, `${full.url}${lineup}/review`)
    await choose(page, 'Others may use it', 'Named use: CC BY 4.0')
    const address = await page.$eval(
      '::-p-aria([name="Take the data away"][role="link"])',
      (link) => (link as HTMLAnchorElement).href,
    )
    expect(address).toMatch(/licence=CC-BY-4\.0$/)
    const answer = await fetch(address)
    expect(answer.headers.get('Content-Disposition')).toContain('data-package.zip')
    const zip = new Uint8Array(await answer.arrayBuffer())
    writeFileSync(file, zip)
    const descriptor = JSON.parse(strFromU8(unzipSync(zip)['datapackage.json']!)) as { licenses: { name: string }[] }
    expect(descriptor.licenses.map(({ name }) => name)).toEqual(['CC-BY-4.0'])
    expect((await fetch(`${full.url}${lineup}/data-package.zip?licence=own`)).status).toBe(422)
  })

  test('come back to the same line-up where nothing of them was', async () => {
    await page.close()
    page = await openPage(empty, '/import')
    await page.setViewport(wholeLineup)
    const input = (await page.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>
    await input.uploadFile(file)
    await sees(page, 'It is a data package: beside its readings it brings 1 engine, 11 products')
    // Until the dry run is over the button is the one that cancels it.
    await page.locator('main form button::-p-text(Write)').click()
    await sees(page, 'readings are in.')
    await visit(page, `${empty.url}/`)
    await visit(page, empty.url + (await lineupOf(page, 'Skerry 1.1 D')))
    await page.waitForFunction(() => document.body.innerText.includes('Can wall'))
    const wallOf = (rows: [string, string[]][]) => rows.find(([head]) => head.startsWith('Can wall'))?.[1]
    expect(wallOf(seen)).toBeDefined()
    expect((wallOf(await rowsSeen()) ?? []).toSorted()).toEqual(wallOf(seen)!.toSorted())
  })

  test('a file that is no package says so', async () => {
    writeFileSync(file, Buffer.from('PK\u0003\u0004 nothing'))
    await visit(page, `${empty.url}/import`)
    const input = (await page.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>
    await input.uploadFile(file)
    await sees(page, 'This zip cannot be read. Send it again.')
  })
})

test('a shop that is kept private is not named in the package', async () => {
  await page.close()
  page = await openPage(full, '/')
  const lineup = await lineupOf(page, 'Skerry 1.1 D')
  const product = await page.evaluate(
    async (path) => /"\/products\/(\w{12})/.exec(await (await fetch(path)).text())?.[1] ?? '',
    lineup,
  )
  await visit(page, `${full.url}/products/${product}/prices`)
  await page.type('input[name="shop"]', 'A friend of mine')
  await choose(page, 'In what leaves', 'the shop stays with me')
  await page.type('input[name="amount"]', '7.77')
  await press(page, 'button', 'Add the price')
  await sees(page, 'stays with you')
  const zip = new Uint8Array(await (await fetch(`${full.url}${lineup}/data-package.zip`)).arrayBuffer())
  const prices = strFromU8(unzipSync(zip)['data/prices.csv']!)
  expect(prices).toContain('777')
  expect(prices).toContain('a shop that is not named')
  expect(prices).not.toContain('A friend of mine')
})
