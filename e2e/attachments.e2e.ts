import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { ElementHandle, HTTPRequest, Page } from 'puppeteer-core'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { benchOf, byRole, fill, openPage, press, sees, startApp, visit, withFaults, words, type App } from './app.ts'
import { goes } from './forms.ts'

let app: App
let page: Page
let bench: string
const folder = mkdtempSync(join(tmpdir(), 'plicator-pictures-'))

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  bench = await benchOf(page, 'Dovrel D-19')
})
afterAll(async () => {
  await app.stop()
  rmSync(folder, { recursive: true })
})

const openBench = () => visit(page, `${app.url}${bench}?at=can.height`)

describe('notes', () => {
  test('a note on the part in hand is kept, and is there after a reload', async () => {
    await openBench()
    await fill(page, 'On can', 'a dent below the rim, from the shelf')
    await press(page, 'button', 'Keep the note')
    await sees(page, 'Can: a dent below the rim, from the shelf')
    expect(await page.$eval('textarea', (area) => area.value)).toBe('')
    await openBench()
    await sees(page, 'Can: a dent below the rim, from the shelf')
  })

  test('an empty note cannot be kept', async () => {
    await fill(page, 'On can', '   ')
    expect(
      await (await byRole(page, 'button', 'Keep the note')).evaluate((button) => button.hasAttribute('disabled')),
    ).toBe(true)
  })

  test('it is in the log of the specimen', async () => {
    await visit(page, `${app.url}${bench.replace('/bench/', '/specimens/')}/log`)
    await sees(page, 'a dent below the rim, from the shelf')
  })

  test('removed, it is gone, also after a reload', async () => {
    await openBench()
    await press(page, 'button', 'Remove the note on Can')
    await goes(page, 'a dent below the rim')
    await openBench()
    await sees(page, 'Keep the note')
    expect(await words(page)).not.toContain('a dent below the rim')
  })
})

