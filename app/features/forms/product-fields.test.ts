import { expect, test } from 'vitest'
import { issuesOf } from './issues.fixture.ts'
import { brandSchema, productSchema, revisionSchema } from './product-fields.ts'

test('names are trimmed, and whatever they are made of is kept', () =>
  expect(brandSchema.parse({ id: 'aaaaaaaaaaaa', name: '  <b>Tarn</b> ' }).name).toBe('<b>Tarn</b>'))

test('everything that is wrong is said at once, each beside its field', () =>
  expect(issuesOf(productSchema, { id: 'x', brand: ' ', partNumber: 'P', form: 'spin-on', tier: 'mid' })).toEqual({
    id: 'This page is out of date. Load it again.',
    brand: 'The brand is missing.',
    tier: 'Choose a tier.',
  }))

test('a product may have no revision, a new revision must have its name', () => {
  const product = { id: 'aa', brand: 'Tarn', partNumber: 'P', form: 'spin-on', tier: 'low' }
  expect(productSchema.parse(product).revision).toBe('')
  expect(issuesOf(revisionSchema, { id: 'aa', label: '' })).toEqual({ label: 'The revision is missing.' })
})
