import { expect, test, vi } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { writableDatabase } from './database.server.ts'
import { newId } from './id.ts'
import { lastPurchase } from './last-purchase.server.ts'
import { addSpecimen, listAllSpecimens } from './specimens.server.ts'

vi.setConfig({ testTimeout: 30_000 })
demoDatabase()

test('the next unit is likely bought where the last one was, in its own library', async () => {
  const [first] = await listAllSpecimens()
  const { condition, service, rawInput, revisionId } = first!
  const unit = { revisionId, condition, service, rawInput, paidMinor: 925, givenBy: '' }
  await addSpecimen({
    ...unit,
    id: newId(),
    label: 'Y',
    acquisition: 'bought',
    currency: 'NOK',
    shop: 'Pier Parts',
  })
  await addSpecimen({
    ...unit,
    id: newId(),
    label: 'Z',
    acquisition: 'given',
    givenBy: 'a viewer',
    currency: 'USD',
    shop: 'None',
  })
  expect(await lastPurchase(1)).toEqual({ shop: 'Pier Parts', currency: 'NOK' })
  expect(await lastPurchase(0)).toBeUndefined()
  await (await writableDatabase())('specimen').update({ currency: null })
  expect(await lastPurchase(1)).toBeUndefined()
})
