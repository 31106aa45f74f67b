import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import {
  benchOf,
  choose,
  fill,
  lineupOf,
  openPage,
  press,
  sees,
  startApp,
  visit,
  withFaults,
  words,
  type App,
} from './app.ts'
import { readArticle } from './article.ts'

let app: App
let page: Page
let lineup: string
let review: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
})
afterAll(() => app.stop())

const kept = (on = page) => on.waitForFunction(() => document.body.innerText.includes('Kept.'))
const blocks = (on = page): Promise<string[]> =>
  on.$$eval('[aria-label="Blocks of the review"] [role="row"] span', (rows) => rows.map((row) => row.textContent ?? ''))
const article = (): Promise<string> => page.$eval('[aria-label="Article"]', (sheet) => sheet.textContent ?? '')
const articleSays = (text: string) =>
  page.waitForFunction(
    (said) => document.querySelector('[aria-label="Article"]')?.textContent?.includes(said),
    {},
    text,
  )
const pickBlock = async (name: string, on = page) => {
  const row = await on.waitForSelector(`::-p-xpath(//*[@aria-label="Blocks of the review"]//span[text()="${name}"])`)
  await row!.click()
  await on.waitForSelector(`section[aria-label="The block ${name}"]`)
}

describe('a review is written', () => {
  test('where nothing is written yet it says so, and begins with the blocks that most begin with', async () => {
    await visit(page, `${app.url}${await lineupOf(page, 'Brae 16P')}/review`)
    await sees(page, 'Nothing is written about this engine yet.')
    await sees(page, 'Twelve oil filters for the Skerry 1.1 D, cut open')
    await visit(page, `${app.url}${lineup}/review`)
    await press(page, 'button', 'Begin')
    await page.waitForSelector('::-p-aria(Title of the review)')
    review = new URL(page.url()).pathname
    expect((await blocks()).slice(0, 3)).toEqual(['Opening', 'Disclosure', 'Line-up'])
    expect(await article()).toMatch(/12 filters for the Skerry 1.1 D/)
  })

  test('words stand in the article as they are typed, with figures by their names', async () => {
    await fill(page, 'Your words', 'The wall is **{wall of N-40}**, <script>alert(1)</script>.')
    await page.waitForFunction(() => document.querySelector('[aria-label="Article"] b')?.textContent === '0.47 mm')
    expect(await article()).toContain('The wall is 0.47 mm, <script>alert(1)</script>.')
    await kept()
    await visit(page, app.url + review)
    expect(await article()).toContain('The wall is 0.47 mm')
  })

  test('a figure is put in by what it is and whose', async () => {
    await choose(page, 'Which figure', 'price')
    await choose(page, 'Of which filter', 'Norrith N-40')
    await press(page, 'button', 'Put in 12.22 EUR')
    await articleSays('alert(1)</script>.12.22 EUR')
    await kept()
  })

  test('a block is taken out and comes back, is added, and moved', async () => {
    await press(page, 'button', 'Take out Money')
    await sees(page, '“Money” was taken out.')
    expect(await blocks()).not.toContain('Money')
    await press(page, 'button', 'Undo')
    expect(await blocks()).toContain('Money')
    await press(page, 'button', 'Add a block')
    await press(page, 'menuitem', 'Face-off')
    await page.waitForSelector('section[aria-label="The block Face-off"]')
    await kept()
    expect((await blocks()).at(-1)).toBe('Face-off')
    await page.waitForFunction(() =>
      /(leads|wins) against|Too close to call/.test(
        document.querySelector('[aria-label="Article"]')?.textContent ?? '',
      ),
    )
    await press(page, 'button', 'Move the block up')
    await page.waitForFunction(
      () =>
        [...document.querySelectorAll('[aria-label="Blocks of the review"] [role="row"] span')].at(-1)?.textContent !==
        'Face-off',
    )
    await kept()
  })

  test('how it works is drawn in three states, of the one that is chosen', async () => {
    await press(page, 'button', 'Add a block')
    await press(page, 'menuitem', 'How it works')
    await page.waitForSelector('section[aria-label="The block How it works"]')
    await choose(page, 'Whose oil is followed', 'Norrith N-40')
    await page.waitForFunction(() => document.querySelectorAll('[aria-label="Article"] .oil-way figure').length === 3)
    const pictures = await page.$$eval('[aria-label="Article"] .oil-way img', (all) =>
      all.map(({ alt, src }) => ({ alt, src })),
    )
    expect(pictures.map(({ alt }) => alt.split(':')[0])).toEqual([
      'Norrith N-40, running',
      'Norrith N-40, stopped',
      'Norrith N-40, cold or clogged',
    ])
    for (const { src } of pictures) expect((await fetch(src)).headers.get('Content-Type')).toMatch(/svg/)
    expect(await article()).toContain('“Every filter has a bypass valve.”')
    await kept()
  })

  test('what the data have moved since it was looked through is said, until it is looked through again', async () => {
    await pickBlock('Money')
    await press(page, 'button', 'I have looked it through')
    await kept()
    const product = await page.evaluate(
      async (path) => /"\/products\/(\w{12})/.exec(await (await fetch(path)).text())?.[1] ?? '',
      lineup,
    )
    await visit(page, `${app.url}/products/${product}/prices`)
    await page.type('input[name="shop"]', 'Quay Store')
    await page.type('input[name="amount"]', '1.05')
    await press(page, 'button', 'Add the price')
    await sees(page, 'Quay Store')
    await visit(page, `${app.url}${review}`)
    await pickBlock('Money')
    await sees(page, 'The data have moved since you looked this through.')
    await sees(page, 'Quay Store')
    await press(page, 'button', 'I have looked it through')
    await page.waitForFunction(() => !document.body.innerText.includes('The data have moved'))
    await kept()
  })

  test('another tab that has written meanwhile is not overwritten unasked', async () => {
    await visit(page, app.url + review)
    const other = await openPage(app, review)
    await fill(other, 'Title of the review', 'From the other tab')
    await kept(other)
    await other.close()
    await withFaults(async () => {
      await fill(page, 'Title of the review', 'From this one')
      await sees(page, 'It was written meanwhile in another tab')
      await press(page, 'button', 'Keep mine over it')
      await kept()
    })
    await visit(page, app.url + review)
    await sees(page, 'From this one')
  })
})

