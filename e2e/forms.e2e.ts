import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { benchOf, byRole, fill, openPage, press, sees, startApp, visit, type App } from './app.ts'

let app: App
let page: Page
let lineup: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await page.$eval('section[aria-label="Skerry 1.1 D"] h2 a', (link) => link.getAttribute('href')!)
})
afterAll(() => app.stop())

const path = (): string => new URL(page.url()).pathname

const addressOf = async (text: string, at: string): Promise<string> => {
  await visit(page, app.url + at)
  const href = await page.$$eval(
    'a',
    (links, wanted) => links.find((link) => link.textContent?.trim() === wanted)?.getAttribute('href') ?? '',
    text,
  )
  if (href === '') throw new Error(`No link "${text}" at ${at}`)
  return href
}

/** All that the form on the screen holds, by name; buttons apart. */
const contents = (): Promise<Record<string, string>> =>
  page.$eval('main form', (form) => {
    const held = Object.fromEntries(new FormData(form as HTMLFormElement)) as Record<string, string>
    delete held.id
    return held
  })

const leaves = (from: string): Promise<unknown> =>
  page.waitForFunction((was) => location.pathname !== was, { timeout: 20_000 }, from)

async function save(button: string): Promise<void> {
  const from = path()
  await press(page, 'button', button)
  await leaves(from)
}

const goes = (text: string): Promise<unknown> =>
  page.waitForFunction((gone) => !document.body.innerText.includes(gone), { timeout: 20_000 }, text)

/** What stands beside a field. */
const besideField = async (label: string): Promise<string> => {
  const field = await page.waitForSelector(`::-p-aria([name="${label}"])`)
  return field!.evaluate((input) => {
    const ids = input.getAttribute('aria-describedby')?.split(' ') ?? []
    return ids.map((id) => document.getElementById(id)?.textContent ?? '').join(' ')
  })
}

async function isRefusedBeside(label: string, typed: string, button: string, message: string): Promise<void> {
  await fill(page, label, typed)
  await press(page, 'button', button)
  await sees(page, message)
  expect(await besideField(label)).toContain(message)
  expect(Object.values(await contents())).toContain(typed)
}

describe('a line-up', () => {
  const open = () => visit(page, `${app.url}${lineup}/edit`)

  test('saved unchanged is as it was, digit by digit', async () => {
    await open()
    const before = await contents()
    expect(before.name).toBe('Skerry 1.1 D')
    await save('Save the application')
    await open()
    expect(await contents()).toEqual(before)
  })

  test('changed, it says so on its page and in its form, as it was typed', async () => {
    await open()
    await fill(page, 'Bypass opens at optional', '15 psi')
    await fill(page, 'Hottest oil in hard use optional', '275 °F')
    await fill(page, "Engine manual's interval, normal duty optional", '9000 mi or 12 months')
    await save('Save the application')
    await open()
    expect(await contents()).toMatchObject({
      bypassOpening: '15 psi',
      oilTemperatureMax: '275 °F',
      normalInterval: '9000 mi or 12 months',
    })
    await save('Save the application')
    await open()
    expect((await contents()).bypassOpening).toBe('15 psi')
  })

  test('what cannot be is refused beside its field, and nothing is lost', async () => {
    await open()
    await isRefusedBeside('Engine or application', '  ', 'Save the application', 'The name is missing.')
    await open()
    await isRefusedBeside('Bypass opens at optional', '15 cubit', 'Save the application', 'cubit')
    await isRefusedBeside(
      'Bypass opens at optional',
      '40 bar',
      'Save the application',
      'it lies between 0.20 bar and 6.00 bar',
    )
    await isRefusedBeside('Thread of the engine optional', 'M20', 'Save the application', 'M20 needs its pitch')
    await open()
    expect((await contents()).bypassOpening).toBe('15 psi')
  })

  test('a name that another has is refused', async () => {
    await open()
    await isRefusedBeside(
      'Engine or application',
      'Brae 16P',
      'Save the application',
      'There is an application of this',
    )
  })

  test('with products it stays; without, it goes', async () => {
    await open()
    await press(page, 'button', 'Remove this application')
    await sees(page, 'It has products. Remove them first')
    await visit(page, `${app.url}/lineups/new`)
    await fill(page, 'Engine or application', 'Short-lived 0.9')
    await save('Make the application')
    await sees(page, 'Short-lived 0.9')
    await visit(page, `${page.url()}/edit`)
    await save('Remove this application')
    expect(path()).toBe('/')
    await goes('Short-lived 0.9')
  })
})

