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
  sees,
  startApp,
  visit,
  words,
  type App,
} from './app.ts'
import { goes } from './forms.ts'

let app: App
let page: Page
let lineup: string
/** Addresses of the benches of three products. */
const benches: Record<string, string> = {}

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
  for (const name of ['Corvane CV-114', 'Dovrel D-19']) benches[name] = `${app.url}${await benchOf(page, name)}`
})
afterAll(() => app.stop())

const linkTo = (text: string): Promise<string> =>
  page.$$eval(
    'a',
    (links, wanted) => links.find((link) => link.textContent?.trim() === wanted)?.getAttribute('href') ?? '',
    text,
  )

describe('each in a word', () => {
  test('the rules propose, with how sure that is; the reviewer decides, and both are on the line-up', async () => {
    await visit(page, `${app.url}${lineup}/verdict`)
    await press(page, 'tab', 'Each in a word')
    await sees(page, 'Never (75 % sure)')
    await sees(page, 'Found in 1 of 1 unit looked at: rust inside a new filter.')
    await sees(page, 'changed every 5000 km, not for towing')
    await visit(page, `${app.url}${lineup}`)
    await sees(page, 'In a word')
    await page.waitForSelector('td a[title*="the reviewer’s: changed every"]')
  })

  test('a word with no interval that can be read is refused, and what was typed stays', async () => {
    await visit(page, `${app.url}${lineup}/verdict`)
    const address = await page.$$eval(
      'a',
      (links) => links.find((one) => /Quarrow Q-7/.test(one.textContent ?? ''))?.href ?? '',
    )
    await visit(page, address)
    await sees(page, 'As the rules have it')
    await fill(page, 'Changed every optional', 'soon')
    await press(page, 'button', 'Keep')
    await sees(page, 'soon')
    expect(await words(page)).not.toContain('Kept.')
  })

  test('a word is published alone, beside what the rules said, and withdrawn', async () => {
    await reload(page)
    await sees(page, 'As the rules have it')
    await press(page, 'radio', 'Never')
    await fill(page, 'Why optional', 'Rust on the clean side.')
    await press(page, 'button', 'Publish this word')
    await sees(page, 'By the rules: Never (75 % sure).')
    await sees(page, 'The reviewer has not said whether there is an interest.')
    await (await page.$('button[aria-label^="Withdraw the word of"]'))!.click()
    await sees(page, 'A word can be published alone')
  })
})

test('the best that can be had is named where the best cannot', async () => {
  await visit(page, `${app.url}${lineup}/verdict`)
  await sees(page, 'Of those that can be had: Norrith N-40')
  await sees(page, 'Not to be had, and before it: Corvane CV-214')
  await visit(page, `${app.url}${lineup}/money`)
  await sees(page, 'Of those that can be had')
})

test('the interest of the reviewer is said with the verdict', async () => {
  await visit(page, `${app.url}/reviewer`)
  await press(page, 'radio', 'Sells')
  await fill(page, 'With whom optional', 'the counter at the quay')
  await press(page, 'button', 'Save')
  await sees(page, 'Saved.')
  await visit(page, `${app.url}${lineup}/verdict`)
  await sees(page, 'The reviewer sells filters that are judged here: the counter at the quay.')
})

test('the engine’s known trouble heads the verdict, and says who answers it', async () => {
  await sees(page, 'The engine rattles when started cold: it asks for oil that is there at once.')
  await press(page, 'link', 'Which answer it')
  await sees(page, 'answers it')
  await sees(page, 'does not')
})

test('a call part by part, where it parts from the points, and its sum as the pick', async () => {
  await visit(page, `${app.url}${lineup}/face-off`)
  await choose(page, 'First filter', 'Corvane CV-214')
  await choose(page, 'Second filter', 'Norrith N-40')
  await press(page, 'tab', 'Your call')
  await sees(page, 'Your call, part by part')
  await sees(page, 'Your calls add up to 3 for Corvane CV-214 and 1 for Norrith N-40, with 1 tie.')
  await press(page, 'button', 'Anti-drain-back valve: clear, Norrith N-40')
  await sees(page, 'Your calls add up to 3 for Corvane CV-214 and 2 for Norrith N-40')
  await press(page, 'button', 'Anti-drain-back valve: clear, Norrith N-40')
  await sees(page, 'and 0 for Norrith N-40')
  expect(await linkTo('Take Corvane CV-214 as my pick')).toContain('pick=')
})

/** Whether the oil is moving. */
const moves = () => page.$eval('svg path.oil', (path) => path.getAnimations().length > 0)

