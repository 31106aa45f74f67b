import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { cartridgeAnswers, spinOnAnswers, type Answer } from './answers.ts'
import {
  byRole,
  fill,
  openPage,
  press,
  readingIs,
  sees,
  startApp,
  visit,
  withFaults,
  words,
  type App,
  pressAlt,
} from './app.ts'
import { newOnBench } from './forms.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
})
afterAll(() => app.stop())

const putOnBench = (lineup: string, brand: string, partNumber: string) =>
  newOnBench(page, app.url, { lineup, brand, partNumber })

/** Reaches a button without the mouse. */
async function enterOn(name: string): Promise<void> {
  await (await byRole(page, 'button', name)).focus()
  await page.keyboard.press('Enter')
}

const fieldOf = { scale: 'On the simulated scale, g', caliper: 'Between the simulated jaws, mm' }

/** Puts something on a simulated device and takes what it shows once it holds still. */
async function takeFrom(kind: 'scale' | 'caliper', put: string, label: string): Promise<void> {
  const connect = await page.$(`::-p-aria([name="Connect a ${kind}"][role="button"])`)
  if (connect) {
    await enterOn(`Connect a ${kind}`)
    await enterOn(`Simulated ${kind}`)
  }
  const field = await page.waitForSelector(`::-p-aria([name="${fieldOf[kind]}"])`)
  await field!.focus()
  await page.keyboard.type(put)
  await page.keyboard.press('Enter')
  await page.waitForFunction(() => document.activeElement?.hasAttribute('data-reading'))
  await sees(page, 'steady: Enter takes it')
  await readingIs(page, label)
  await page.keyboard.press('Enter')
}

const byDevice: Record<string, 'scale' | 'caliper'> = {
  'Can height': 'caliper',
  'Gasket section width': 'caliper',
  'O-ring section': 'caliper',
  'Element outer diameter': 'caliper',
}

async function record(answers: Answer[], but: string[] = []): Promise<void> {
  for (const [label, typed, how] of answers) {
    await readingIs(page, label)
    const device = byDevice[label] ?? (label.endsWith('weight') ? 'scale' : undefined)
    if (but.includes(label)) await page.keyboard.press('ArrowDown')
    else if (how === 'choose') await page.keyboard.press(typed as '1')
    else if (device) await takeFrom(device, typed, label)
    else {
      await page.keyboard.type(typed)
      await page.keyboard.press('Enter')
    }
  }
}

const from = (label: string) => spinOnAnswers.findIndex(([name]) => name === label)

