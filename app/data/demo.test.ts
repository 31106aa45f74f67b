import { beforeAll, describe, expect, test, vi } from 'vitest'
import { demoDatabase, newReading } from '#db/demo/demo-database.fixture.ts'
import { DemoNameTaken } from '#db/demo/load-application.ts'
import { loadAllOfDemo } from '#db/demo/load-all.ts'
import { addApplication, listApplications } from './applications.server.ts'
import { demoState, removeDemo, showDemo } from './demo.server.ts'
import { listDrivers } from './drivers.server.ts'
import { newId } from './id.ts'
import { instrumentsOf, listInstruments } from './instruments.server.ts'
import { searchProducts, wholeLibrary } from './library.server.ts'
import { listRates } from './prices.server.ts'
import { addBrand, addProduct, listBrandNames, listBrands } from './products.server.ts'
import { addReading, listLibraryOccurrences } from './readings.server.ts'
import { addSpecimen, findSpecimen, latestSpecimen, type Specimen } from './specimens.server.ts'
import { librarySpreads } from './summaries.server.ts'

vi.setConfig({ testTimeout: 60_000 })
demoDatabase()

let own: Specimen
const nobody = newId()

async function ownApplication(name: string): Promise<string> {
  const [like] = await listApplications()
  const id = newId()
  const { createdAt: _, version: __, demo: ___, ...fields } = like!
  await addApplication({ ...fields, id, name })
  return id
}

async function ownProduct(applicationId: string, brand: string): Promise<string> {
  const id = newId()
  const words = { partNumber: 'K-1', nickname: '', revision: '' }
  await addProduct({ id, applicationId, brand, form: 'spin-on', tier: 'low', ...words })
  return id
}

beforeAll(async () => {
  const applicationId = await ownApplication('My own')
  await ownProduct(applicationId, 'Corvane')
  const productId = await ownProduct(applicationId, 'Kelp')
  const { revisions } = (await import('./products.server.ts').then(({ findProduct }) => findProduct(productId)))!
  for (const [label, wall] of [
    ['A', 0.0004],
    ['B', 0.00041],
  ] as const) {
    const id = newId()
    await addSpecimen({
      ...{ id, revisionId: revisions[0]!.id, label, acquisition: 'bought', givenBy: '', paidMinor: null },
      ...{ currency: null, shop: '', rawInput: {}, condition: 'new', service: null },
    })
    await addReading(newReading({ specimenId: id, characteristic: 'can.wall', valueNumber: wall }))
    own = (await findSpecimen(id))!
  }
})

describe('the demo and own work in one database', () => {
  test('spreads come from own filters for own, and from those of the demo for the demo', async () => {
    const mine = (await librarySpreads({ demo: 0 })).get('can.wall')!
    expect(mine.relative).toBeCloseTo(0.01 / Math.SQRT2 / 0.405, 3)
    expect(mine.degreesOfFreedom).toBe(1)
    expect((await librarySpreads({ demo: 0 })).has('whole.weight')).toBe(false)
    expect((await librarySpreads({ demo: 1 })).get('can.wall')!.degreesOfFreedom).toBeGreaterThan(1)
  })

  test('what the library holds, instruments and rates are apart', async () => {
    expect(await listLibraryOccurrences('can.wall', { id: nobody, demo: 0 })).toEqual({
      numbers: [0.000405],
      answers: [],
    })
    expect((await listLibraryOccurrences('can.wall', { id: nobody, demo: 1 })).numbers.length).toBeGreaterThan(5)
    expect(await instrumentsOf({ demo: 0 })).toEqual([])
    expect((await instrumentsOf({ demo: 1 })).length).toBeGreaterThan(2)
    expect(await listRates(own.applicationId)).toEqual([])
    const demo = (await listApplications()).find((one) => one.demo === 1)!
    expect((await listRates(demo.id)).length).toBeGreaterThan(0)
  })

  test('put away, nothing of it is listed; brought back, all of it is there', async () => {
    const lists = async () => ({
      applications: (await listApplications()).length,
      instruments: (await listInstruments()).length,
      drivers: (await listDrivers()).length,
      products: (await searchProducts(wholeLibrary, 1, { tiers: {}, forms: {} })).total,
    })
    const before = await lists()
    await showDemo(false)
    expect(await demoState()).toBe('hidden')
    await addBrand(newId(), 'Not sold yet')
    expect(await listBrandNames()).toEqual(['Corvane', 'Kelp', 'Not sold yet'])
    // A brand of the demo as well has those of one's own alone.
    expect((await listBrands()).map(({ name, products }) => [name, products])).toEqual([
      ['Corvane', 1],
      ['Kelp', 1],
      ['Not sold yet', 0],
    ])
    expect(await lists()).toEqual({ applications: 1, instruments: 0, drivers: 0, products: 2 })
    expect(await latestSpecimen()).toBe(own.id)
    await showDemo(true)
    expect(await lists()).toEqual(before)
  })

  test('taken out and loaded again: own work stays, and a name that is taken is no half of a demo', async () => {
    await removeDemo()
    expect(await demoState()).toBe('absent')
    expect((await listApplications()).map(({ name }) => name)).toEqual(['My own'])
    await ownApplication('Brae 16P')
    await expect(loadAllOfDemo()).rejects.toThrow(DemoNameTaken)
    expect(await demoState()).toBe('absent')
    expect(await listInstruments()).toEqual([])
    expect((await librarySpreads({ demo: 0 })).get('can.wall')?.degreesOfFreedom).toBe(1)
  })
})