describe('pictures', () => {
  const picture = async (name: string): Promise<string> => {
    const file = join(folder, name)
    await sharp({ create: { width: 640, height: 480, channels: 3, background: '#7a6' } }).toFile(file)
    return file
  }
  const upload = async (...files: string[]) => {
    const input = (await page.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>
    await input.uploadFile(...files)
  }
  const shown = () => page.$$eval('[aria-label="Photos"] img', (all) => all.map((one) => one.alt))

  test('two at once are kept, each with a thumbnail that is a picture', async () => {
    await openBench()
    await upload(await picture('rim.jpg'), await picture('seam.png'))
    await page.waitForSelector('img[alt="Can: rim.jpg"]')
    await page.waitForSelector('img[alt="Can: seam.png"]')
    const address = await page.$eval('img[alt="Can: rim.jpg"]', (image) => image.getAttribute('src')!)
    const thumbnail = await fetch(app.url + address)
    expect(thumbnail.headers.get('content-type')).toBe('image/jpeg')
    const { width } = await sharp(Buffer.from(await thumbnail.arrayBuffer())).metadata()
    expect(width).toBe(320)
  })

  test('the camera opens beside the reading and stays for the next picture; Escape closes it', async () => {
    await openBench()
    await press(page, 'button', 'Photograph the can')
    await page.waitForFunction(() => (document.querySelector('video')?.videoWidth ?? 0) > 0)
    const { right, left } = await page.$eval('video', (video) => video.getBoundingClientRect().toJSON() as DOMRect)
    const pane = await page.$eval('[aria-label="Record"]', (one) => one.getBoundingClientRect().toJSON() as DOMRect)
    expect(left).toBeGreaterThanOrEqual(pane.left)
    expect(right).toBeLessThanOrEqual(pane.right)
    await press(page, 'button', 'Take the picture')
    await page.waitForSelector('img[alt^="Can: camera"]')
    expect(await page.$('video')).not.toBeNull()
    await page.focus('[aria-label="Camera"] button')
    await page.keyboard.press('Escape')
    await page.waitForFunction(() => !document.querySelector('video'))
    await press(page, 'button', (await shown()).map((name) => name.replace('Can: ', 'Remove ')).at(-1) ?? '')
    await page.waitForFunction(() => !document.querySelector('img[alt^="Can: camera"]'))
  })

  test('what is no picture is refused in words; the one beside it is kept', async () => {
    const fake = join(folder, 'words.jpg')
    writeFileSync(fake, 'no picture at all')
    await upload(fake, await picture('lid.webp'))
    await page.waitForSelector('img[alt="Can: lid.webp"]')
    await sees(page, 'no picture that can be kept')
    await press(page, 'button', 'Strike Picture of can: words.jpg before it is sent')
    await goes(page, 'no picture that can be kept')
    expect(await shown()).toEqual(['Can: rim.jpg', 'Can: seam.png', 'Can: lid.webp'])
  })

  test('one that is on its way need not be sent', async () => {
    await openBench()
    await page.setRequestInterception(true)
    const held: HTTPRequest[] = []
    const hold = (request: HTTPRequest) =>
      void (request.method() === 'POST' ? held.push(request) : request.continue().catch(() => undefined))
    page.on('request', hold)
    await upload(await picture('wrong.jpg'), await picture('other.jpg'))
    await sees(page, 'On the way, 0 of 2 sent: wrong.jpg, other.jpg')
    await page.waitForFunction(() => document.querySelectorAll('[aria-label="Photos"] [aria-busy]').length === 2)
    await press(page, 'button', 'Do not send wrong.jpg')
    await sees(page, 'On the way: other.jpg')
    await press(page, 'button', 'Do not send other.jpg')
    await sees(page, 'Where it was taken is removed.')
    page.off('request', hold)
    await page.setRequestInterception(false)
    await openBench()
    expect(await shown()).toEqual(['Can: rim.jpg', 'Can: seam.png', 'Can: lid.webp'])
  })

  test('those of other parts are shown when asked for', async () => {
    await visit(page, `${app.url}${bench}?at=gasket.weight`)
    await sees(page, 'all 3 of this specimen')
    expect(await shown()).toEqual([])
    await page.click('[aria-label="Photos"] input[type="checkbox"]')
    await page.waitForSelector('img[alt="Can: rim.jpg"]')
  })

  test('removed, it is gone, and its address finds nothing', async () => {
    await openBench()
    await page.waitForSelector('img[alt="Can: rim.jpg"]')
    const address = await page.$eval('img[alt="Can: rim.jpg"]', (image) => image.getAttribute('src')!)
    await press(page, 'button', 'Remove rim.jpg')
    await page.waitForFunction(() => !document.querySelector('img[alt="Can: rim.jpg"]'))
    await openBench()
    expect(await shown()).toEqual(['Can: seam.png', 'Can: lid.webp'])
    expect((await fetch(app.url + address)).status).toBe(404)
  })
})

describe('files to take away', () => {
  const specimen = () => bench.replace('/bench/', '/specimens/')

  test('the drawing is an SVG that names the filter and stands without the page', async () => {
    const answer = await fetch(`${app.url}${specimen()}/drawing.svg`)
    const svg = await answer.text()
    expect(answer.headers.get('content-type')).toBe('image/svg+xml; charset=utf-8')
    expect(answer.headers.get('content-disposition')).toMatch(/attachment; filename="Dovrel-D-19-\w+\.svg"/)
    expect(svg).toMatch(/^<svg[^>]* xmlns="http:\/\/www\.w3\.org\/2000\/svg"/)
    expect(svg).toContain('Dovrel D-19')
    await page.setContent(svg)
    const box = await page.$eval('svg', (drawing) => {
      const { width, height } = drawing.getBoundingClientRect()
      return { width, height }
    })
    expect(box.width).toBeGreaterThan(300)
    expect(box.height).toBeGreaterThan(100)
  })

  test('the small one of the head of a column has no words', async () => {
    const svg = await (await fetch(`${app.url}${specimen()}/drawing.svg?head`)).text()
    expect(svg).not.toContain('<text')
  })

  test('the result of every row of an import says why a row is refused', async () => {
    const all = await (await fetch(`${app.url}/export/readings.csv`)).text()
    const [head, ...rows] = all.split('\r\n')
    const some = rows.filter((row) => row.includes('N-40')).slice(0, 3)
    const [there = '', changed = '', refused = ''] = some
    const file = join(folder, 'readings.csv')
    writeFileSync(
      file,
      [head, there, changed.replace('Norrith', 'Otherby'), refused.replace(/,[a-z]+,(?=20\d\d-)/, ',guessed,')].join(
        '\r\n',
      ),
    )
    await visit(page, `${app.url}/import`)
    const input = (await page.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>
    await input.uploadFile(file)
    await sees(page, 'It is all or nothing')
    const address = await page.$$eval('a', (links) =>
      links.find((link) => link.textContent === 'The result of every row')!.getAttribute('href')!,
    )
    const csv = (await (await fetch(app.url + address)).text()).trim().split('\r\n')
    expect(csv.slice(0, 3)).toEqual(['row,result,reason', '2,there already,', '3,new,'])
    expect(csv[3]).toMatch(/^4,refused,.*evidence/)
    expect((await fetch(`${app.url}/import/nosuchimport/row-results.csv`)).status).toBe(404)
  })
})

describe('addresses that lead on', () => {
  test.each(['face-off', 'claims', 'money', 'verdict'])('/%s is that of the line-up last worked on', async (view) => {
    await visit(page, `${app.url}/${view}`)
    expect(new URL(page.url()).pathname).toMatch(new RegExp(`^/lineups/[a-z0-9]{12}/${view}$`))
    expect(await page.title()).toContain('Plicator')
  })

  test('/bench is the specimen last worked on', async () => {
    await openBench()
    await page.type('input[aria-labelledby="reading-label"]', '86.5')
    await page.keyboard.press('Enter')
    await byRole(page, 'button', 'Strike Can height 86.5 mm')
    await visit(page, `${app.url}/bench`)
    expect(new URL(page.url()).pathname).toBe(bench)
  })

  test.each([
    ['/lineups/nosuchlineup', 'This line-up is not here'],
    ['/lineups/nosuchlineup/money', 'This line-up is not here'],
    ['/products/nosuchproduc', 'This product is not here'],
    ['/specimens/nosuchspecim/log', 'This specimen is not here'],
    ['/bench/nosuchspecim', 'This specimen is not here'],
    ['/claims/nosuchclaimm', 'This claim is not here'],
    ['/no/such/page', 'This page is not here'],
  ])('%s says what is missing, and where to go on', async (address, message) => {
    const faults = await withFaults(async () => {
      await visit(page, app.url + address)
      await sees(page, message)
    })
    expect(faults.filter((fault) => !fault.startsWith('404'))).toEqual([])
    await byRole(page, 'link', 'Today')
  })
})
