import { expect, test } from 'vitest'
import { productGroups } from './product-groups.ts'

const groups = (...rows: number[][]) =>
  productGroups({ products: rows.length, criteria: rows[0]!.length, links: Uint16Array.from(rows.flat()) })

test('products that no link joins are drawn apart', () => {
  expect(groups([0, 0], [0, 0], [0, 0])).toEqual([0, 1, 2])
})

test('a link joins two products, and a chain of links all of them', () => {
  expect(groups([1, 0], [0, 0], [1, 0])).toEqual([0, 1, 0])
  expect(groups([1, 0], [1, 2], [0, 2], [0, 0])).toEqual([0, 0, 0, 1])
  expect(groups([1, 0], [0, 2], [1, 2])).toEqual([0, 0, 0])
})