describe('a product', () => {
  let product: string
  beforeAll(async () => {
    product = await addressOf('Dovrel D-19', '/')
  })
  const open = () => visit(page, `${app.url}${product}/edit`)

  test('saved unchanged is as it was', async () => {
    await open()
    const before = await contents()
    expect(before).toEqual({ brand: 'Dovrel', partNumber: 'D-19', form: 'spin-on', tier: 'middle' })
    await save('Save the product')
    await open()
    expect(await contents()).toEqual(before)
  })

  test('changed, its new name is in the line-up; and back', async () => {
    await open()
    await fill(page, 'Part number', 'D-19/2')
    await press(page, 'radio', 'Top')
    await save('Save the product')
    await sees(page, 'Dovrel D-19/2')
    await visit(page, app.url + lineup)
    await sees(page, 'Dovrel D-19/2')
    await open()
    expect(await contents()).toMatchObject({ partNumber: 'D-19/2', tier: 'top' })
    await fill(page, 'Part number', 'D-19')
    await press(page, 'radio', 'Middle')
    await save('Save the product')
  })

  test('without a number, or with that of another, it is refused beside the field', async () => {
    await open()
    await fill(page, 'Part number', '')
    await press(page, 'button', 'Save the product')
    await sees(page, 'is missing.')
    expect(await besideField('Part number')).toContain('The part number is missing.')
    await fill(page, 'Brand', 'Norrith')
    await isRefusedBeside('Part number', 'N-40', 'Save the product', 'This brand has that part number here already.')
  })

  test('with specimens it stays; without, it goes', async () => {
    await open()
    await press(page, 'button', 'Remove this product')
    await sees(page, 'It has specimens. Remove them first')
    await visit(page, `${app.url}${lineup}/products/new`)
    await fill(page, 'Brand', 'Selk')
    await fill(page, 'Part number', 'S-1')
    await save('Add the product')
    await sees(page, 'Selk S-1')
    await visit(page, `${page.url()}/edit`)
    await save('Remove this product')
    expect(path()).toBe(lineup)
    await goes('Selk S-1')
  })

  test('a revision is added once', async () => {
    await visit(page, app.url + product)
    await fill(page, 'New revision', 'suffix K')
    await press(page, 'button', 'Add')
    await sees(page, 'First · suffix K')
    await fill(page, 'New revision', 'suffix K')
    await press(page, 'button', 'Add')
    await sees(page, 'This revision is there already.')
    await fill(page, 'New revision', '')
    await press(page, 'button', 'Add')
    await sees(page, 'The revision is missing.')
  })
})

describe('a specimen', () => {
  let product: string
  beforeAll(async () => {
    product = await addressOf('Quarrow Q-7', '/')
  })
  const open = async () => {
    await visit(page, app.url + product)
    const edit = await page.$eval('a[href$="/edit"][href^="/specimens/"]', (link) => link.getAttribute('href')!)
    await visit(page, app.url + edit)
  }

  test('saved unchanged is as it was', async () => {
    await open()
    const before = await contents()
    await save('Save the specimen')
    expect(path()).toBe(product)
    await open()
    expect(await contents()).toEqual(before)
  })

  test('changed, it is disclosed as given, with what it would have cost', async () => {
    await open()
    await press(page, 'radio', 'Given')
    await fill(page, 'Given by', 'a viewer')
    await fill(page, 'Price paid for one optional', '1400')
    await fill(page, 'Currency optional', 'JPY')
    await save('Save the specimen')
    await sees(page, 'a viewer')
    await sees(page, '1400 JPY')
    await open()
    expect(await contents()).toMatchObject({
      acquisition: 'given',
      givenBy: 'a viewer',
      price: '1400',
      currency: 'JPY',
    })
  })

  test('given by nobody, or a price that is none, is refused beside its field', async () => {
    await open()
    await fill(page, 'Given by', '')
    await press(page, 'button', 'Save the specimen')
    await sees(page, 'Say who gave it')
    expect(await besideField('Given by')).toContain('a given sample must be disclosed')
    await fill(page, 'Given by', 'a viewer')
    await isRefusedBeside('Price paid for one optional', '14.50', 'Save the specimen', 'JPY')
    await fill(page, 'Currency optional', '')
    await press(page, 'button', 'Save the specimen')
    await sees(page, 'A price needs its currency.')
  })

  test('with readings it stays; without, it goes', async () => {
    await open()
    await press(page, 'button', 'Remove this specimen')
    await sees(page, 'It has readings, and readings are kept.')
    await visit(page, `${app.url}${product}/specimens/new`)
    await fill(page, 'Label of the specimen', 'Z9')
    await save('Put it on the bench')
    await visit(page, `${app.url}${path().replace('/bench/', '/specimens/')}/edit`)
    await save('Remove this specimen')
    expect(path()).toBe(product)
    await goes('Z9')
  })
})

