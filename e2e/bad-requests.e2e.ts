import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import type { Page } from 'puppeteer-core'
import { benchOf, openPage, press, sees, startApp, visit, words, type App } from './app.ts'

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
    if (response.headers.get('content-type')?.startsWith('text/html'))
      expect(await response.text()).toMatch(
        /Not here.*is not here\. It may have been removed, or the address is wrong\./,
      )
  })

  test('a head is answered without its page', async () => {
    const response = await fetch(app.url + lineup, { method: 'HEAD' })
    expect([response.status, response.headers.get('content-type')]).toEqual([200, 'text/html; charset=utf-8'])
    expect(await response.text()).toBe('')
  })

  test('an unknown figure of a known specimen is not found', async () => {
    const specimen = bench.replace('/bench/', '/specimens/')
    expect((await fetch(`${app.url}${specimen}/values/nothing`)).status).toBe(404)
    expect((await fetch(`${app.url}${specimen}/values/__proto__`)).status).toBe(404)
    expect((await fetch(`${app.url}${specimen}/values/oring.section`)).status).toBe(404)
  })

  /** What is refused, as the page is told. */
  const refusal = async (path: string, fields: Record<string, string>): Promise<string> => {
    const response = await post(path.endsWith('/acts') ? path : path.replace(/(\?.*)?$/, '.data$1'), fields)
    expect(response.status, path).toBe(422)
    return response.text()
  }
  const take = { intent: 'take', characteristic: 'can.wall', typed: '0.49', evidence: 'measured' }

  test.each([
    ['an empty post', {}, 'This page is out of date'],
    ['an unknown intent', { intent: 'burn' }, 'This page is out of date'],
    [
      'an unknown characteristic',
      { ...take, id: 'aaaaaaaaaaaa', characteristic: 'can.paint' },
      'A spin-on filter has no \\"can.paint\\"',
    ],
    [
      'a characteristic of the other form',
      { ...take, id: 'aaaaaaaaaaab', characteristic: 'oring.section' },
      'A spin-on filter has no \\"oring.section\\"',
    ],
    [
      'an unknown unit',
      { ...take, id: 'aaaaaaaaaaac', unit: 'cubit' },
      'Can wall is not read in cubit, but in mm, in, thou',
    ],
    ['a unit of another kind', { ...take, id: 'aaaaaaaaaaad', unit: 'g' }, 'Can wall is not read in g, but in mm'],
    ['a made-up evidence', { ...take, id: 'aaaaaaaaaaaj', evidence: 'cheese' }, 'Choose how you know it.'],
    ['an instrument that is gone', { ...take, id: 'aaaaaaaaaaak', instrument: 'nobody' }, 'not in the list any more'],
    ['a note on no part', { intent: 'note', id: 'aaaaaaaaaaae', part: 'engine', text: 'x' }, 'Choose a part'],
    [
      'a note of 10,000 characters',
      { intent: 'note', id: 'aaaaaaaaaaaf', part: 'can', text: 'x'.repeat(10_000) },
      'That note has 10000 characters; 2000 fit.',
    ],
    ['a strike of nothing', { intent: 'strike', id: 'aaaaaaaaaaag' }, 'This reading is not here.'],
    [
      'an irreversible step with no reason',
      { intent: 'pass', id: 'aaaaaaaaaaah', point: 'unfold', reason: ' ' },
      'The reason why you go on',
    ],
    [
      'an irreversible step that there is none of',
      { intent: 'pass', id: 'aaaaaaaaaaai', point: 'lunch', reason: 'hungry' },
      'There is no such point.',
    ],
  ])('%s is refused in words and nothing is kept', async (_, fields, message) => {
    const before = await exported()
    expect(before).toContain('D-19')
    expect(await refusal(`${bench}/acts`, fields as Record<string, string>)).toContain(message)
    expect(await exported()).toBe(before)
  })

  const exported = async (): Promise<string> => (await fetch(`${app.url}${lineup}/readings.csv`)).text()

  test.each([
    ['/lineups/new', 422],
    ['/bench/x/acts', 422],
    ['/library', 422],
    ['/preferences', 200],
  ])(
    'a body that is no form is the sender’s fault at %s; an empty one is a form with nothing in it',
    async (path, empty) => {
      for (const [body, kind] of [
        ['{"a":', 'application/json'],
        ['--x\r\nbroken', 'multipart/form-data; boundary=x'],
        ['', 'text/plain'],
      ] as const) {
        const { status } = await post(path, body, kind)
        expect([400, 404], `${path} ${kind}`).toContain(status)
      }
      expect((await post(path, {})).status).toBe(empty)
    },
  )

  const decision = { productId: 'aaaaaaaaaaaa', kind: 'interval', claimId: 'bbbbbbbbbbbb', reason: 'so' }
  const verdict = {
    intent: 'save',
    id: 'aaaaaaaaaaaa',
    version: '0',
    schoolId: 'build',
    driverId: '',
    words: '',
    overruleColumn: '',
    overruleReason: '',
  }
  const school = { id: 'aaaaaaaaaaaa', name: 'Mine', description: 'So. There.', weights: '{}', valueFunctions: '{}' }
  const overTen = '{"spring":{"kind":"answers","points":{"coil":99}}}'

  test.each([
    ['a decision on a claim that is not there', '/claims', decision, 'That claim is not there any more.'],
    ['a decision on no kind of claim', '/claims', { ...decision, kind: 'taste' }, 'There is no such claim.'],
    [
      'a verdict by no school',
      '/verdict',
      { ...verdict, intent: 'publish', version: '0', schoolId: 'nobody' },
      'school',
    ],
    [
      'a verdict that puts a stranger first',
      '/verdict',
      { ...verdict, overruleColumn: 'zzzzzzzzzzzz', overruleReason: 'so' },
      'line-up',
    ],
    [
      'words of 10,000 characters',
      '/verdict',
      { ...verdict, words: 'x'.repeat(10_000) },
      'The words are too long: at most 4000 characters.',
    ],
    [
      'a school whose weights name nothing there is',
      '/schools/new',
      { ...school, weights: '{"luck":9}' },
      'The page is out of date.',
    ],
    [
      'a school with points over ten',
      '/schools/new',
      { ...school, valueFunctions: overTen },
      'The page is out of date.',
    ],
    [
      'a school named as one that ships',
      '/schools/new',
      { ...school, name: 'thrift' },
      'Another school has this name.',
    ],
    [
      'a method of no JSON',
      '/method/edit',
      { note: 'x', weights: 'heavy', valueFunctions: '{}' },
      'The page is out of date.',
    ],
  ])('%s is refused in words', async (_, path, fields, message) => {
    const of = path === '/claims' || path === '/verdict' ? lineup : ''
    expect(await refusal(of + path, fields)).toContain(message)
  })

  test('a broken price, rate, driver, instrument, claim or picture is refused in words', async () => {
    const product = /\/products\/[0-9a-z]{12}/.exec(await (await fetch(`${app.url}${lineup}`)).text())![0]
    const specimen = bench.replace('/bench/', '/specimens/')
    const broken = { amount: '-5', shop: 'x'.repeat(5000), observedOn: 'never' }
    expect(await refusal(`${product}/prices`, {})).toContain('The shop is missing.')
    expect(await refusal(`${product}/prices`, broken)).toContain('The price cannot be below zero.')
    expect(await refusal(`${product}/claims/new`, broken)).toContain('The wording is missing.')
    expect(await refusal(`${lineup}/money`, {})).toContain('Write the rate.')
    expect(await refusal('/drivers', broken)).toContain('The name is missing.')
    expect(await refusal('/instruments', broken)).toContain('The name is missing.')
    expect(await refusal('/instruments', { intent: 'remove', id: "' or 1=1" })).toContain('This page is out of date.')
    expect(await refusal(`${specimen}/photos`, broken)).toContain('Choose a part for the picture.')
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
    expect((await post(`${bench}/acts`, fields)).status).toBe(200)
    expect((await post(`${bench}/acts`, fields)).status).toBe(200)
    await visit(page, `${app.url}${bench.replace('/bench/', '/specimens/')}/values/plate.weight`)
    await sees(page, 'from 1 reading')
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
    expect((await fetch(`${app.url}/lineups/%E0%A4%A`)).status).toBe(400)
    await visit(page, `${app.url}/library`)
    expect(await words(page)).not.toContain('Something broke')
  })
})
