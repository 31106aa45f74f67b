import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { fill, lineupOf, openPage, press, sees, startApp, visit, type App } from './app.ts'
import { addressOf, besideField, contentsOf, goes, isRefused, pathOf, submit, unfoldMore } from './forms.ts'

let app: App
let page: Page
let lineup: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
})
afterAll(() => app.stop())

describe('a line-up', () => {
  const open = () => visit(page, `${app.url}${lineup}/edit`)

  test('saved unchanged is as it was, digit by digit', async () => {
    await open()
    const before = await contentsOf(page)
    expect(before.name).toBe('Skerry 1.1 D')
    await submit(page, 'Save the engine')
    await open()
    expect(await contentsOf(page)).toEqual(before)
  })

  test('changed, it says so on its page and in its form, as it was typed', async () => {
    await open()
    await fill(page, 'Bypass opens at optional', '15 psi')
    await unfoldMore(page)
    await fill(page, 'Hottest oil in hard use optional', '275 °F')
    await fill(page, "Engine manual's interval, normal duty optional", '9000 mi or 12 months')
    await submit(page, 'Save the engine')
    await open()
    expect(await contentsOf(page)).toMatchObject({
      bypassOpening: '15 psi',
      oilTemperatureMax: '275 °F',
      normalInterval: '9000 mi or 12 months',
    })
    await submit(page, 'Save the engine')
    await open()
    expect((await contentsOf(page)).bypassOpening).toBe('15 psi')
  })

  test('what cannot be is refused beside its field, and nothing is lost', async () => {
    await open()
    await isRefused(page, {
      field: 'Name of the engine',
      typed: '  ',
      button: 'Save the engine',
      message: 'The name is missing.',
    })
    await open()
    await isRefused(page, {
      field: 'Bypass opens at optional',
      typed: '15 cubit',
      button: 'Save the engine',
      message: 'cubit',
    })
    await isRefused(page, {
      field: 'Bypass opens at optional',
      typed: '40 bar',
      button: 'Save the engine',
      message: 'it lies between 0.20 bar and 6.00 bar',
    })
    await isRefused(page, {
      field: 'Thread of the engine optional',
      typed: 'M20',
      button: 'Save the engine',
      message: 'M20 needs its pitch',
    })
    await open()
    expect((await contentsOf(page)).bypassOpening).toBe('15 psi')
  })

  test('a name that another has is refused', async () => {
    await open()
    await isRefused(page, {
      field: 'Name of the engine',
      typed: 'Brae 16P',
      button: 'Save the engine',
      message: 'There is an engine of this',
    })
  })

  test('with products it stays; without, it goes', async () => {
    await open()
    await press(page, 'button', 'Remove this engine')
    await sees(page, 'It has products. Remove them first')
    await visit(page, `${app.url}/lineups/new`)
    await fill(page, 'Name of the engine', 'Short-lived 0.9')
    await submit(page, 'Add the engine')
    await sees(page, 'Short-lived 0.9')
    await visit(page, `${page.url()}/edit`)
    await submit(page, 'Remove this engine')
    expect(pathOf(page)).toBe('/')
    await goes(page, 'Short-lived 0.9')
  })
})

