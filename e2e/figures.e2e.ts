import { writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import type { ElementHandle, Page } from 'puppeteer-core'
import {
  benchOf,
  goOn,
  openPage,
  press,
  readingIs,
  sees,
  startApp,
  usualWindow,
  visit,
  wholeLineup,
  words,
  type App,
} from './app.ts'

let app: App
let page: Page
let lineup = ''

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await page.$$eval('section h2 a', (links) =>
    links.find((link) => link.textContent === 'Skerry 1.1 D')!.getAttribute('href')!,
  )
})
afterAll(() => app.stop())

const specimenOf = async (product: string) => {
  await visit(page, `${app.url}/`)
  return (await benchOf(page, product)).replace('/bench/', '/specimens/')
}

describe('slips planted in the demo are found, with the right culprit', () => {
  test.each([
    ['Pellgate PG-33', 'of the whole weight are in none of the parts', 'Base plate weight'],
    ['Quarrow Q-7', 'the media length was taken in the wrong unit', 'Media length'],
    ['Sandmere SM-508', 'looks like the pressure in the system', 'Bypass pressure as printed'],
  ])('%s: %s', async (product, message, culprit) => {
    await visit(page, `${app.url}${await specimenOf(product)}/findings`)
    await sees(page, message)
    await press(page, 'link', `Take again: ${culprit}`)
    await readingIs(page, culprit)
    await sees(page, message)
  })

  test('a miscount of the second Fennick revision', async () => {
    await visit(page, app.url + lineup)
    const href = await page.$$eval('thead th', (heads) =>
      heads.findIndex((head) => head.textContent?.includes('suffix B')),
    )
    const link = await page.$$eval(
      'td a[href$="/findings"]',
      (links, column) =>
        links.find((one) => (one.closest('td') as HTMLTableCellElement).cellIndex === column)?.getAttribute('href'),
      href,
    )
    await visit(page, app.url + link!)
    await sees(page, 'Take again: Pleat count')
    expect(await words(page)).toMatch(/About 4\d pleats instead of 37 would fit/)
  })
})

test('at the bench an answer stands beside those of the library', async () => {
  await visit(page, `${app.url}/`)
  await visit(page, `${app.url}${await benchOf(page, 'Norrith N-40')}?at=adbv.material`)
  await sees(page, 'others in the library:')
  expect(await words(page)).toMatch(/Of \d+ others in the library: Silicone \d+, Nitrile \d+/)
})

describe('a figure opened', () => {
  test('formula with the numbers in it, inputs, doubt and source', async () => {
    await visit(page, `${app.url}${await specimenOf('Norrith N-40')}/values/can.burst`)
    for (const text of [
      '= 2 × 330 MPa × 0.47 mm ÷',
      'Thin-wall cylinder',
      'Where its doubt comes from',
      'Measure can wall better',
      'An estimate.',
    ])
      await sees(page, text)
    await page.waitForSelector('math[alttext="2 × 330 MPa × can wall ÷ can diameter"] mfrac')
    await press(page, 'link', 'Can wall')
    await sees(page, 'from 3 readings')
  })

  test('a missing input is named and leads to the bench', async () => {
    await visit(page, `${app.url}${await specimenOf('Dovrel D-19')}/values/media.area`)
    await sees(page, 'Still to record: Media length, Media width')
    await press(page, 'link', 'Media length')
    await sees(page, 'Before taking the element apart')
    await sees(page, 'can never be taken afterwards')
    await press(page, 'button', 'Go on')
    await sees(page, 'Say why you go on')
    await goOn(page, 'the element came apart in the cut')
    await sees(page, 'Before unfolding the media')
    await press(page, 'button', 'Pleat count')
    await readingIs(page, 'Pleat count')
    await page.keyboard.type('48')
    await page.keyboard.press('Enter')
    await sees(page, 'lost: the element came apart in the cut')
  })

  test('rubber against the oil of the application', async () => {
    await visit(page, `${app.url}${await specimenOf('Quarrow Q-7')}/values/adbv.marginHot`)
    await sees(page, '−7 K')
    await sees(page, 'hardens in the hottest oil')
  })

  test('every figure of the method is in the line-up, with its unit in inches too', async () => {
    await page.setViewport(wholeLineup)
    await visit(page, app.url + lineup)
    for (const label of [
      'Inlet area',
      'Outlet area',
      'Core open area',
      'Tightest place',
      'Thread engagement',
      'Can wall as sheet gauge',
      'Burst estimate',
      'Dent stiffness',
      'Weight unaccounted for',
      'Bypass coil rate',
      'Media area',
      'Pleat depth',
      'Crowding at the core',
      'Pleat pitch',
      'Media weight per area',
      'Face velocity at 30 L/min',
    ])
      await sees(page, label)
    expect(await words(page)).toMatch(/times the lowest/)
    await press(page, 'button', 'Units: mm · g')
    await press(page, 'button', 'All imperial')
    await sees(page, 'in · oz')
    await sees(page, '0.019 in')
    await page.setViewport(usualWindow)
  })
})

describe('data out and in', () => {
  test('figures as JSON and CSV, readings as CSV', async () => {
    const json = (await (await fetch(`${app.url}${lineup}/figures.json`)).json()) as {
      figures: { figure: string; value: number }[]
    }
    expect(json.figures.filter(({ figure }) => figure === 'media.area').length).toBeGreaterThan(8)
    expect(await (await fetch(`${app.url}${lineup}/figures.csv`)).text()).toContain('media.area,Media area,')
    expect((await (await fetch(`${app.url}${lineup}/readings.csv`)).text()).split('\r\n')[0]).toMatch(
      /^application,brand,part number,revision,form,specimen,characteristic,as typed,value,SI unit,/,
    )
  })

  test('a file is looked at first, then written, and found there the second time', async () => {
    const all = await (await fetch(`${app.url}/export/readings.csv`)).text()
    const [head, ...rows] = all.split('\r\n')
    const some = rows.filter((row) => row.includes('N-40')).map((row) => row.replace('Norrith', 'Otherby'))
    const file = join(tmpdir(), `plicator-e2e-${process.pid}.csv`)
    writeFileSync(file, [head, ...some].join('\r\n'))
    const upload = async () => {
      await visit(page, `${app.url}/import`)
      const input = (await page.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>
      await input.uploadFile(file)
    }
    await upload()
    await sees(page, `${some.length} new`)
    await press(page, 'button', `Write ${some.length} readings`)
    await sees(page, `${some.length} readings are in.`)
    await upload()
    await sees(page, 'Everything is there already')

    writeFileSync(file, [head, ...some.map((row) => row.replace('measured', 'guessed'))].join('\r\n'))
    await upload()
    await sees(page, 'It is all or nothing')
    await sees(page, '"evidence" is measured, observed, claimed, inferred or reported.')
  })
})
