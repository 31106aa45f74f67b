import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import type { Page } from 'puppeteer-core'
import { benchOf, byRole, goOn, openPage, press, readingIs, sees, startApp, visit, words, type App } from './app.ts'

let app: App
let page: Page
let bench = ''
let lineup = ''

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  bench = await benchOf(page, 'Dovrel D-19')
  lineup = await page.$eval('a[href^="/lineups/"]:not([href$="new"])', (link) => link.getAttribute('href')!)
})
afterAll(() => app.stop())

const at = async (key: string) => {
  await visit(page, `${app.url}${bench}?at=${key}`)
  for (;;) {
    const gate = await page.$eval('#reading-label, section[aria-label^="Before"]', (shown) =>
      shown.getAttribute('aria-label'),
    )
    if (gate === null) return
    await goOn(page, 'test of entries')
    await page.waitForFunction(
      (was) => document.querySelector('section[aria-label^="Before"]')?.getAttribute('aria-label') !== was,
      {},
      gate,
    )
  }
}
const type = async (text: string) => {
  await page.keyboard.type(text)
  await page.keyboard.press('Enter')
}
const typed = () => page.$eval('input[aria-labelledby="reading-label"]', (field) => (field as HTMLInputElement).value)

describe('slips at the bench', () => {
  test.each([
    ['can.wall', 'thick', 'is not a number I can read'],
    ['can.wall', '5 g', 'g is a weight; can wall is a length'],
    ['can.wall', '-0.4', 'cannot be below zero'],
    ['can.wall', '0', 'Zero is no can wall'],
    ['can.wall', '4000', 'cannot be a can wall'],
    ['can.wall', '20 mil', 'Is this 20 thou or 20 millimetres?'],
    ['plate.inlets', '0 x 5.8', 'has zero holes'],
    ['pleats.count', '52.5', 'is a whole number'],
    ['thread.designation', 'M20', 'M20 needs its pitch'],
    ['box.datecode', 'y'.repeat(450), 'That is 450 characters; 400 fit here'],
  ])('%s "%s": a message, and what was typed is still there', async (key, text, message) => {
    await at(key)
    await type(text)
    await sees(page, message)
    expect(await typed()).toBe(text)
  })

  test('0.49 while inches are set: millimetres are offered and taken with one key', async () => {
    await at('can.wall')
    await press(page, 'button', 'Unit in')
    await type('0.49')
    await sees(page, 'Did you read 0.49 mm?')
    await page.keyboard.press('Enter')
    await byRole(page, 'button', 'Strike Can wall 0.49 mm')
    await visit(page, `${app.url}${bench.replace('/bench/', '/specimens/')}/values/can.wall`)
    await sees(page, '0.49 mm 0.49 mm')
  })

  test("an unusual value is kept on the user's word", async () => {
    await at('pleats.count')
    await type('170')
    await sees(page, '170 pleats is unusual')
    await press(page, 'button', 'Keep 170')
    await byRole(page, 'button', 'Strike Pleat count 170')
  })

  test('more buried than there is width: the figure says so and gives no number', async () => {
    await at('media.length')
    await type('1200 mm')
    await readingIs(page, 'How the width is measured')
    await page.keyboard.press('1')
    await readingIs(page, 'Media width')
    await type('13 mm')
    await press(page, 'button', 'Keep 13 mm')
    await readingIs(page, 'Width buried in glue')
    await type('14 mm')
    await sees(page, 'is not less than media width')
    await press(page, 'button', 'Keep 14 mm')
    await sees(page, 'Media area: More of the width is buried than there is width')
  })

  test('a note of 10,000 characters is refused beside the field and nothing is lost', async () => {
    await at('can.wall')
    await page.$eval('textarea', (area) => {
      const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!
      set.call(area, 'n'.repeat(10_000))
      area.dispatchEvent(new Event('input', { bubbles: true }))
    })
    await sees(page, 'That note has 10000 characters; 2000 fit')
    expect(await page.$eval('textarea', (area) => area.value.length)).toBe(10_000)
  })
})