describe('a spin-on, every station, by keyboard and simulated devices', () => {
  test('the whole weight is forgotten, and the point before the cut names it', async () => {
    await putOnBench('Skerry 1.1 D', 'Ostrey', 'OS-9')
    await record(spinOnAnswers.slice(0, from('Anti-drain-back valve build')), ['Whole weight'])
    await sees(page, 'Before the cut')
    await sees(page, 'One reading is missing and can never be taken afterwards')
    expect(await page.evaluate(() => document.activeElement?.textContent)).toBe('Whole weight')
  })

  test('it is weighed after all on the scale that must hold still, and the work goes on', async () => {
    await page.keyboard.press('Enter')
    await readingIs(page, 'Whole weight')
    await takeFrom('scale', '302', 'Whole weight')
    await record(spinOnAnswers.slice(from('Anti-drain-back valve build')))
    for (const station of ['Box 8 of 8', 'Outside 14 of 14', 'Element 10 of 10', 'Media 8 of 8'])
      await sees(page, station)
    await sees(page, 'Sound:')
  })

  test('before a device holds still, and again before it has moved, nothing is taken', async () => {
    const recorded = () => page.$$eval('[aria-label="Readings so far"] > span', (chips) => chips.length)
    await visit(page, `${page.url().split('?')[0]}?at=can.diameter`)
    await takeFrom('caliper', '76.1', 'Can diameter')
    await visit(page, `${page.url().split('?')[0]}?at=can.diameter`)
    const before = await recorded()
    await enterOn('Connect a caliper')
    await enterOn('Simulated caliper')
    await (await page.waitForSelector(`::-p-aria([name="${fieldOf.caliper}"])`))!.focus()
    await page.keyboard.type('76.2')
    await page.keyboard.press('Enter')
    await new Promise((wander) => setTimeout(wander, 250))
    await page.keyboard.press('Enter')
    await sees(page, 'The caliper is still moving')
    await sees(page, 'steady: Enter takes it')
    await page.keyboard.down('Shift')
    await page.keyboard.press('Enter')
    await page.keyboard.press('Enter')
    await page.keyboard.up('Shift')
    await sees(page, 'The caliper has not moved since its last reading was taken')
    expect(await recorded()).toBe(before + 1)
  })

  test('what the devices showed is kept as it was shown, in their units', async () => {
    await visit(page, `${page.url().split('?')[0]}?at=whole.weight`)
    await sees(page, '302.0 g')
    await visit(page, `${page.url().split('?')[0]}?at=can.height`)
    // 3 3/8 in on a caliper that shows hundredths of a millimetre.
    await sees(page, '85.7 mm')
  })

  test('pleats are counted a second time with the eyes on the pack; they agree', async () => {
    await visit(page, `${page.url().split('?')[0]}?at=pleats.count`)
    await pressAlt(page, 'KeyT')
    await byRole(page, 'application', 'Counting pleats')
    for (let pleat = 0; pleat < 51; pleat++) await page.keyboard.press(' ')
    await page.keyboard.press('Backspace')
    await sees(page, 'Count the same pack a second time')
    await page.keyboard.press('Enter')
    await sees(page, '50, counted twice: they agree')
    await page.keyboard.press('Escape')
  })

  test('a scale that types like a keyboard lands in the reading, wherever the focus is', async () => {
    await visit(page, `${page.url().split('?')[0]}?at=can.weight`)
    await (await byRole(page, 'link', 'log')).focus()
    await page.keyboard.type('92.1')
    await page.keyboard.press('Enter')
    await page.waitForFunction(() => document.querySelector('[aria-label="Tape"]')?.textContent?.includes('92.1 g'))
  })

  test('a reading is found by a few letters of its name', async () => {
    await page.keyboard.press('/')
    await page.waitForSelector('::-p-aria([name="Find a reading"])')
    await page.keyboard.type('glue b')
    await page.keyboard.press('Enter')
    await readingIs(page, 'Glue bead')
  })

  test('while a note is written the reading says that it is paused', async () => {
    await visit(page, `${page.url().split('?')[0]}?at=can.weight`)
    await page.focus('textarea')
    await sees(page, 'Paused: what is typed now goes elsewhere')
    await page.keyboard.press('Escape')
    await page.waitForFunction(() => document.activeElement?.hasAttribute('data-reading'))
  })
})

describe('a cartridge, every station, by keyboard and simulated devices', () => {
  test('from the box to the media', async () => {
    await putOnBench('Brae 16P', 'Ostrey', 'OS-C2')
    await record(cartridgeAnswers)
    for (const station of ['Box 7 of 7', 'Outside 9 of 9', 'Media 7 of 7']) await sees(page, station)
    await sees(page, 'Media area')
  })

  test('what was measured between the caps has nothing buried in it', async () => {
    // 1.44 m x 66 mm, by hand.
    expect(await words(page)).toMatch(/Media area 950/)
  })
})

describe('nothing is lost', () => {
  test('a dropped connection keeps what was typed and sends it later, once', async () => {
    await visit(page, `${page.url().split('?')[0]}?at=element.height`)
    // What the page loads for itself must be there before the connection goes.
    await page.reload({ waitUntil: 'networkidle0' })
    const faults = await withFaults(async () => {
      await page.setOfflineMode(true)
      await page.keyboard.type('72.6')
      await page.keyboard.press('Enter')
      await sees(page, 'One entry waits in this browser')
      await page.setOfflineMode(false)
      await page.waitForFunction(() => !document.body.innerText.includes('waits in this browser'))
    })
    expect(new Set(faults.map((fault) => fault.split(': ')[0]))).toEqual(new Set(['net::ERR_INTERNET_DISCONNECTED']))
    await page.reload({ waitUntil: 'networkidle0' })
    await visit(page, `${page.url().split('?')[0]}?at=element.height`)
    const repeats = await page.$eval('[aria-label="Readings so far"]', (chips) => chips.textContent)
    expect(repeats!.match(/72\.6 mm/g)).toHaveLength(1)
  })

  test('the bench comes back at the place where it was left', async () => {
    await visit(page, `${page.url().split('?')[0]}?at=glue.grade`)
    const bench = page.url().split('?')[0]!
    await visit(page, app.url)
    await visit(page, bench)
    await readingIs(page, 'Glue bead')
  })

  test('the log says when a station began, and the time on film once filming is set', async () => {
    await press(page, 'link', 'log')
    await sees(page, 'The camera starts now')
    await press(page, 'button', 'The camera starts now')
    await sees(page, 'On film')
    expect(await words(page)).toContain('Whole weight')
  })
})

