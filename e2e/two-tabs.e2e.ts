import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { fill, lineupOf, openPage, press, sees, startApp, visit, words, type App } from './app.ts'
import { addressOf, contentsOf, goes, submit } from './forms.ts'

let app: App
let first: Page
let second: Page
let lineup: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  first = await openPage(app, '/')
  second = await openPage(app, '/')
  lineup = await lineupOf(first, 'Skerry 1.1 D')
})
afterAll(() => app.stop())

async function bothOpen(path: string): Promise<void> {
  for (const page of [first, second]) await visit(page, app.url + path)
}

/** What stands below a field that another has saved. */
const savedMeanwhile = (page: Page, field: string): Promise<string> =>
  page.$eval(`[data-meanwhile="${field}"]`, (line) => (line as HTMLElement).innerText.replace(/\s+/g, ' '))

interface Edited {
  path: string
  save: string
  label: string
  field: string
  values: [string, string, string]
}

/**
 * Two tabs change one field: the later one is told, sees both values, and can take the other's or save its own over it.
 * A third value is typed in between, so that what is taken or saved is known.
 */
async function twoTabs({ path, save, label, field, values: [one, two, three] }: Edited): Promise<void> {
  await bothOpen(path)
  await first.bringToFront()
  await fill(first, label, one)
  await submit(first, save)

  await second.bringToFront()
  await fill(second, label, two)
  await press(second, 'button', save)
  await sees(second, 'saved meanwhile')
  expect(await contentsOf(second)).toMatchObject({ [field]: two })
  expect(await savedMeanwhile(second, field)).toContain(`Saved meanwhile: ${one}`)
  await visit(first, app.url + path)
  expect(await contentsOf(first)).toMatchObject({ [field]: one })

  await second.bringToFront()
  await press(second, 'button', 'Take it')
  await goes(second, 'Take it')
  expect(await contentsOf(second)).toMatchObject({ [field]: one })
  await fill(second, label, three)
  await submit(second, save)
  await visit(second, app.url + path)
  expect(await contentsOf(second)).toMatchObject({ [field]: three })
}

describe('of two tabs that change one thing, the later one overwrites nothing unseen:', () => {
  test('an application', () =>
    twoTabs({
      path: `${lineup}/edit`,
      save: 'Save the engine',
      label: 'Machine optional',
      field: 'machine',
      values: ['a ferry', 'a tug', 'a dredger'],
    }))

  test('a product', async () =>
    twoTabs({
      path: `${await addressOf(first, 'Corvane CV-164', `${app.url}/library`)}/edit`,
      save: 'Save the product',
      label: 'Part number',
      field: 'partNumber',
      values: ['CV-165', 'CV-166', 'CV-167'],
    }))

  test('a specimen', async () => {
    const product = await addressOf(first, 'Norrith N-40', `${app.url}/library`)
    await visit(first, app.url + product)
    const edit = await first.$eval('a[href^="/specimens/"][href$="/edit"]', (link) => link.getAttribute('href')!)
    await twoTabs({
      path: edit,
      save: 'Save the specimen',
      label: 'Label of the specimen',
      field: 'label',
      values: ['K', 'L', 'M'],
    })
  })

  test('a claim', async () => {
    await visit(first, `${app.url}${lineup}/claims`)
    const claim = await first.$eval('a[href^="/claims/"]', (link) => link.getAttribute('href')!)
    await bothOpen(claim)
    const { words: before } = await contentsOf(first)
    await first.bringToFront()
    await fill(first, 'Word for word', 'one')
    await submit(first, 'Save the claim')
    await second.bringToFront()
    await fill(second, 'Word for word', 'two')
    await press(second, 'button', 'Save the claim')
    await sees(second, 'saved meanwhile')
    expect(await savedMeanwhile(second, 'words')).toContain('Saved meanwhile: one')
    expect(before).not.toBe('one')
  })

  test.each([
    { path: '/drivers', noun: 'driver', name: 'Name' },
    { path: '/instruments', noun: 'instrument', name: 'Name' },
  ])('a $noun in its list', async ({ path, noun, name }) => {
    await bothOpen(path)
    for (const page of [first, second]) {
      await page.bringToFront()
      const change = await page.$('button[aria-label^="Change "]')
      await change!.click()
      await sees(page, `Save the ${noun}`)
    }
    await first.bringToFront()
    await fill(first, name, 'the one')
    await press(first, 'button', `Save the ${noun}`)
    await goes(first, `Save the ${noun}`)
    await second.bringToFront()
    await fill(second, name, 'the other')
    await press(second, 'button', `Save the ${noun}`)
    await sees(second, 'saved meanwhile')
    expect(await savedMeanwhile(second, 'name')).toContain('Saved meanwhile: the one')
    await press(second, 'button', `Save the ${noun}`)
    await goes(second, `Save the ${noun}`)
    await sees(second, 'the other')
  })

  test("the reviewer's words", async () => {
    await bothOpen(`${lineup}/verdict?tab=reviewer`)
    await first.bringToFront()
    await fill(first, 'Your own words', 'the first words')
    await press(first, 'button', 'Keep')
    await sees(first, 'The reviewer the first words')
    await second.bringToFront()
    await fill(second, 'Your own words', 'the second words')
    await press(second, 'button', 'Keep')
    await sees(second, 'Saved meanwhile, your own words: the first words')
    await press(second, 'button', 'Keep')
    await sees(second, 'Kept.')
    await visit(first, `${app.url}${lineup}/verdict?tab=reviewer`)
    expect(await words(first)).toContain('the second words')
  })
})

test('a form that is sent twice makes one thing, and the back button makes no second', async () => {
  await visit(first, `${app.url}/library`)
  await fill(first, 'New brand', 'Twice')
  await first.$eval('input[name="name"]', (input) => {
    const form = (input as HTMLInputElement).form!
    const fields = new FormData(form)
    const send = () => fetch('/library.data', { method: 'POST', body: new URLSearchParams(fields as never) })
    return Promise.all([send(), send(), send()])
  })
  await visit(first, `${app.url}/library`)
  expect((await words(first)).match(/Twice \(0\)/g)).toHaveLength(1)
})