describe('a claim', () => {
  const open = async (wording: string) => {
    await visit(page, `${app.url}${lineup}/claims`)
    const href = await page.$$eval(
      'a[href^="/claims/"]',
      (links, wanted) =>
        links
          .find((link) => link.closest('tr, li, p, div')?.parentElement?.textContent?.includes(wanted))
          ?.getAttribute('href') ?? '',
      wording,
    )
    await visit(page, app.url + href)
  }

  test('saved unchanged is as it was', async () => {
    await open('95 % at 20 µm')
    const before = await contents()
    expect(before.words).not.toBe('')
    const address = path()
    await save('Save the claim')
    expect(path()).toBe(`${lineup}/claims`)
    await visit(page, app.url + address)
    expect(await contents()).toEqual(before)
  })

  test('changed to another kind it asks for what that kind has', async () => {
    const address = path()
    await fill(page, 'Word for word', 'Changes at 10,000 miles or a year')
    await press(page, 'radio', 'Interval')
    await press(page, 'button', 'Save the claim')
    await sees(page, 'Write a distance, months, or both')
    await page.type('input[name="interval"]', '10000 mi or 12 months')
    await save('Save the claim')
    await sees(page, 'Changes at 10,000 miles or a year')
    await visit(page, app.url + address)
    expect(await contents()).toMatchObject({ kind: 'interval', interval: '10000 mi or 12 months' })
  })

  test('a capacity that no filter has, and a claim without words, are refused beside the field', async () => {
    await press(page, 'radio', 'Dirt capacity')
    await isRefusedBeside('Capacity', '4 kg', 'Save the claim', '4 kg cannot be the capacity')
    await fill(page, 'Capacity', '14 g')
    await fill(page, 'Word for word', '')
    await press(page, 'button', 'Save the claim')
    await sees(page, 'The wording is missing.')
  })

  test('removed, it is gone', async () => {
    await save('Remove this claim')
    await sees(page, 'Box claims')
    await goes('Changes at 10,000 miles or a year')
  })
})

