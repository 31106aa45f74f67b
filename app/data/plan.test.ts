import { expect, test, vi } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listApplications } from './applications.server.ts'
import { showDemo } from './demo.server.ts'
import { enginePlan, knownPlans } from './engine-plan.server.ts'
import { newId } from './id.ts'
import { addPlannedDay, listPlannedDays, setDayDropped, setDone } from './planned-days.server.ts'
import { listProducts } from './products.server.ts'
import {
  addPurchases,
  arrive,
  changePurchase,
  findPurchase,
  listOpenPurchases,
  setDropped,
} from './purchases.server.ts'
import { findSpecimen, listSpecimensOf } from './specimens.server.ts'

vi.setConfig({ testTimeout: 60_000 })
demoDatabase()

const skerry = async () => (await listApplications()).find(({ name }) => name.startsWith('Skerry'))!

async function wish(count: number) {
  const [product] = await listProducts((await skerry()).id)
  const id = newId()
  await addPurchases(id, [{ id, productId: product!.id, count, reason: '' }])
  return { id, product: product! }
}

const order = { count: 2, reason: 'spread', shop: 'Quay Store', priceMinor: 640, currency: 'EUR' }

test('what arrives becomes specimens of the newest revision, as they were paid for, and only once', async () => {
  const { id, product } = await wish(2)
  const before = await listSpecimensOf(product.id)
  const rest = { orderedOn: '2026-11-20', expectedOn: '2026-11-27', rawInput: {} }
  expect(await changePurchase({ id, ...order, ...rest }, 1)).toBe('saved')
  const came = await arrive(id, '2026-11-27')
  expect(came).toMatchObject({ specimens: [expect.anything(), expect.anything()] })
  const [first] = (came as { specimens: { id: string }[] }).specimens
  expect(await findSpecimen(first!.id)).toMatchObject({
    ...{ paidMinor: 640, currency: 'EUR', shop: 'Quay Store', acquisition: 'bought', condition: 'new' },
    revisionId: product.revisions.at(-1)!.id,
  })
  expect(await listSpecimensOf(product.id)).toHaveLength(before.length + 2)
  expect(await arrive(id, '2026-11-27')).toBe('gone')
  expect(await listSpecimensOf(product.id)).toHaveLength(before.length + 2)
  expect((await listOpenPurchases()).map((one) => one.id)).not.toContain(id)
})

test('one that was changed meanwhile is not saved over', async () => {
  const { id } = await wish(1)
  const rest = { orderedOn: null, expectedOn: null, rawInput: {} }
  expect(await changePurchase({ id, ...order, ...rest }, 1)).toBe('saved')
  expect(await changePurchase({ id, ...order, count: 9, ...rest }, 1)).toBe('stale')
  expect(await findPurchase(id)).toMatchObject({ count: 2, version: 2 })
})

test('what is taken off the list cannot arrive, and comes back as it was', async () => {
  const { id } = await wish(3)
  await setDropped(id, true)
  expect((await listOpenPurchases()).map((one) => one.id)).not.toContain(id)
  expect(await arrive(id, '2026-11-27')).toBe('gone')
  await setDropped(id, false)
  expect((await listOpenPurchases()).find((one) => one.id === id)).toMatchObject({ count: 3 })
})

test('several are put on the list at once: the same act again makes nothing more', async () => {
  const [one, other] = await listProducts((await skerry()).id)
  const id = newId()
  const wishes = [one!, other!].map(({ id: productId }, at) => ({ id: `${id}${at}`, productId, count: 1, reason: '' }))
  const before = (await listOpenPurchases()).length
  expect(await addPurchases(id, wishes)).toBe('added')
  expect(await addPurchases(id, wishes)).toBe('added')
  expect(await addPurchases(id, wishes.slice(1))).toBe('id-in-use')
  expect(await listOpenPurchases()).toHaveLength(before + 2)
})

test('days are done and not done after all, taken off and brought back; those of the demo go with it', async () => {
  const long = '2000-01-01'
  const ids = async () => (await listPlannedDays(long)).map(({ id }) => id)
  const [own, ofDemo] = [newId(), newId()]
  await addPlannedDay({ id: own, day: '2026-12-01', words: 'cut', applicationId: null })
  await addPlannedDay({ id: ofDemo, day: '2026-12-02', words: 'film', applicationId: (await skerry()).id })
  await setDone(own, true)
  expect((await listPlannedDays(long)).find(({ id }) => id === own)?.doneAt).toBeTruthy()
  expect((await listPlannedDays('2999-01-01')).map(({ id }) => id)).not.toContain(own)
  await setDone(own, false)
  await setDayDropped(own, true)
  expect(await ids()).not.toContain(own)
  await setDayDropped(own, false)
  await showDemo(false)
  expect(await ids()).toEqual([own])
  expect(await listOpenPurchases()).toEqual([])
  await showDemo(true)
  expect(await ids()).toContain(ofDemo)
})

test('the plan of an engine says what is gained, for what work and money', async () => {
  const { id } = await skerry()
  expect(await knownPlans([id])).toEqual({})
  const { work } = await enginePlan(id)
  expect(work.length).toBeGreaterThan(0)
  for (const { words, gain, minutes, toBuy, path, cost } of work) {
    expect(words).not.toBe('')
    expect(gain).toBeGreaterThan(0)
    expect(minutes).toBeGreaterThan(0)
    expect(path === '').toBe(toBuy.length > 0)
    expect(cost === 0).toBe(toBuy.length === 0)
  }
  await enginePlan(id)
  expect(Object.keys(await knownPlans([id]))).toEqual([id])
})
