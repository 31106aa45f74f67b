import { readFileSync } from 'node:fs'
import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { fill, openPage, press, sees, startApp, visit, words, type App } from './app.ts'
import { submit } from './forms.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: false })
  page = await openPage(app, '/')
})
afterAll(() => app.stop())

const { reviews } = JSON.parse(readFileSync(new URL('../simulation/review-shapes.json', import.meta.url), 'utf8')) as {
  reviews: { form: string; products: string[][] }[]
}

/** Made-up values, best first, as they are said, for what the two reviews recorded. */
const said: Record<string, readonly string[]> = {
  'glue.grade': ['glue bead 4', 'glue bead 3', 'glue bead 1'],
  'glue.flood': [
    'glue where it should not be no',
    'glue where it should not be a little',
    'glue where it should not be yes',
  ],
  'adbv.colour': ['valve colour through the holes orange', 'valve colour through the holes black'],
  'adbv.material': ['drain-back valve silicone', 'drain-back valve nitrile', 'drain-back valve nitrile'],
  'bypass.place': ['bypass thread end', 'bypass dome end', 'bypass dome end'],
  'bypass.screen': ['screen over the bypass screen'],
  'spring.type': ['spring coil', 'spring leaf', 'spring leaf'],
  'pleats.spacing': ['pleat spacing 4', 'pleat spacing 3', 'pleat spacing 1'],
  'inside.centred': ['element sits centred', 'element sits centred', 'element sits off'],
  'element.seam': ['seam of the pack crimp over glue', 'seam of the pack glued'],
  'box.seal': ['cover over the filter shrink film', 'cover over the filter nothing'],
  'media.length': ['media length 41 in', 'media length 27 in'],
  'media.how': ['how the width is measured strip', 'how the width is measured strip'],
  'media.width': ['media width 5 in', 'media width 4.9 in'],
  'caps.hold': ['end cap comes away no', 'end cap comes away no'],
  'caps.material': ['end caps fibre', 'end caps moulded'],
  'media.type': ['media type synthetic', 'media type cellulose'],
  'media.backing': ['mesh behind the media wire mesh', 'mesh behind the media none'],
}

const names = [
  ['Aldwick', 'A-1'],
  ['Brinmoor', 'B-2'],
  ['Coldfell', 'C-3'],
] as const

/** Types what a review recorded, product by product, into the line of each; returns the address of the line-up. */
async function redo(engine: string, { form, products }: (typeof reviews)[number]): Promise<string> {
  await visit(page, `${app.url}/lineups/new`)
  await fill(page, 'Name of the engine', engine)
  if (form === 'cartridge') await press(page, 'radio', 'Cartridge')
  await submit(page, 'Add the engine')
  const lineup = page.url()
  for (const [at, keys] of products.entries()) {
    const [brand = '', partNumber = ''] = names[at] ?? []
    await visit(page, lineup)
    await press(page, 'link', 'Add a product')
    await fill(page, 'Brand', brand)
    await fill(page, 'Part number', partNumber)
    await page.keyboard.press('Enter')
    await sees(page, 'What you found, in a line')
    await page.locator('#product-line').click()
    await page.keyboard.type(keys.map((key) => said[key]?.[at] ?? key).join(' · '))
    await sees(page, `Keep ${keys.length} readings`)
    await press(page, 'button', `Keep ${keys.length} readings`)
    await sees(page, `${keys.length} readings kept.`)
  }
  return lineup
}

describe.each([
  ['Tarn 1.4', 10],
  ['Fenwater 2.0', 4],
] as const)('a review made again, %s', (engine, shape) => {
  const review = reviews[shape]!
  let lineup: string

  test('all that was recorded is taken as it is said', async () => {
    lineup = await redo(engine, review)
    expect(new URL(lineup).pathname).toMatch(/^\/lineups\/\w+$/)
  })

  test('each product has a word of its own, with how sure that is', async () => {
    await visit(page, `${lineup}/verdict?tab=words`)
    await sees(page, 'Each in a word')
    const all = await words(page)
    for (const [at] of review.products.entries())
      expect(all).toMatch(
        new RegExp(
          `${names[at]!.join(' ')}.*?(Never|In a pinch|Sound at the manual.s interval|What I would run) ` +
            '\\(\\d+ % sure\\)',
        ),
      )
  })

  test('there is a sheet for the counter', async () => {
    const address = await page.$$eval('a', (all) => all.find(({ href }) => href.includes('/counter/'))?.href ?? '')
    await visit(page, address)
    await sees(page, `${names[0].join(' ')}: check at the counter`)
  })
})
