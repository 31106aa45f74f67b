import { mkdirSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import type { ElementHandle, HTTPRequest, Page } from 'puppeteer-core'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import {
  benchOf,
  byRole,
  fill,
  goOn,
  openPage,
  press,
  sees,
  startApp,
  visit,
  withFaults,
  words,
  type App,
  pressAlt,
} from './app.ts'
import { goes } from './forms.ts'

let app: App
let page: Page
let bench: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  bench = await benchOf(page, 'Dovrel D-19')
})
afterAll(() => app.stop())

const field = 'input[aria-labelledby="reading-label"]'

/** Types a reading into the one that is up. */
async function read(on: Page, typed: string): Promise<void> {
  await on.type(field, typed)
  await on.keyboard.press('Enter')
}

/** Does something while the pages have no connection; afterwards all that waited has gone out. */
async function withoutConnection(pages: Page[], act: () => Promise<void>): Promise<void> {
  await withFaults(async () => {
    try {
      for (const one of pages) await one.setOfflineMode(true)
      await act()
    } finally {
      for (const one of pages) if (!one.isClosed()) await one.setOfflineMode(false)
    }
    for (const one of pages) {
      if (one.isClosed()) continue
      await one.bringToFront()
      await goes(one, 'in this browser')
    }
  })
}

/** What the library has of a characteristic of the specimen, as it was typed. */
async function recorded(characteristic: string): Promise<string[]> {
  const lineup = await (await fetch(`${app.url}/export/readings.csv`)).text()
  return lineup
    .split('\r\n')
    .filter((row) => row.includes('D-19') && row.includes(`,${characteristic},`))
    .map((row) => row.split(`,${characteristic},`)[1]!.split(',')[0]!)
}

/** Stands between the page and the server, and answers acts of the bench with a fault. */
async function failActs(on: Page): Promise<() => Promise<void>> {
  const answer = (request: HTTPRequest) =>
    request.method() === 'POST' && request.url().endsWith('/acts')
      ? request.respond({ status: 500, body: 'database is locked' })
      : request.continue()
  await on.setBypassServiceWorker(true)
  await on.setRequestInterception(true)
  on.on('request', answer)
  return async () => {
    on.off('request', answer)
    await on.setRequestInterception(false)
  }
}

describe('the connection is gone', () => {
  test('on a page that has just been opened, the first reading waits and is sent once', async () => {
    await visit(page, `${app.url}${bench}?at=can.height`)
    await withoutConnection([page], async () => {
      await read(page, '86.7')
      await sees(page, 'There is no connection to Plicator. One entry waits in this browser')
      expect(await recorded('can.height')).not.toContain('86.7')
    })
    expect((await recorded('can.height')).filter((typed) => typed === '86.7')).toHaveLength(1)
  })

  test('what waits can be looked at, written anew and taken back', async () => {
    await visit(page, `${app.url}${bench}?at=can.height`)
    await withoutConnection([page], async () => {
      await read(page, '86.8')
      await sees(page, 'One entry waits')
      await page.click('aside[aria-label="Not on the server yet"] summary')
      await press(page, 'button', 'Edit Can height 86.8 mm')
      await fill(page, 'Write anew: Can height 86.8 mm', '86.9')
      await press(page, 'button', 'Send it so')
      await sees(page, 'Can height 86.9 mm')
      await page.type('textarea', 'kept while it was away')
      await press(page, 'button', 'Keep the note')
      await sees(page, '2 entries wait in this browser')
      await page.click('button[aria-label^="Strike Note on"]')
      await sees(page, 'One entry waits in this browser')
    })
    const heights = await recorded('can.height')
    expect(heights).toContain('86.9')
    expect(heights).not.toContain('86.8')
    await visit(page, `${app.url}${bench}?at=can.height`)
    expect(await words(page)).not.toContain('kept while it was away')
  })

  test('a closed page leaves what it had to the next one', async () => {
    const closing = await openPage(app, `${bench}?at=can.height`)
    await withoutConnection([closing], async () => {
      await read(closing, '87.1')
      await sees(closing, 'One entry waits')
      await closing.close()
    })
    await page.bringToFront()
    await page.goto(app.url)
    await visit(page, `${app.url}/library`)
    expect((await recorded('can.height')).filter((typed) => typed === '87.1')).toHaveLength(1)
  })
})

test('a fault of the server is no answer: the act waits, says why, and goes through by itself', async () => {
  const faulty = await openPage(app, `${bench}?at=can.height`)
  const faults = await withFaults(async () => {
    const mend = await failActs(faulty)
    await read(faulty, '86.6')
    await sees(faulty, 'The server answers with a fault (500). One entry waits in this browser')
    await mend()
    await goes(faulty, 'waits in this browser')
  })
  await faulty.close()
  await page.bringToFront()
  expect(faults.every((fault) => fault.startsWith('500'))).toBe(true)
  expect((await recorded('can.height')).filter((typed) => typed === '86.6')).toHaveLength(1)
})