describe('instruments', () => {
  const row = () => page.$eval('tbody', (body) => (body as HTMLElement).innerText.replace(/\s+/g, ' '))
  const fillNew = async (name: string, resolution: string, accuracy: string) => {
    await fill(page, 'Name', name)
    await fill(page, 'Resolution', resolution)
    await fill(page, 'Accuracy, ±', accuracy)
  }

  test('one is added in inches, and its form says what was typed', async () => {
    await visit(page, `${app.url}/instruments`)
    await press(page, 'radio', 'Micrometer')
    await fillNew('inch micrometer', '0.0001 in', '0.0002 in')
    await press(page, 'button', 'Add the instrument')
    await byRole(page, 'button', 'Change inch micrometer')
    await press(page, 'button', 'Change inch micrometer')
    await byRole(page, 'button', 'Save the instrument')
    const edit = 'main form:has(input[name="resolution"])'
    const held = () => page.$eval(`${edit} input[name="resolution"]`, (field) => (field as HTMLInputElement).value)
    expect(await held()).toBe('0.0001 in')
    await press(page, 'button', 'Save the instrument')
    await byRole(page, 'button', 'Add the instrument')
    await press(page, 'button', 'Change inch micrometer')
    await byRole(page, 'button', 'Save the instrument')
    expect(await held()).toBe('0.0001 in')
    await press(page, 'button', 'Leave it')
  })

  test('a second of the name, a weight for a caliper and nothing at all are refused beside the field', async () => {
    await press(page, 'radio', 'Caliper')
    await fillNew('inch micrometer', '0.01 mm', '0.03 mm')
    await press(page, 'button', 'Add the instrument')
    await sees(page, 'Another instrument has this name.')
    await fillNew('long caliper', '5 g', '0')
    await press(page, 'button', 'Add the instrument')
    await sees(page, 'g is a weight')
    await sees(page, 'The accuracy must be more than zero.')
    expect(await besideField('Resolution')).toContain('g is a weight')
  })

  test('a check says that it is sound, or by how much it is off', async () => {
    const check = async (known: string, showed: string) => {
      const form = '[aria-label="Check of inch micrometer"]'
      await page.type(`${form} input[name="referenceValue"]`, known)
      await page.type(`${form} input[name="indication"]`, showed)
      await (await page.$(`${form} button[type="submit"]`))!.click()
    }
    await visit(page, `${app.url}/instruments`)
    await check('10 mm', '10 mm')
    await sees(page, 'Sound, checked today')
    await page.waitForFunction(
      () =>
        document.querySelector<HTMLInputElement>('[aria-label^="Check of inch"] input[name="indication"]')?.value ===
        '',
    )
    await check('10 mm', '10.02 mm')
    await sees(page, 'Off by 0.020 mm high')
  })

  test('one that no reading names is removed', async () => {
    await press(page, 'button', 'Remove inch micrometer')
    await goes('inch micrometer')
  })

  test('one with which a reading was taken stays, and says why', async () => {
    await press(page, 'radio', 'Caliper')
    await fillNew('bench caliper', '0.01 mm', '0.03 mm')
    await press(page, 'button', 'Add the instrument')
    await byRole(page, 'button', 'Change bench caliper')
    await visit(page, app.url + '/')
    await visit(page, `${app.url}${await benchOf(page, 'Dovrel D-19')}?at=can.height`)
    const isChosen = () => page.$('button[aria-label="With bench caliper, change"]')
    for (let tries = 0; tries < 4 && !(await isChosen()); tries++) await page.keyboard.press('i')
    expect(await isChosen()).not.toBeNull()
    await page.type('input[aria-labelledby="reading-label"]', '86.5')
    await page.keyboard.press('Enter')
    await byRole(page, 'button', 'Strike Can height 86.5 mm')
    await visit(page, `${app.url}/instruments`)
    await press(page, 'button', 'Remove bench caliper')
    await sees(page, 'Readings were taken with it, so it stays in the list.')
    expect(await row()).toContain('bench caliper')
  })
})

describe('what is removed without a question', () => {
  test('a price', async () => {
    const prices = await addressOf('Dovrel D-19', `${lineup}/money`)
    await visit(page, app.url + prices)
    await fill(page, 'Shop', 'Pier Parts')
    await fill(page, 'Price of a pack', '7.25')
    await press(page, 'button', 'Add the price')
    await sees(page, '7.25 EUR')
    await page.$$eval('tbody tr', (rows) =>
      rows
        .find((one) => one.textContent?.includes('7.25'))
        ?.querySelector('button')
        ?.click(),
    )
    await goes('7.25 EUR')
  })

  test('a driver', async () => {
    await visit(page, `${app.url}/drivers`)
    await press(page, 'button', 'Change Ferry taxi')
    await byRole(page, 'button', 'Save the driver')
    await press(page, 'button', 'Save the driver')
    await byRole(page, 'button', 'Add the driver')
    await press(page, 'button', 'Remove Ferry taxi')
    await page.waitForFunction(() => !document.querySelector('tbody')?.textContent?.includes('Ferry taxi'))
  })

  test('a school of the user’s own', async () => {
    await visit(page, `${app.url}/schools/new?of=thrift`)
    await fill(page, 'Name', 'Pier school')
    await save('Save the school')
    await sees(page, 'Pier school')
    await press(page, 'link', 'Change Pier school')
    await byRole(page, 'button', 'Remove it')
    await save('Remove it')
    await goes('Pier school')
  })
})

test('the units that were chosen are there at the next visit', async () => {
  await visit(page, app.url + lineup)
  await sees(page, 'Units: mm · g')
  await press(page, 'button', 'Units: mm · g')
  await sees(page, 'Units: in · oz')
  await visit(page, `${app.url}/library`)
  await sees(page, 'Units: in · oz')
})
