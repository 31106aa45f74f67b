import { beforeAll, describe, expect, test, vi } from 'vitest'
import { newReading, demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { findApplication, listApplications, type Application } from './applications.server.ts'
import { claimOverview } from './claim-overview.server.ts'
import {
  saveDecision,
  findClaim,
  listClaims,
  removeClaim,
  addClaim,
  changeClaim,
  removeDecision,
} from './claims.server.ts'
import { listDrivers, removeDriver, addDriver } from './drivers.server.ts'
import { newId } from './id.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { moneyOverview } from './money.server.ts'
import { addPrice, addRate, listPricesOf, removePrice } from './prices.server.ts'
import { listProducts } from './products.server.ts'
import { addReading } from './readings.server.ts'
import { addMethod, currentMethod, listSchools, removeSchool, addSchool } from './schools.server.ts'
import { listSpecimens } from './specimens.server.ts'
import { listVerdicts, saveVerdict, withdrawVerdict } from './verdicts.server.ts'

demoDatabase()
let launch: Application
const today = '2026-11-01'
const idOf = async (partNumber: string) =>
  (await listProducts(launch.id)).find((product) => product.partNumber === partNumber)!.id

beforeAll(async () => {
  launch = (await findApplication((await listApplications())[0]!.id))!
})

describe('claims', () => {
  test('the demo has a contradiction, a slogan, and two leaders that cannot be compared', async () => {
    const { products, capacities } = await claimOverview(launch.id)
    expect(products.flatMap(({ contradictions }) => contradictions.map(({ kind }) => kind)).sort()).toEqual([
      'efficiency',
      'interval',
    ])
    expect(products.some(({ all }) => all.some(({ kind }) => kind === 'slogan'))).toBe(true)
    expect(capacities.filter(({ standsOut }) => standsOut)).toHaveLength(1)
  })

  test('claims that were made in the same moment stand in the order in which they were made', async () => {
    const product = await idOf('MB-1120')
    const model = (await listClaims(launch.id))[0]!
    const made = Array.from({ length: 12 }, (_, turn) => ({
      ...model,
      id: newId(),
      productId: product,
      kind: 'slogan' as const,
      words: `slogan ${turn}`,
    }))
    vi.useFakeTimers({ toFake: ['Date'], now: Date.parse('2026-11-01T10:00:00.000Z') })
    for (const claim of made) await addClaim(claim)
    vi.useRealTimers()
    const listed = (await listClaims(launch.id)).filter(({ words }) => words.startsWith('slogan '))
    expect(listed.map(({ words }) => words)).toEqual(made.map(({ words }) => words))
    for (const { id } of made) await removeClaim(id)
  })

  test('a decision is kept until it is taken back; a claim that goes takes it along', async () => {
    const product = await idOf('MB-1120')
    const higher = (await listClaims(launch.id)).find(
      (claim) => claim.productId === product && claim.words.startsWith('95'),
    )!
    const uses = async () =>
      (await claimOverview(launch.id)).products
        .find(({ id }) => id === product)!
        .contradictions.find(({ kind }) => kind === 'efficiency')!
    expect((await uses()).uses.id).not.toBe(higher.id)
    await saveDecision({ productId: product, kind: 'efficiency', claimId: higher.id, reason: 'asked again' })
    expect(await uses()).toMatchObject({ uses: { id: higher.id }, decided: { reason: 'asked again' } })
    await removeDecision(product, 'efficiency')
    expect((await uses()).decided).toBeUndefined()
    const own = { ...higher, id: newId(), words: 'once more' }
    await addClaim(own)
    expect(await addClaim({ ...own, words: 'taken over' })).toBe('id-in-use')
    expect(await changeClaim({ ...own, words: 'changed' }, 1)).toBe('saved')
    expect(await changeClaim({ ...own, words: 'later' }, 1)).toBe('stale')
    expect((await findClaim(own.id))!.words).toBe('changed')
    await removeClaim(own.id)
    expect(await findClaim(own.id)).toBeUndefined()
  })
})

describe('money', () => {
  test('nothing is converted without a rate, and then at the rate that was given', async () => {
    const product = await idOf('D-19')
    const price = {
      id: newId(),
      productId: product,
      shop: 'Overseas',
      currency: 'USD',
      amountMinor: 500,
      packSize: 1,
      subscription: 0,
      freight: { order: 0, pack: 0, least: 0, freeFrom: null },
      extras: '',
      extrasMinor: 0,
      observedOn: '2026-10-20',
    }
    await addPrice(price)
    await addPrice(price)
    expect(await listPricesOf(product)).toHaveLength(1)
    const row = async () =>
      (await moneyOverview(launch, undefined, 1, undefined, today)).rows.find(
        ({ column }) => column.productId === product,
      )!
    expect((await row()).unconverted).toEqual(['USD'])
    expect((await moneyOverview(launch, undefined, 1, undefined, today)).missingRates).toEqual(['USD'])
    await addRate(newId(), { base: 'EUR', quote: 'USD', rate: 1.25, quotedOn: '2026-10-20' })
    expect((await row()).offer).toMatchObject({ unit: 400, rate: 0.8 })
    await removePrice(product, price.id)
    expect(await listPricesOf(product)).toHaveLength(0)
  })

  test('a driver changes the interval, the cost and the steps; a fleet of one is one vehicle', async () => {
    const [taxi, launchDriver] = ['Ferry taxi', 'Sunday launch'].map(
      (name) => async () => (await listDrivers()).find((driver) => driver.name === name)!,
    )
    const [busy, idle] = [
      await moneyOverview(launch, await taxi!(), 1, undefined, today),
      await moneyOverview(launch, await launchDriver!(), 1, undefined, today),
    ]
    const costs = (view: typeof busy) => view.rows.map(({ cost }) => cost?.perDistance)
    expect(costs(busy)).not.toEqual(costs(idle))
    expect(busy.tiers.length).toBeGreaterThan(0)
    const { cheapest, steps } = busy.stairs
    const passing = busy.rows.filter(({ passes, offer, column }) => passes && offer && !column.aside)
    expect(steps).toHaveLength(passing.length - 1)
    expect(cheapest).toBe(passing.sort((a, b) => a.offer!.unit - b.offer!.unit)[0]!.column.id)
    expect(steps.some(({ isStep }) => isStep) && steps.some(({ isStep }) => !isStep)).toBe(true)
  })

  test('a stale price gives way to a fresh one, and a paid price counts as a price', async () => {
    const { rows } = await moneyOverview(launch, undefined, 1, undefined, today)
    const merribank = rows.find(({ column }) => column.name === 'Merribank MB-1120')!
    expect(merribank.offer).toMatchObject({ stale: false })
    expect(rows.find(({ column }) => column.name === 'Dovrel D-19')!.offer!.price.id).toMatch(/^paid-/)
  })

  test('no two drivers of a name', async () => {
    const [driver] = await listDrivers()
    expect(await addDriver({ ...driver!, id: newId() })).toBe('taken')
    const other = { ...driver!, id: newId(), name: 'Somebody else' }
    expect(await addDriver(other)).toBe('added')
    await removeDriver(other.id)
    expect((await listDrivers()).map(({ name }) => name)).not.toContain('Somebody else')
  })
})

describe('the verdict', () => {
  test('what it rests on has bounds of claims and prices for every column', async () => {
    const { columns, schools } = await evaluateLineup(launch, today)
    const norrith = columns.find(({ name }) => name === 'Norrith N-40')!
    expect(norrith.attributes['claim.efficiency']).toEqual({ low: 0.97, high: 1 })
    expect(norrith.attributes['value.landed']!.low).toBeGreaterThan(0)
    expect(columns.find(({ tier }) => tier === 'engine')!.attributes['value.own']).toEqual({ low: 1, high: 1 })
    expect(schools.length).toBeGreaterThanOrEqual(6)
  })

  test('one draft an application; published it is kept as it stood, and another draft begins', async () => {
    const draft = {
      id: newId(),
      schoolId: 'build',
      driverId: null,
      words: 'first',
      conditions: '',
      overruleColumn: '',
      overruleReason: '',
    }
    await saveVerdict(launch.id, draft, 0, undefined)
    expect(await saveVerdict(launch.id, { ...draft, id: newId(), words: 'unseen' }, 0, undefined)).toBe('stale')
    expect(await saveVerdict(launch.id, { ...draft, words: 'second' }, 1, undefined)).toBe('saved')
    expect((await listVerdicts(launch.id)).draft).toMatchObject({ words: 'second', version: 2 })
    const snapshot = {
      school: 'Build first',
      driver: '',
      method: 1,
      ranking: [{ column: 'x', name: 'X', value: 80, low: 79, high: 81 }],
      winners: ['X'],
      sentences: [],
    }
    const second = { ...draft, words: 'second' }
    const publish = () => saveVerdict(launch.id, second, 2, snapshot)
    expect(await Promise.all([publish(), publish()])).toEqual(['saved', 'saved'])
    expect(await saveVerdict(launch.id, { ...draft, words: 'third' }, 2, snapshot)).toBe('id-in-use')
    const { draft: none, published } = await listVerdicts(launch.id)
    expect(none).toBeUndefined()
    expect(published).toHaveLength(1)
    expect(published[0]).toMatchObject({ snapshot, words: 'second' })
    await withdrawVerdict(launch.id, published[0]!.id)
    expect((await listVerdicts(launch.id)).published).toEqual([])
  })

  test('versions of the method are kept; a school of the user has a name of its own', async () => {
    await addMethod(newId(), { note: 'walls matter', valueFunctions: {}, weights: { 'can-wall': 12 } })
    expect(await currentMethod()).toMatchObject({ version: 6, weights: { 'can-wall': 12 } })
    await addMethod(newId(), { note: 'walls matter less', valueFunctions: {}, weights: { 'can-wall': 3 } })
    expect((await currentMethod()).version).toBe(7)
    const school = {
      id: newId(),
      name: 'Harbour',
      description: 'So. There.',
      weights: { glue: 20 },
      valueFunctions: {},
    }
    expect(await addSchool({ ...school, name: 'Thrift' })).toBe('taken')
    expect(await addSchool(school)).toBe('added')
    expect(await addSchool({ ...school, id: newId(), name: 'HARBOUR' })).toBe('taken')
    expect((await listSchools()).at(-1)).toMatchObject({ name: 'Harbour', builtIn: false })
    await removeSchool(school.id)
    expect((await listSchools()).every(({ builtIn }) => builtIn)).toBe(true)
  })
})

test('a fault in one of several specimens is counted: two in a row are worse than one', async () => {
  const columnOf = async () =>
    (await evaluateLineup(launch, today)).columns.find(({ name }) => name === 'Merribank MB-1120')!
  const specimens = (await listSpecimens(launch.id)).filter(({ partNumber }) => partNumber === 'MB-1120')
  expect(await columnOf()).toMatchObject({ specimens: 2, faultCount: { found: 0, lookedAt: 0 }, fatalFaults: [] })
  for (const [index, { id }] of specimens.entries()) {
    await addReading(
      newReading({
        specimenId: id,
        characteristic: 'inside.rust',
        unit: null,
        valueText: 'serious',
        evidence: 'observed',
      }),
    )
    expect(await columnOf()).toMatchObject({
      faultCount: { found: index + 1, lookedAt: 2 },
      fatalFaults: [{ description: 'rust inside a new filter' }],
    })
  }
})

test('what does not fit the engine is said at its column, once the engine says what it takes', async () => {
  const highest = async (maxHeight: number | null) =>
    (await evaluateLineup({ ...launch, maxHeight }, today)).columns
      .filter(({ misfits }) => misfits.length > 0)
      .map(({ name }) => name)
  expect(await highest(null)).toEqual([])
  expect(await highest(0.09)).toEqual(['Norrith N-40'])
})
