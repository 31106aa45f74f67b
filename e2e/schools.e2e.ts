import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { choose, fill, lineupOf, openPage, press, reload, sees, startApp, visit, words, type App } from './app.ts'
import { goes, pathOf, submit } from './forms.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/schools')
})
afterAll(() => app.stop())

const table = (name: string) =>
  page.$eval(`table[aria-label="${name}"]`, (one) => (one as HTMLElement).innerText.replace(/\s+/g, ' '))

describe('weights by question', () => {
  const next = async (part: string, worth: string) => {
    await press(page, 'button', part)
    const before = page.url()
    await fill(page, `If Media from worst to best is worth 100, what is ${part} from worst to best worth?`, worth)
    await press(page, 'button', 'Take it')
    return before
  }

  test('the first part is worth a hundred, the next is asked beside it', async () => {
    await press(page, 'link', 'Make one by question')
    await sees(page, 'Which part would you bring to its best first?')
    await press(page, 'button', 'Media')
    await sees(page, 'Which part would you bring to its best next?')
    const before = await next('Can', '150')
    await sees(page, 'A number from 0 to 100: 100 is as much as Media, 0 is nothing.')
    expect(page.url()).toBe(before)
    await fill(page, 'If Media from worst to best is worth 100, what is Can from worst to best worth?', '75')
    await press(page, 'button', 'Take it')
    await goes(page, 'what is Can from worst')
    expect(await table('Your answers')).toMatch(/Media 100 57 % .* Can 75 43 %/)
  })

  test('an answer is asked again, and the way back brings it back', async () => {
    await press(page, 'button', 'Ask again about Can')
    await page.waitForFunction(() => !document.querySelector('table')?.textContent?.includes('Can'))
    await page.goBack()
    await page.waitForFunction(() => document.querySelector('table')?.textContent?.includes('Can'))
    await reload(page)
    expect(await table('Your answers')).toContain('Can 75')
  })

  test('what is asked the other way round says how well the answers agree', async () => {
    await next('End caps and glue', '50')
    await page.waitForFunction(() => document.querySelector('table')?.textContent?.includes('End caps'))
    await press(page, 'button', 'The rest does not matter to me')
    await sees(page, 'Do your answers agree?')
    await fill(page, 'If Can from worst to best is worth 100, what is End caps and glue worth?', 'much')
    await sees(page, 'A number above 0, up to 1000.')
    await fill(page, 'If Can from worst to best is worth 100, what is End caps and glue worth?', '150')
    await page.keyboard.press('Enter')
    await sees(page, 'Your answers part by a factor of 2.25')
    await fill(page, 'If Can from worst to best is worth 100, what is End caps and glue worth?', '65')
    await page.keyboard.press('Enter')
    await sees(page, 'Your answers agree: they part by a factor of 1.03')
  })

  test('the effect on a line-up is shown, a name that is taken is refused, and the school is kept', async () => {
    expect(await table('Effect')).toContain('Corvane CV-214')
    await fill(page, 'Name', 'Thrift')
    await press(page, 'button', 'Save the school')
    await sees(page, 'Another school has this name.')
    await fill(page, 'Name', 'Media and can')
    await submit(page, 'Save the school')
    await page.waitForFunction(() => location.pathname === '/schools')
    await sees(page, 'Media and can')
    expect(await words(page)).toContain('your own')
  })
})

describe('schools side by side', () => {
  test('two are shown at first, with whom each names', async () => {
    await visit(page, `${app.url}/schools`)
    await press(page, 'link', 'Side by side')
    await sees(page, 'Build first and Paper first by 31 %')
    await page.waitForFunction(
      () => !document.querySelector('table[aria-label="Whom they name"]')?.textContent?.includes('Judging'),
    )
    expect(await table('Whom they name')).toMatch(/Build first Corvane CV-214 leads: .* Paper first Norrith N-40 wins/)
  })

  test('an own one joins them; where they part is told furthest first, with the rules', async () => {
    await press(page, 'checkbox', 'Paper first')
    await goes(page, 'and Paper first by')
    await press(page, 'checkbox', 'Media and can')
    await sees(page, 'Build first and Media and can by')
    expect(await table('Weight by part')).toMatch(/Can 6 % 3\d % /)
    expect(await table('Where they part')).toContain('Can wall')
    await press(page, 'checkbox', 'Media and can')
    await sees(page, 'Choose a second one to see where they part.')
    await press(page, 'checkbox', 'Thrift')
    await sees(page, 'Build first and Thrift by')
    await page.locator('::-p-text(Show all)').click()
    expect(await table('Where they part')).toMatch(/Retainer spring .*Coil: 10/)
  })
})

describe('what a school must have', () => {
  const least = 'input[aria-label="Least points of Anti-drain-back valve material"]'

  test('a weight is put down with one press, a must is refused beside its field, then kept', async () => {
    await visit(page, `${app.url}/schools/new?of=build`)
    await press(page, 'button', 'I do not care about Printing on the can')
    await page.locator(least).fill('eleven')
    await sees(page, 'What it must have is a number of points above 0, up to 10.')
    await page.locator(least).fill('10')
    await goes(page, 'What it must have is')
    await page.locator('#school-name').fill('Silicone or nothing')
    await submit(page, 'Save the school')
    await sees(page, 'Silicone or nothing')
    expect(pathOf(page)).toBe('/schools')
  })

  test('by that school a filter with a nitrile valve is unfit, and not low', async () => {
    await visit(page, app.url)
    await visit(page, `${app.url}${await lineupOf(page, 'Skerry 1.1 D')}`)
    await choose(page, 'School', 'Silicone or nothing')
    await sees(page, 'unfit: this school must have it: Anti-drain-back valve material has 4 points of at least 10')
  })

  test('opened again the must is there, and is taken back', async () => {
    await visit(page, `${app.url}/schools`)
    await press(page, 'link', 'Change Silicone or nothing')
    const typed = () => page.$eval(least, (one) => (one as HTMLInputElement).value)
    await page.waitForSelector(least)
    expect(await typed()).toBe('10')
    await page.click(least, { count: 3 })
    await page.keyboard.press('Backspace')
    await page.waitForFunction((field) => document.querySelector<HTMLInputElement>(field)?.value === '', {}, least)
    await submit(page, 'Save the school')
    await press(page, 'link', 'Change Silicone or nothing')
    await page.waitForSelector(least)
    expect(await typed()).toBe('')
  })
})

test('the cheapest complete review is said on the verdict, and printed as a bench card', async () => {
  await visit(page, app.url)
  const lineup = `${app.url}${await lineupOf(page, 'Brae 16P')}`
  await visit(page, `${lineup}/verdict?school=thrift&tab=change`)
  await sees(page, 'on 1 filter the one that is named is right')
  await press(page, 'link', 'Bench card to print')
  await page.waitForSelector('section[aria-label="Fennick FC-416"]')
  const card = await page.$eval('section[aria-label="Fennick FC-416"]', (one) => (one as HTMLElement).innerText)
  expect(card).toMatch(/\d+ minutes/)
  expect(card).toContain('Media length')
  await visit(page, `${lineup}/bench-card?school=build`)
  await sees(page, 'Nothing more is needed')
})