describe('before and after it is published', () => {
  test('checks fire on what was written, each with its one action', async () => {
    await visit(page, app.url + review)
    await pickBlock('Opening')
    await fill(page, 'Your words', 'Quarrow Q-7 always leaks. Corvane CV-214 filters better, for 9 €.')
    await kept()
    const tabs = await page.$$eval('[role="tab"]', (all) => all.map((tab) => tab.textContent ?? ''))
    await press(page, 'tab', tabs.find((name) => name.startsWith('Checks, ')) ?? 'Checks')
    for (const said of ['one specimen was opened', 'nothing was filtered', 'a price needs the day'])
      await sees(page, said)
    await sees(page, 'Promised at the bench to be shown later: media length of')
    await press(page, 'button', 'Add promised')
    await articleSays('still not looked at')
    await kept()
    await press(page, 'link', 'Say it')
    await sees(page, 'interest')
  })

  test('it is held up until the reviewer says why, then it is frozen', async () => {
    await visit(page, `${app.url}${review}?show=publish`)
    await withFaults(async () => {
      await press(page, 'button', 'Publish as it is')
      await sees(page, 'write why it is published all the same')
    })
    await fill(page, 'Why it is published all the same', 'A demo.')
    await press(page, 'button', 'Publish as it is')
    await sees(page, 'Version 1')
    await visit(page, `${app.url}${review}/published`)
    await sees(page, 'Version 1, published')
    await sees(page, 'Quarrow Q-7 always leaks.')
    await sees(page, 'Published all the same: A demo.')
  })

  test('a correction stands on top with its day; the old version leads to the new one', async () => {
    await visit(page, app.url + review)
    await pickBlock('Opening')
    await fill(page, 'Your words', 'Quarrow Q-7 leaked.')
    await kept()
    await visit(page, `${app.url}${lineup}/review`)
    await sees(page, 'Since then 1 section has changed: Opening.')
    await visit(page, `${app.url}${review}?show=publish`)
    await fill(page, 'What is corrected', 'Only one Q-7 was opened.')
    await fill(page, 'Why it is published all the same', 'Still a demo.')
    await press(page, 'button', 'Publish version 2')
    await sees(page, 'Version 2')
    await visit(page, `${app.url}${review}/published`)
    await sees(page, 'Only one Q-7 was opened.')
    await visit(page, `${app.url}${review}/published/1`)
    await sees(page, 'A newer version has been published: version 2')
    await sees(page, 'Quarrow Q-7 always leaks.')
  })
})