describe('a product', () => {
  let product: string
  beforeAll(async () => {
    product = await addressOf(page, 'Dovrel D-19', app.url)
  })
  const open = () => visit(page, `${app.url}${product}/edit`)

  test('saved unchanged is as it was', async () => {
    await open()
    const before = await contentsOf(page)
    expect(before).toEqual({ brand: 'Dovrel', partNumber: 'D-19', form: 'spin-on', tier: 'middle', nickname: '' })
    await submit(page, 'Save the product')
    await open()
    expect(await contentsOf(page)).toEqual(before)
  })

  test('changed, its new name is in the line-up; and back', async () => {
    await open()
    await fill(page, 'Part number', 'D-19/2')
    await press(page, 'radio', 'Top')
    await submit(page, 'Save the product')
    await sees(page, 'Dovrel D-19/2')
    await visit(page, app.url + lineup)
    await sees(page, 'Dovrel D-19/2')
    await open()
    expect(await contentsOf(page)).toMatchObject({ partNumber: 'D-19/2', tier: 'top' })
    await fill(page, 'Part number', 'D-19')
    await press(page, 'radio', 'Middle')
    await submit(page, 'Save the product')
  })

  test('without a number, or with that of another, it is refused beside the field', async () => {
    await open()
    await fill(page, 'Part number', '')
    await press(page, 'button', 'Save the product')
    await sees(page, 'is missing.')
    expect(await besideField(page, 'Part number')).toContain('The part number is missing.')
    await fill(page, 'Brand', 'Norrith')
    await isRefused(page, {
      field: 'Part number',
      typed: 'N-40',
      button: 'Save the product',
      message: 'This brand has that part number here already, or another product has the short name.',
    })
  })

  test('with specimens it stays; without, it goes', async () => {
    await open()
    await press(page, 'button', 'Remove this product')
    await sees(page, 'It has specimens. Remove them first')
    await visit(page, `${app.url}${lineup}/products/new`)
    await fill(page, 'Brand', 'Selk')
    await fill(page, 'Part number', 'S-1')
    await submit(page, 'Add the product')
    await sees(page, 'Selk S-1')
    await visit(page, `${page.url()}/edit`)
    await submit(page, 'Remove this product')
    expect(pathOf(page)).toBe(lineup)
    await goes(page, 'Selk S-1')
  })

  test('a revision is added once', async () => {
    await visit(page, app.url + product)
    await fill(page, 'New revision', 'suffix K')
    await press(page, 'button', 'Add')
    await sees(page, 'suffix K')
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
    product = await addressOf(page, 'Quarrow Q-7', app.url)
  })
  const open = async () => {
    await visit(page, app.url + product)
    const edit = await page.$eval('a[href$="/edit"][href^="/specimens/"]', (link) => link.getAttribute('href')!)
    await visit(page, app.url + edit)
  }

  test('saved unchanged is as it was', async () => {
    await open()
    const before = await contentsOf(page)
    await submit(page, 'Save the specimen')
    expect(pathOf(page)).toBe(product)
    await open()
    expect(await contentsOf(page)).toEqual(before)
  })

  test('changed, it is disclosed as given, with what it would have cost', async () => {
    await open()
    await press(page, 'radio', 'Given')
    await fill(page, 'Given by', 'a viewer')
    await fill(page, 'Price paid for one optional', '1400')
    await fill(page, 'Currency optional', 'JPY')
    await submit(page, 'Save the specimen')
    await sees(page, 'a viewer')
    await sees(page, '1400 JPY')
    await open()
    expect(await contentsOf(page)).toMatchObject({
      acquisition: 'given',
      givenBy: 'a viewer',
      price: '1400',
      currency: 'JPY',
    })
  })

  test('one on loan is disclosed as such, and goes back to a given one', async () => {
    await open()
    await press(page, 'radio', 'On loan')
    await fill(page, 'Lent by', 'a viewer')
    await submit(page, 'Save the specimen')
    await sees(page, 'On loan from a viewer')
    await open()
    expect(await contentsOf(page)).toMatchObject({ acquisition: 'lent', givenBy: 'a viewer' })
    await press(page, 'radio', 'Given')
    await submit(page, 'Save the specimen')
    await sees(page, 'Given by a viewer')
  })

  test('given by nobody, or a price that is none, is refused beside its field', async () => {
    await open()
    await fill(page, 'Given by', '')
    await press(page, 'button', 'Save the specimen')
    await sees(page, 'Say who gave it')
    expect(await besideField(page, 'Given by')).toContain('such a sample must be disclosed')
    await fill(page, 'Given by', 'a viewer')
    await isRefused(page, {
      field: 'Price paid for one optional',
      typed: '14.50',
      button: 'Save the specimen',
      message: 'JPY',
    })
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
    await submit(page, 'Put it on the bench')
    await visit(page, `${app.url}${pathOf(page).replace('/bench/', '/specimens/')}/edit`)
    await submit(page, 'Remove this specimen')
    expect(pathOf(page)).toBe(product)
    await goes(page, 'Z9')
  })
})