describe('requests that no form would send', () => {
  const post = (path: string, fields: Record<string, string> | string, type = 'application/x-www-form-urlencoded') =>
    fetch(app.url + path, {
      method: 'POST',
      redirect: 'manual',
      headers: { 'Content-Type': type, Origin: app.url },
      body: typeof fields === 'string' ? fields : new URLSearchParams(fields).toString(),
    })

  test.each([
    '/lineups/nothing',
    '/lineups/nothing/edit',
    '/lineups/nothing/lineup.csv',
    '/products/nothing',
    '/products/nothing/specimens/new',
    '/bench/nothing',
    '/specimens/nothing/score',
    '/specimens/nothing/values/can.wall',
    '/specimens/nothing/drawing.svg',
    '/specimens/nothing/log',
    '/photos/nothing',
    '/lineups/nothing/claims',
    '/lineups/nothing/money',
    '/lineups/nothing/face-off',
    '/lineups/nothing/verdict',
    '/products/nothing/prices',
    '/products/nothing/claims/new',
    '/claims/nothing',
    '/schools/nothing',
    '/schools/new?of=nothing',
    '/no/such/page',
  ])('%s is not found, in words', async (path) => {
    const response = await fetch(app.url + path)
    expect(response.status).toBe(404)
  })

  test('an unknown figure of a known specimen is not found', async () => {
    const specimen = bench.replace('/bench/', '/specimens/')
    expect((await fetch(`${app.url}${specimen}/values/nothing`)).status).toBe(404)
    expect((await fetch(`${app.url}${specimen}/values/__proto__`)).status).toBe(404)
    expect((await fetch(`${app.url}${specimen}/values/oring.section`)).status).toBe(404)
  })

  test.each([
    ['an empty post', {}],
    ['an unknown intent', { intent: 'burn' }],
    [
      'an unknown characteristic',
      { intent: 'take', id: 'aaaaaaaaaaaa', characteristic: 'can.colour', typed: '1', evidence: 'measured' },
    ],
    [
      'a characteristic of the other form',
      { intent: 'take', id: 'aaaaaaaaaaab', characteristic: 'oring.section', typed: '2.6', evidence: 'measured' },
    ],
    [
      'an unknown unit',
      {
        intent: 'take',
        id: 'aaaaaaaaaaac',
        characteristic: 'can.wall',
        typed: '0.49',
        unit: 'cubit',
        evidence: 'cheese',
      },
    ],
    [
      'a unit of another kind',
      {
        intent: 'take',
        id: 'aaaaaaaaaaad',
        characteristic: 'can.wall',
        typed: '0.49',
        unit: 'g',
        evidence: 'measured',
      },
    ],
    ['a note on no part', { intent: 'note', id: 'aaaaaaaaaaae', part: 'engine', text: 'x' }],
    ['a note of 10,000 characters', { intent: 'note', id: 'aaaaaaaaaaaf', part: 'can', text: 'x'.repeat(10_000) }],
    ['a strike of nothing', { intent: 'strike', id: 'aaaaaaaaaaag' }],
    ['a passage with no reason', { intent: 'pass', id: 'aaaaaaaaaaah', point: 'unfold', reason: ' ' }],
    ['a passage of no point', { intent: 'pass', id: 'aaaaaaaaaaai', point: 'lunch', reason: 'hungry' }],
  ])('%s is refused and nothing is kept', async (_, fields) => {
    const before = await (await fetch(`${app.url}${bench.replace('/bench/', '/specimens/')}/values/can.wall`)).text()
    const response = await post(`${bench}.data`, fields)
    expect(response.status).toBeGreaterThanOrEqual(400)
    expect(response.status).toBeLessThan(500)
    const after = await (await fetch(`${app.url}${bench.replace('/bench/', '/specimens/')}/values/can.wall`)).text()
    expect(after.match(/As typed[\s\S]*<\/table>/)?.[0]).toBe(before.match(/As typed[\s\S]*<\/table>/)?.[0])
  })

  test.each(['/lineups/new', `/bench/x`, '/preferences', '/library'])(
    'a body that is no form is refused at %s',
    async (path) => {
      for (const [body, kind] of [
        ['{"a":', 'application/json'],
        ['--x\r\nbroken', 'multipart/form-data; boundary=x'],
        ['', 'text/plain'],
      ] as const) {
        const { status } = await post(path, body, kind)
        expect(status, `${path} ${kind}`).toBeLessThan(500)
      }
    },
  )

  test.each([
    [
      'a decision on a claim that is not there',
      (on: string) => `${on}/claims`,
      { product: 'aaaaaaaaaaaa', kind: 'interval', claim: 'bbbbbbbbbbbb', reason: 'so' },
    ],
    [
      'a decision on no kind of claim',
      (on: string) => `${on}/claims`,
      { product: 'aaaaaaaaaaaa', kind: 'taste', claim: 'bbbbbbbbbbbb', reason: 'so' },
    ],
    [
      'a verdict by no school',
      (on: string) => `${on}/verdict`,
      {
        intent: 'publish',
        id: 'aaaaaaaaaaaa',
        school: 'nobody',
        driver: '',
        words: '',
        overrule: '',
        overruleReason: '',
      },
    ],
    [
      'a verdict that puts a stranger first',
      (on: string) => `${on}/verdict`,
      {
        intent: 'save',
        id: 'aaaaaaaaaaaa',
        school: 'build',
        driver: '',
        words: '',
        overrule: 'zzzzzzzzzzzz',
        overruleReason: 'so',
      },
    ],
    [
      'words of 10,000 characters',
      (on: string) => `${on}/verdict`,
      {
        intent: 'save',
        id: 'aaaaaaaaaaaa',
        school: 'build',
        driver: '',
        words: 'x'.repeat(10_000),
        overrule: '',
        overruleReason: '',
      },
    ],
    [
      'a school whose weights name nothing there is',
      () => '/schools/new',
      { id: 'aaaaaaaaaaaa', name: 'Mine', says: 'So. There.', weights: '{"luck":9}', rules: '{}' },
    ],
    [
      'a school with points over ten',
      () => '/schools/new',
      {
        id: 'aaaaaaaaaaaa',
        name: 'Mine',
        says: 'So. There.',
        weights: '{}',
        rules: '{"spring":{"kind":"answers","points":{"coil":99}}}',
      },
    ],
    [
      'a school named as one that ships',
      () => '/schools/new',
      { id: 'aaaaaaaaaaaa', name: 'thrift', says: 'So. There.', weights: '{}', rules: '{}' },
    ],
    ['a method of no JSON', () => '/method/edit', { note: 'x', weights: 'heavy', rules: '{}' }],
  ])('%s is refused', async (_, path, fields) => {
    const { status } = await post(`${path(lineup)}.data`, fields as Record<string, string>)
    expect(status).toBeGreaterThanOrEqual(400)
    expect(status).toBeLessThan(500)
  })

  test('a broken price, rate, driver, instrument or picture is refused in words, never by a fault', async () => {
    const product = /\/products\/\w+/.exec(await (await fetch(`${app.url}${lineup}`)).text())![0]
    for (const path of [
      `${product}/prices`,
      `${lineup}/money`,
      '/drivers',
      '/instruments',
      `${product}/claims/new`,
      `${bench.replace('/bench/', '/specimens/')}/photos`,
      `${bench.replace('/bench/', '/specimens/')}/log`,
    ]) {
      for (const fields of [
        {},
        { minor: '-5', shop: 'x'.repeat(5000), on: 'never' },
        { intent: 'remove', id: "' or 1=1" },
      ] as Record<string, string>[]) {
        const { status } = await post(`${path}.data`, fields)
        expect(status, `${path} ${JSON.stringify(fields).slice(0, 40)}`).toBeLessThan(500)
      }
    }
  })

  test('odd questions in an address are answered as if they were not asked', async () => {
    for (const query of [
      'money?driver=x&buy=-3&currency=EURO',
      'claims?size=lots&a=x&b=x',
      'claims?size=-5',
      'claims?size=0',
      'face-off?a=x&b=x&school=x',
      'verdict?school=%00&driver=x',
      '?hide=x&pin=x&columns=,,&sort=__proto__',
    ]) {
      expect((await fetch(`${app.url}${lineup}/${query}`)).status, query).toBe(200)
    }
  })

  test('the same reading posted twice is one reading', async () => {
    const fields = {
      intent: 'take',
      id: 'twice0000001',
      characteristic: 'plate.weight',
      typed: '130 g',
      evidence: 'measured',
    }
    expect((await post(`${bench}.data`, fields)).status).toBe(200)
    expect((await post(`${bench}.data`, fields)).status).toBe(200)
    await visit(page, `${app.url}${bench.replace('/bench/', '/specimens/')}/values/plate.weight`)
    await sees(page, 'from 1 reading')
  })

  test("two windows on one specimen: both readings are kept, and each sees the other's after its own", async () => {
    const other = await openPage(app, `${bench}?at=gasket.weight`)
    await page.bringToFront()
    await at('element.height')
    await type('66.1')
    await readingIs(page, 'Element weight')
    await other.bringToFront()
    await other.keyboard.type('3.3')
    await other.keyboard.press('Enter')
    await byRole(other, 'button', 'Strike Element height 66.1 mm')
    await byRole(other, 'button', 'Strike Gasket weight 3.3 g')
    await other.close()
    await page.bringToFront()
  })

  test('a script in a brand name is a name', async () => {
    await visit(page, `${app.url}/library`)
    await page.type('input[name="name"]', '<script>document.title="owned"</script>')
    await press(page, 'button', 'Add the brand')
    await sees(page, '<script>document.title="owned"</script> (0)')
    expect(await page.title()).toBe('Library · Plicator')
  })

  test('the CSV has the line-up in it', async () => {
    const response = await fetch(`${app.url}${lineup}/lineup.csv`)
    expect(response.headers.get('content-type')).toContain('text/csv')
    const csv = await response.text()
    expect(csv.split('\r\n')[0]).toContain('Norrith N-40')
    expect(csv).toMatch(/Can,Can wall,mm,0\.\d\d/)
  })

  test('an address with broken escapes is no fault of the server', async () => {
    expect((await fetch(`${app.url}/lineups/%E0%A4%A`)).status).toBeLessThan(500)
    expect(await words(page)).not.toContain('Something broke')
  })
})