test('the article is one file of less than 2 MB that asks for nothing', async () => {
  await visit(page, `${app.url}${review}?show=take`)
  const html = await page.evaluate(async (path) => (await fetch(`${path}/files/article.html`)).text(), review)
  const { names, asked } = readArticle(html)
  expect(names.has('script')).toBe(false)
  expect(asked.length).toBeGreaterThan(12)
  expect(new Set(asked)).toEqual(new Set(['data:']))
  expect(html.length).toBeLessThan(2_000_000)
  expect(await words(page)).toContain('Article, Markdown')
})

describe('what goes with the film', () => {
  const settings = async () => {
    await visit(page, `${app.url}${review}?show=film`)
    await sees(page, 'Description')
  }

  test('one specimen that was filmed gives chapters and captions; an edit list moves them', async () => {
    await visit(page, app.url)
    const specimen = (await benchOf(page, 'Norrith N-40')).replace('/bench/', '')
    await visit(page, `${app.url}/specimens/${specimen}/log`)
    await fill(page, 'or it started at', '16:00:00')
    await press(page, 'button', 'Set')
    await sees(page, 'The film begins at')
    await press(page, 'button', 'It stops now')
    await press(page, 'button', 'It runs again')
    await sees(page, 'It has 2 takes:')
    await press(page, 'button', 'Take the last press back')
    await settings()
    await sees(page, 'Chapters, WebVTT')
    expect(
      await page.$eval('textarea[aria-label="Captions, WebVTT"]', (area) => (area as HTMLTextAreaElement).value),
    ).toMatch(/^WEBVTT\n\n1\n\d+:\d\d:\d\d\.\d{3} --> /)
    await fill(page, 'Edit list, CMX 3600', '001 AX V C 00:00:00:00')
    await sees(page, 'Line 1: "001 AX V C 00:00:00:00" is no event of an edit list.')
    await fill(page, 'Edit list, CMX 3600', '')
  })

  test('the text below it keeps to its length, and says what had no room', async () => {
    await settings()
    await fill(page, 'Letters at most', '900')
    await sees(page, 'No room for:')
    const text = await page.$eval('textarea[aria-label="Description"]', (area) => (area as HTMLTextAreaElement).value)
    expect(text.length).toBeLessThanOrEqual(900)
    expect(text).toContain('no filtration test')
    await fill(page, 'Letters at most', 'x')
    await sees(page, 'Write a whole number of letters.')
  })
})

test('cards are pictures of their size', async () => {
  await visit(page, `${app.url}${review}?show=cards`)
  await choose(page, 'Size', '1080 × 1920')
  await page.waitForFunction(() => {
    const card = document.querySelector<HTMLImageElement>('img[alt^="The card"]')
    return card?.complete === true && card.naturalWidth === 1080 && card.naturalHeight === 1920
  })
  await choose(page, 'Card', 'Two beside each other, to scale')
  const png = await page.evaluate(async (path) => {
    const bytes = new Uint8Array(await (await fetch(`${path}/cards/pair-square.png`)).arrayBuffer())
    return [...bytes.slice(1, 4), bytes.length > 20_000]
  }, review)
  expect(png).toEqual([80, 78, 71, true])
})