test('how it works: three states, each in words, and nothing moves until it is asked to', async () => {
  const bench = benches['Corvane CV-114']!
  await visit(page, bench.replace('/bench/', '/specimens/').replace(/\?.*/, '') + '/how-it-works')
  await sees(page, 'Oil comes in through the ring of holes')
  expect(await moves()).toBe(false)
  await press(page, 'button', 'Stopped')
  await sees(page, 'The lip lies on the holes')
  await press(page, 'button', 'Cold or clogged')
  await sees(page, 'The valve at the')
  await press(page, 'button', 'Let it flow')
  await page.waitForFunction(() => document.querySelector('svg path.oil')?.getAnimations().length === 1)
  await sees(page, 'Every filter has a bypass valve.')
})

describe('what the box promises about a part', () => {
  test('is kept or broken by what was seen', async () => {
    await visit(page, `${app.url}${lineup}/claims`)
    await press(page, 'button', 'Corvane CV-214')
    await sees(page, '✓ kept in 3 of 3 looked at')
    await press(page, 'button', 'Corvane CV-114')
    await sees(page, '✗ broken in 0 of 1 looked at')
    await press(page, 'button', 'Pellgate PG-33')
    await sees(page, 'about the leading brand')
    await sees(page, 'Claimed distance over measured area')
  })

  test('three kinds of not knowing are said apart', async () => {
    await press(page, 'button', 'Skerry SK-1100-F')
    await page.waitForSelector('section[aria-label="Skerry SK-1100-F"]')
    const opened = await page.$$eval('details', (all) => all.map((one) => ((one.open = true), one.innerText)).join(' '))
    expect(opened).toContain('maker asked, waiting, by letter, 2026-10-05; looked up, not published')
    expect(opened).toContain('Burst pressure: not looked up')
  })

  test('is a check to make at the bench', async () => {
    await visit(page, `${benches['Corvane CV-114']!}?at=adbv.material`)
    await sees(page, 'A check to make: the box, front promises “Silicone drain-back valve inside”.')
    await sees(page, 'Predicted: Nitrile. It came true.')
  })
})

describe('at the bench', () => {
  test('what is to be shown later is owed until a note settles it', async () => {
    await visit(page, `${benches['Dovrel D-19']!}?at=can.wall`)
    await press(page, 'button', 'Show this later')
    await sees(page, 'Promised to be shown later')
    const owed = () => page.$eval('section[aria-label="Owed"]', (section) => (section as HTMLElement).innerText)
    expect(await owed()).toContain('Can wall')
    await page.type('section[aria-label="Notes"] textarea', 'shown at the end')
    await press(page, 'button', 'Keep the note')
    await page.waitForFunction(
      () => !document.querySelector<HTMLElement>('section[aria-label="Owed"]')?.innerText.includes('Can wall'),
    )
  })

  test('an amount that begins with a letter of a shortcut is an amount', async () => {
    await visit(page, `${benches['Dovrel D-19']!}?at=cut.minutes`)
    await sees(page, 'Alt O show this later')
    for (const said of ['over 4', 'point five']) {
      await page.type('[data-reading]', said)
      expect(await page.$eval('[data-reading]', (field) => (field as HTMLInputElement).value)).toBe(said)
      await page.click('[data-reading]', { count: 3 })
      await page.keyboard.press('Backspace')
    }
    expect(await words(page)).not.toContain('What you type or choose now is a prediction')
    expect(await page.$eval('section[aria-label="Owed"]', (one) => (one as HTMLElement).innerText)).not.toContain(
      'Minutes',
    )
  })

  test('a prediction is kept apart from readings', async () => {
    await visit(page, `${benches['Dovrel D-19']!}?at=cut.turns`)
    await press(page, 'button', 'Predict it')
    await sees(page, 'What you type or choose now is a prediction')
    await page.type('[data-reading]', '8')
    await page.keyboard.press('Enter')
    await sees(page, 'Predicted: 8. It waits for the reading.')
    await goes(page, 'What you type or choose now is a prediction')
  })

  test('hearsay raises a check and is no value', async () => {
    await visit(page, `${benches['Dovrel D-19']!}?at=bypass.printed`)
    await sees(page, 'Bypass pressure as printed')
    await page.type('[data-reading]', '0.8 bar, they say')
    await page.keyboard.press('Enter')
    await visit(page, `${benches['Dovrel D-19']!}?at=bypass.printed`)
    await sees(page, 'reported “0.8 bar, they say”')
  })
})

test('a brand across engines, its faults by tier, and what is steady', async () => {
  await visit(page, `${app.url}/library`)
  const address = await linkTo('Quarrow')
  await visit(page, `${app.url}${address}`)
  await sees(page, 'Faults, tier by tier')
  await sees(page, 'Rust inside')
  await sees(page, 'Steady across its range')
})

test('what a buyer can check at the counter, the most telling first', async () => {
  await visit(page, `${app.url}${lineup}/verdict`)
  const address = await page.$$eval(
    'a[aria-label="How Corvane CV-214 is told at the counter"]',
    ([link]) => (link as HTMLAnchorElement).href,
  )
  await visit(page, address)
  await sees(page, 'check at the counter')
  await sees(page, 'tells it from')
  await sees(page, 'makers change what is inside under one number')
})
