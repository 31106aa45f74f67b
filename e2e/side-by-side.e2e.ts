import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import {
  benchOf,
  choose,
  fill,
  lineupOf,
  openPage,
  press,
  reload,
  readingIs,
  sees,
  startApp,
  visit,
  type App,
} from './app.ts'

let app: App
let page: Page
let lineup: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
  await visit(page, `${app.url}${lineup}/face-off`)
  await press(page, 'tab', 'Side by side')
  await choose(page, 'First filter', 'Dovrel D-19')
})
afterAll(() => app.stop())

const line = 'Dovrel D-19, beside Corvane CV-214'
const saidOfTwo = () =>
  page.$$eval('table[aria-label="Said of the two"] tbody tr', (rows) =>
    rows.map((row) => (row as HTMLElement).innerText.replace(/\s+/g, ' ')),
  )

/** The drawings stay on top while the page is scrolled, and may lie over the tabs. */
const toTheTop = () => page.evaluate(() => window.scrollTo(0, 0))

const openTab = async (name: string) => {
  await toTheTop()
  await press(page, 'tab', name)
}

const row = (label: string) =>
  page.$$eval(
    'table tr',
    (rows, name) =>
      (rows.find((one) => one.querySelector('th')?.firstChild?.textContent === name) as HTMLElement).innerText.replace(
        /\s+/g,
        ' ',
      ),
    label,
  )

test('the demo shows what was said of two, and what it filled', async () => {
  await choose(page, 'Second filter', 'Corvane CV-214')
  await sees(page, line)
  const said = await saidOfTwo()
  expect(said).toHaveLength(2)
  expect(said.join(' ')).toMatch(/Can wall .*less wall: thinner, by feel/)
  expect(said.join(' ')).toMatch(/Pleat count .*2 to 5 less a few fewer pleats/)
})

test('what cannot be read, or is of several things, is said beside the field and nothing is kept', async () => {
  await fill(page, line, 'nicer')
  await sees(page, 'Say what is compared')
  await fill(page, line, 'media length: purple')
  await sees(page, 'is no comparison I can read')
  await fill(page, line, 'height: 310 taller')
  await sees(page, 'of what? Say the unit')
  await press(page, 'button', '310 mm taller')
  await sees(page, '309.5 to 310.5 mm more')
  await fill(page, line, 'a hair thicker')
  await sees(page, 'That can be said of several things')
  expect(await saidOfTwo()).toHaveLength(2)
})

test('a difference fills what is missing in the line-up, and taking it back empties it again', async () => {
  await fill(page, line, 'media length: 3 cm shorter')
  await sees(page, 'Media length: 25 to 35 mm less')
  await press(page, 'button', 'Keep')
  await sees(page, 'media length: 3 cm shorter')
  expect(await saidOfTwo()).toHaveLength(3)
  await openTab('Part by part')
  await page.$$eval('button', (all) => all.find(({ textContent }) => /^All \d+ rows$/.test(textContent ?? ''))?.click())
  await sees(page, 'Differences only')
  expect(await row('Media length')).not.toContain('not known')
  await openTab('Side by side')
  await press(page, 'button', 'Take back: media length: 3 cm shorter')
  await page.waitForFunction(
    () => document.querySelectorAll('table[aria-label="Said of the two"] tbody tr').length === 2,
  )
  expect(await row('Media length')).toContain('not known')
})

test('of several specimens the one that is meant is chosen, and said beside the words', async () => {
  await choose(page, 'Specimen of Corvane CV-214', 'C')
  await fill(page, line, 'gasket thickness: a hair thicker')
  await press(page, 'button', 'Keep')
  await sees(page, '(specimen A beside C)')
  await toTheTop()
  await press(page, 'button', 'Take back: gasket thickness: a hair thicker')
  await page.waitForFunction(
    () => document.querySelectorAll('table[aria-label="Said of the two"] tbody tr').length === 2,
  )
})

test('two amounts against each other become a reading of each', async () => {
  await fill(page, line, 'glue: 3 here against 4 there')
  await sees(page, 'a reading of each, 3 and 4')
  await fill(page, line, 'media thickness 0.53 mm against 0.6 mm')
  await press(page, 'button', 'Keep')
  await page.waitForFunction(() => !document.querySelector<HTMLInputElement>('#comparison-line')?.value)
  expect(await saidOfTwo()).toHaveLength(2)
  await openTab('Part by part')
  expect(await row('Media thickness')).toMatch(/^0\.53 mm Media thickness/)
})

describe('at the bench', () => {
  let bench: string

  beforeAll(async () => {
    await visit(page, app.url)
    bench = app.url + (await benchOf(page, 'Dovrel D-19'))
  })

  test('a filter that is named in the field is compared with; its words stand there and can be taken back', async () => {
    await visit(page, `${bench}?at=can.wall`)
    await readingIs(page, 'Can wall')
    await page.keyboard.type('a hair thicker than N-40')
    await page.keyboard.press('Enter')
    await sees(page, 'Beside Norrith N-40 A: “a hair thicker than the other”')
    await reload(page)
    await sees(page, 'Beside Norrith N-40 A: “a hair thicker than the other”')
    await press(page, 'button', 'Take back: a hair thicker than the other')
    await page.waitForFunction(() => !document.body.innerText.includes('a hair thicker'))
  })

  test('any specimen of the line-up is chosen, also where an answer can only be the same', async () => {
    await visit(page, `${bench}?at=adbv.material`)
    await press(page, 'button', 'Beside another')
    await choose(page, 'Anti-drain-back valve material, beside', 'Corvane CV-214 B')
    await fill(page, 'How it compares', 'softer')
    await sees(page, 'It can only be said to be the same.')
    await fill(page, 'How it compares', 'the same part')
    await press(page, 'button', 'Keep')
    await sees(page, 'Beside Corvane CV-214 B: “the same part”')
  })
})
