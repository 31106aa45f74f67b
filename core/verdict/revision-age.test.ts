import { expect, test } from 'vitest'
import { newerRevision } from './revision-age.ts'

const column = (id: string, productId: string, revisionId = id) => ({ id, productId, revisionId })
const columns = [
  column('n1', 'n'),
  column('f1', 'f'),
  column('f1aside', 'f', 'f1'),
  column('f2', 'f'),
  column('f3', 'f'),
  column('m1', 'm'),
]

test.each([
  ['f1', 'f3'],
  ['f1aside', 'f3'],
  ['f2', 'f3'],
  ['f3', undefined],
  ['n1', undefined],
  ['gone', undefined],
])('of %s the newest one that is newer is %s', (id, newer) => {
  expect(newerRevision(columns, id)?.id).toBe(newer)
})

test('a used unit of the same revision is no newer one', () => {
  expect(newerRevision([column('f1', 'f'), column('f1aside', 'f', 'f1')], 'f1')).toBeUndefined()
})