describe('a filter that has hardly been looked at', () => {
  test('the bench proposes what is worth most, and goes there', async () => {
    await putOnBench('Brae 16P', 'Ostrey', 'OS-C3')
    await record(cartridgeAnswers.slice(0, 12))
    const proposal = await page.waitForSelector('section[aria-label="Worth most now"] button')
    expect(await proposal!.evaluate((button) => button.textContent)).toMatch(
      /[\d.]+ min; (the right one is (< )?\d+ % likelier|it has (< )?\d+ % of what makes this filter's score unsure)/,
    )
    const before = page.url()
    await proposal!.evaluate((button) => (button as HTMLElement).click())
    await page.waitForFunction((address) => location.href !== address, {}, before)
    expect(await words(page)).not.toContain('Lost for good after the cut')
  })
})

describe('several readings in a line', () => {
  test('each is shown as what it became; what is clear is taken, the rest stays', async () => {
    await putOnBench('Skerry 1.1 D', 'Ostrey', 'OS-S7')
    await page.keyboard.press(';')
    await fill(
      page,
      'Several readings in a line',
      'wall .49 .50 .49 · turns 4.5 · silicone · thread end bypass · about 300 g · blah',
    )
    await sees(page, 'Can wall 0.49 mm · 0.50 mm · 0.49 mm')
    await sees(page, '300 g, give or take 15')
    await sees(page, 'Nothing is called so.')
    await page.select('[aria-label=\'What "silicone" is of\']', 'adbv.material')
    await press(page, 'button', 'Take the 5 that are clear')
    await sees(page, '7 readings taken.')
    expect(await page.$eval('#quick-line', (line) => (line as HTMLTextAreaElement).value)).toBe('blah')
    await page.keyboard.press('Escape')
    await page.waitForFunction(() => document.querySelector('#quick-line') === null)
    await page.reload({ waitUntil: 'networkidle0' })
    await sees(page, 'Anti-drain-back valve material')
    await visit(page, `${page.url().split('?')[0]}?at=can.wall`)
    expect(await page.$eval('[aria-label="Readings so far"]', (chips) => chips.textContent)).toMatch(
      /^0\.49 mm0\.50 mm0\.49 mm/,
    )
  })
})

describe('readings as people say them', () => {
  test('what is said roughly is said back before it is taken, and kept as it was said', async () => {
    await visit(page, `${page.url().split('?')[0]}?at=element.height`)
    await readingIs(page, 'Element height')
    await page.keyboard.type('about seventy mm')
    await sees(page, '= 70 mm, give or take 4')
    await page.keyboard.down('Shift')
    await page.keyboard.press('Enter')
    await page.keyboard.up('Shift')
    await page.waitForSelector('[aria-label="Readings so far"]')
    expect(await page.$eval('[aria-label="Readings so far"]', (chips) => chips.textContent)).toContain('70.0 ± 4.0 mm')
  })

  test('a repeat that is far from the first asks which is right; one key strikes what was before', async () => {
    await page.keyboard.type('130')
    await page.keyboard.press('Enter')
    await sees(page, 'Which one is right?')
    await page.keyboard.press('n')
    await page.waitForFunction(() => !document.body.innerText.includes('Which one is right?'))
    await visit(page, `${page.url().split('?')[0]}?at=element.height`)
    expect(await page.$eval('[aria-label="Readings so far"]', (chips) => chips.textContent)).toMatch(/^130/)
  })

  test('what a device sends that is far from the first stays in the field, and what was before is not struck', async () => {
    await takeFrom('caliper', '61', 'Element height')
    await sees(page, 'Which one is right?')
    expect(await page.$eval('[data-reading]', (field) => (field as HTMLInputElement).value)).toMatch(/^61/)
    await page.keyboard.press('o')
    await page.waitForFunction(() => !document.body.innerText.includes('Which one is right?'))
    expect(await page.$eval('[aria-label="Readings so far"]', (chips) => chips.textContent)).toMatch(/^130\.0 mm/)
  })

  test('what is no amount is told so, and stays in the field', async () => {
    await visit(page, `${page.url().split('?')[0]}?at=element.height`)
    await page.keyboard.type('a fair bit')
    await page.keyboard.press('Enter')
    await sees(page, '"a fair bit" is not a number I can read.')
    expect(await page.$eval('[data-reading]', (field) => (field as HTMLInputElement).value)).toBe('a fair bit')
  })
})
