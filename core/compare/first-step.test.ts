import { expect, test } from 'vitest'
import { firstStep } from './first-step.ts'

const product = (id: string) => ({ id, name: `Brae ${id}` })
const column = (productId: string, completeness: number) => ({
  ...{ productId, completeness },
  ...{ specimenId: `${productId}1`, name: `Brae ${productId}` },
})

test.each([
  ['nothing is there', [], [], { kind: 'product', isFirst: true }],
  ['one is listed', ['a'], [], { kind: 'specimen', product: 'a', name: 'Brae a' }],
  ['one lies at hand', ['a', 'b'], [column('a', 0)], { kind: 'reading', specimen: 'a1', name: 'Brae a' }],
  [
    'one is read and another listed',
    ['a', 'b'],
    [column('a', 0.2)],
    { kind: 'specimen', product: 'b', name: 'Brae b' },
  ],
  [
    'one is read and another at hand',
    ['a', 'b', 'c'],
    [column('a', 0.2), column('b', 0)],
    { kind: 'reading', specimen: 'b1', name: 'Brae b' },
  ],
  ['the only one is read', ['a'], [column('a', 0.2)], { kind: 'product', isFirst: false }],
  ['two are read', ['a', 'b', 'c'], [column('a', 0.2), column('b', 0.01), column('c', 0)], undefined],
] as const)('where %s', (_, products, columns, step) => {
  expect(firstStep(products.map(product), columns)).toEqual(step)
})
