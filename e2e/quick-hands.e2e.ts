import type { HTTPRequest, Page } from 'puppeteer-core'
import { afterAll, beforeAll, test } from 'vitest'
import { benchOf, fill, lineupOf, openPage, press, readingIs, sees, startApp, visit, type App } from './app.ts'

let app: App
let page: Page
let lineup: string
let bench: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = app.url + (await lineupOf(page, 'Skerry 1.1 D'))
  bench = app.url + (await benchOf(page, 'Dovrel D-19'))
})
afterAll(() => app.stop())

/** While something is done, what is loaded by the page comes a second late. */
async function whileLoadsAreSlow(act: () => Promise<unknown>): Promise<void> {
  const answer = (request: HTTPRequest) => {
    const isLoad = request.method() === 'GET' && request.url().includes('.data')
    // The page may have given it up meanwhile.
    setTimeout(() => void request.continue().catch(() => undefined), isLoad ? 1000 : 0)
  }
  page.on('request', answer)
  await page.setRequestInterception(true)
  await act()
  await page.setRequestInterception(false)
  page.off('request', answer)
}

test('a tab that is pressed while the page reads anew what was kept takes nothing away', async () => {
  await visit(page, `${lineup}/verdict?tab=reviewer`)
  await whileLoadsAreSlow(async () => {
    await fill(page, 'Your own words', 'Fit what you like, but change it in time.')
    const reads = page.waitForRequest((request) => request.method() === 'GET' && request.url().includes('verdict.data'))
    await press(page, 'button', 'Keep')
    await reads
    await press(page, 'tab', 'Doubts')
    await press(page, 'tab', 'The reviewer')
    await sees(page, 'Fit what you like, but change it in time.')
  })
})

test('nor while other units that were chosen are on their way', async () => {
  await visit(page, `${lineup}/verdict`)
  await whileLoadsAreSlow(async () => {
    const reads = page.waitForRequest((request) => request.method() === 'GET' && request.url().includes('.data'))
    await press(page, 'button', 'Units: mm · g')
    await press(page, 'button', 'All imperial')
    await reads
    await page.keyboard.press('Escape')
    await press(page, 'tab', 'Doubts')
    await sees(page, 'Units: in · oz')
  })
})

test('what was typed at the bench is kept, though the page is loaded anew before the disk has it', async () => {
  await visit(page, `${bench}?at=can.wall`)
  await readingIs(page, 'Can wall')
  await page.evaluate(occupyDisk)
  await page.keyboard.type('a hair thicker than N-40')
  await page.keyboard.press('Enter')
  await sees(page, 'Beside Norrith N-40 A: “a hair thicker than the other”')
  await page.reload()
  await sees(page, 'Beside Norrith N-40 A: “a hair thicker than the other”')
})

/** Nothing else is written to what this browser keeps, for as long as the page is open. */
const occupyDisk = () =>
  new Promise<void>((resolve) => {
    indexedDB.open('plicator').onsuccess = ({ target }) => {
      const acts = (target as IDBOpenDBRequest).result.transaction('act', 'readwrite').objectStore('act')
      const again = () => {
        acts.count().onsuccess = again
        resolve()
      }
      again()
    }
  })
