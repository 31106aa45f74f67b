import { expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { giveUpSignal, whileWanted } from '#app/storage/request-scope.ts'
import { database } from './database.server.ts'
import { addBrand } from './products.server.ts'
import { newId } from './id.ts'
import { cachedQuery, knownAnswer } from './query-cache.server.ts'

demoDatabase()

/** Work of many steps that counts them, and is let go on from outside. */
function longWork() {
  let steps = 0
  const query = async () => {
    for (steps = 0; steps < 50; steps++) {
      await (await database())('brand').first('id')
      await new Promise((resolve) => setTimeout(resolve, 2))
    }
    return 'done'
  }
  return { query, steps: () => steps }
}

const asked = (signal: AbortSignal, key: string, query: () => Promise<string>) =>
  whileWanted(signal, () => cachedQuery(key, query))

test('asked by many at once it is worked out once, and again when something has changed', async () => {
  let count = 0
  const query = () => Promise.resolve(++count)
  expect(await Promise.all([1, 2, 3].map(() => cachedQuery('counted', query)))).toEqual([1, 1, 1])
  await addBrand(newId(), 'Somebody new')
  expect(await cachedQuery('counted', query)).toBe(2)
})

test('given up by one, it goes on for the others', async () => {
  const { query } = longWork()
  const [one, other] = [new AbortController(), new AbortController()]
  const first = asked(one.signal, 'shared', query)
  const second = asked(other.signal, 'shared', query)
  await new Promise((resolve) => setTimeout(resolve, 10))
  one.abort()
  expect(await second).toBe('done')
  expect(await first).toBe('done')
})

test('given up by all, it ends', async () => {
  const { query, steps } = longWork()
  const sender = new AbortController()
  const waiting = asked(sender.signal, 'alone', query).catch(() => 'given up')
  await new Promise((resolve) => setTimeout(resolve, 10))
  sender.abort()
  expect(await waiting).toBe('given up')
  expect(steps()).toBeLessThan(40)
})

test('who asks when all others have given up gets it whole', async () => {
  const { query } = longWork()
  const senders = Array.from({ length: 5 }, () => new AbortController())
  const waiting = senders.map(({ signal }) => asked(signal, 'left', query).catch(() => 'given up'))
  await new Promise((resolve) => setTimeout(resolve, 10))
  for (const sender of senders) sender.abort()
  const next = cachedQuery('left', query)
  expect(new Set(await Promise.all(waiting))).toEqual(new Set(['given up']))
  expect(await next).toBe('done')
})

test('outside of a request nobody can give up', () => expect(giveUpSignal()).toBeUndefined())

test('what is known is given at once, and no more once something has changed', async () => {
  const query = () => Promise.resolve('worked out')
  expect(await knownAnswer('told')).toBeUndefined()
  await cachedQuery('told', query)
  expect(await knownAnswer('told')).toBe('worked out')
  await addBrand(newId(), 'Somebody newer')
  expect(await knownAnswer('told')).toBeUndefined()
})