test('two tabs without a connection: all that both did is there once', async () => {
  const other = await openPage(app, `${bench}?at=can.diameter`)
  await visit(page, `${app.url}${bench}?at=can.height`)
  await withoutConnection([page, other], async () => {
    await page.bringToFront()
    await read(page, '86.1')
    await sees(page, 'One entry waits')
    await other.bringToFront()
    await read(other, '76.9')
    await sees(other, '2 entries wait')
    await page.bringToFront()
    await sees(page, '2 entries wait')
  })
  await other.close()
  expect((await recorded('can.height')).filter((typed) => typed === '86.1')).toHaveLength(1)
  expect((await recorded('can.diameter')).filter((typed) => typed === '76.9')).toHaveLength(1)
})

test('what the server refuses stands there with the reason until it is written anew or struck', async () => {
  // The page thinks the instrument is there; meanwhile it was removed.
  await visit(page, `${app.url}/instruments`)
  await press(page, 'radio', 'Caliper')
  await fill(page, 'Name', 'borrowed caliper')
  await fill(page, 'Resolution', '0.01 mm')
  await fill(page, 'Accuracy, ±', '0.03 mm')
  await press(page, 'button', 'Add the instrument')
  await byRole(page, 'button', 'Change borrowed caliper')
  await visit(page, `${app.url}${bench}?at=can.height`)
  const isChosen = () => page.$('button[aria-label="With borrowed caliper, change"]')
  for (let tries = 0; tries < 4 && !(await isChosen()); tries++) await pressAlt(page, 'KeyI')
  const other = await openPage(app, '/instruments')
  await press(other, 'button', 'Remove borrowed caliper')
  await goes(other, 'borrowed caliper')
  await other.close()
  await page.bringToFront()
  await read(page, '86.2')
  await sees(page, 'The server did not take 1 entry.')
  await sees(page, 'That instrument is not in the list any more')
  expect(await recorded('can.height')).not.toContain('86.2')
  await press(page, 'button', 'Strike Can height 86.2 mm before it is sent')
  await goes(page, 'The server did not take')
})

test('a reason before what cannot be undone is kept as well', async () => {
  const fresh = await benchOf((await visit(page, app.url), page), 'Fennick FC-416')
  await visit(page, `${app.url}${fresh}?at=media.length`)
  await page.waitForSelector('section[aria-label^="Before"]')
  await withoutConnection([page], async () => {
    await goOn(page, 'the tape was lent out')
    await sees(page, 'One entry waits in this browser')
  })
  await visit(page, `${app.url}${fresh.replace('/bench/', '/specimens/')}/log`)
  await sees(page, 'the tape was lent out')
})

test('the server is away: the bench goes on over two reloads, and all of it is there once afterwards', async () => {
  const picture = join(tmpdir(), `away-${process.pid}`, 'away.png')
  mkdirSync(dirname(picture), { recursive: true })
  await sharp({ create: { width: 64, height: 48, channels: 3, background: '#7a6' } }).toFile(picture)
  await visit(page, app.url)
  const bare = await benchOf(page, 'Norrith N-40')
  await visit(page, `${app.url}${bare}?at=can.wall`)
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
  // One more load, so that the page is kept with all that it is made of.
  await page.reload({ waitUntil: 'networkidle0' })
  await read(page, '0.461')
  const faults = await withFaults(async () => {
    await goes(page, 'in this browser')
    await new Promise((resolve) => setTimeout(resolve, 500))
    await app.server.goes()
    for (let turn = 0; turn < 40; turn++) {
      if (turn === 15 || turn === 30) {
        await page.goto(`${app.url}${bare}?at=can.wall`)
        await page.waitForSelector(field)
        await sees(page, `${turn + 1} entries wait in this browser`)
      }
      if (turn === 10) {
        const input = (await page.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>
        await input.uploadFile(picture)
        await sees(page, 'On the way: away.png')
        await sees(page, '11 entries wait')
      }
      await page.waitForSelector(field)
      await page.type(field, `0.${460 + turn}`)
      await page.keyboard.down('Shift')
      await page.keyboard.press('Enter')
      await page.keyboard.up('Shift')
      await sees(page, turn === 0 ? 'One entry waits' : `${turn < 10 ? turn + 1 : turn + 2} entries wait`)
    }
    await app.server.comesBack()
    await press(page, 'button', 'Try now')
    await goes(page, 'in this browser')
  })
  expect(faults.filter((fault) => /^(uncaught|console)/.test(fault))).toEqual([])
  await page.waitForSelector('img[alt="Can: away.png"]')
  await page.reload({ waitUntil: 'networkidle0' })
  expect(await page.$$eval('img[alt="Can: away.png"]', (all) => all.length)).toBe(1)
  const csv = await (await fetch(`${app.url}/export/readings.csv`)).text()
  const typed = csv
    .split('\r\n')
    .filter((row) => row.includes('Norrith,N-40') && row.includes(',can.wall,0.4'))
    .map((row) => row.split(',can.wall,')[1]!.split(',')[0]!)
  for (let turn = 0; turn < 40; turn++)
    expect(typed.filter((one) => one === `0.${460 + turn}`)).toHaveLength(turn === 1 ? 2 : 1)
})
