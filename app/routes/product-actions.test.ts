import { beforeAll, describe, expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { addApplication, listApplications, type Application } from '#app/data/applications.server.ts'
import { markAsDemo } from '#app/data/demo.server.ts'
import { listFitments } from '#app/data/fitments.server.ts'
import { newId } from '#app/data/id.ts'
import { mergeProducts } from '#app/data/merge-products.server.ts'
import { findProduct, listProducts, type Product } from '#app/data/products.server.ts'
import { replacementsOf } from '#app/data/replacements.server.ts'
import { listSpecimensOf } from '#app/data/specimens.server.ts'
import { bringBack } from '#app/data/trash.server.ts'
import { actOnProduct } from './product-actions.server.ts'

demoDatabase()
let home: Application
let product: Product

beforeAll(async () => {
  home = (await listApplications()).find(({ name }) => name === 'Skerry 1.1 D')!
  product = (await listProducts(home.id)).find(({ partNumber }) => partNumber === 'N-40')!
})

async function addEngine(change: Partial<Application>, demo = true): Promise<string> {
  const id = newId()
  const { createdAt: _, version: __, demo: ___, ...fields } = home
  await addApplication({ ...fields, name: id, ...change, id })
  if (demo) await markAsDemo('application', id)
  return id
}

/** What is answered: nothing when it was taken, else all that is said to be wrong. */
async function act(fields: Record<string, string>): Promise<string> {
  const answer = (await actOnProduct(product, fields)) as {
    ok?: boolean
    data?: { form: string[]; fields: Record<string, string[]> }
  }
  if (answer.ok) return ''
  return [...(answer.data?.form ?? []), ...Object.values(answer.data?.fields ?? {}).flat()].join(' ')
}

const fits = (engine: string, more: Record<string, string> = {}) =>
  act({ intent: 'fits', engine, source: 'trial', remarks: '', ...more })

describe('an engine that it fits too', () => {
  test('is kept with how that is known, and said anew replaces what was said', async () => {
    const engine = await addEngine({})
    expect(await fits(engine, { remarks: 'clears the bracket' })).toBe('')
    expect(await fits(engine, { source: 'dealer', remarks: '  ' })).toBe('')
    const own = (await listFitments(product.id)).filter(({ applicationId }) => applicationId === engine)
    expect(own).toMatchObject([{ source: 'dealer', remarks: '' }])
    expect(await act({ intent: 'fits-no-more', engine })).toBe('')
    expect(await listFitments(product.id)).toHaveLength(1)
  })

  test.each([
    ['nobody says how that is known', { source: '' }, 'Say how it is known that it fits.'],
    ['the remark is long', { remarks: 'x'.repeat(201) }, 'remark'],
  ])('is refused where %s', async (_, more, message) => {
    expect(await fits(await addEngine({}), more)).toContain(message)
    expect(await listFitments(product.id)).toHaveLength(1)
  })

  test('is refused where the engine is gone, of another form, of the other drawer, or its own', async () => {
    expect(await fits('nosuchengine')).toContain('not here any more')
    expect(await fits(await addEngine({ form: 'cartridge' }))).toContain('A spin-on goes on no housing')
    expect(await fits(await addEngine({}, false))).toContain('The demo is kept apart')
    expect(await fits(home.id)).toContain('It was entered for this engine')
    expect(await act({ intent: 'fits-no-more', engine: home.id })).toContain('stays in its line-up')
    expect(await listFitments(product.id)).toMatchObject([{ isHome: true, source: '' }])
  })
})

describe('a specimen that is known to be good', () => {
  test('is one of the product', async () => {
    const [own] = await listSpecimensOf(product.id)
    const others = (await listProducts(home.id)).find(({ partNumber }) => partNumber === 'CV-214')!
    const [foreign] = await listSpecimensOf(others.id)
    expect(await act({ intent: 'good', specimen: own!.id, is: 'yes' })).toBe('')
    expect(await act({ intent: 'good', specimen: foreign!.id, is: 'yes' })).toContain('not here any more')
    expect(await act({ intent: 'good', specimen: own!.id, is: 'perhaps' })).not.toBe('')
  })
})

describe('a revision', () => {
  test('is added once under its name', async () => {
    const label = 'suffix Q'
    expect(await act({ id: newId(), label })).toBe('')
    expect(await act({ id: newId(), label })).toContain('This revision is there already.')
    expect((await findProduct(product.id))!.revisions.filter((one) => one.label === label)).toHaveLength(1)
  })

  test('that is gone has no maker', async () => {
    const refusal = await act({ intent: 'maker', revision: 'nosuchrevisi', maker: 'Tarn Works', makerEvidence: 'told' })
    expect(refusal).not.toBe('')
  })
})

describe('a number that takes the place of another', () => {
  const productOf = async (partNumber: string) =>
    (await listProducts(home.id)).find((one) => one.partNumber === partNumber)!
  const replaces = async (of: string, other: string) => {
    product = await productOf(of)
    return act({ intent: 'replaces', replaces: (await productOf(other)).id })
  }

  test('stands on the pages of both, once', async () => {
    expect(await replaces('CV-164', 'CV-114')).toBe('')
    expect(await replaces('CV-164', 'CV-114')).toBe('')
    expect(await replacementsOf((await productOf('CV-164')).id)).toMatchObject({
      replaces: [{ name: 'Corvane CV-114' }],
      replacedBy: [],
    })
    expect(await replacementsOf((await productOf('CV-114')).id)).toMatchObject({
      replaces: [],
      replacedBy: [{ name: 'Corvane CV-164' }],
    })
  })

  test('is refused with the chain where that goes round in a circle', async () => {
    expect(await replaces('CV-214', 'CV-164')).toBe('')
    expect(await replaces('CV-114', 'CV-214')).toBe(
      'It would go round in a circle: Corvane CV-214 replaces Corvane CV-164 and Corvane CV-164 replaces ' +
        'Corvane CV-114. Take one of them out first.',
    )
    expect(await replaces('CV-114', 'CV-114')).toContain('Nothing takes its own place.')
    expect(await replacementsOf((await productOf('CV-114')).id)).toMatchObject({ replaces: [] })
  })

  test('is refused where none is chosen, or it is for no such engine', async () => {
    expect(await act({ intent: 'replaces', replaces: '' })).toContain('Choose the number whose place it takes.')
    expect(await act({ intent: 'replaces', replaces: 'nosuchproduct' })).not.toBe('')
  })

  test('goes along when two are made one, without a circle, and comes back when they are taken apart', async () => {
    const [first, second, third] = await Promise.all(['CV-114', 'CV-164', 'CV-214'].map(productOf))
    const merged = await mergeProducts(first!.id, [third!.id])
    if (!merged.ok) throw new Error(merged.problem.message)
    const { replaces: over, replacedBy } = await replacementsOf(first!.id)
    expect([...over, ...replacedBy].map(({ name }) => name)).toEqual(['Corvane CV-164'])
    expect((await bringBack(merged.value.id)).ok).toBe(true)
    expect((await replacementsOf(second!.id)).replacedBy).toMatchObject([{ id: third!.id }])
  })

  test('is taken out again', async () => {
    product = await productOf('CV-164')
    expect(await act({ intent: 'replaces-no-more', replaces: (await productOf('CV-114')).id })).toBe('')
    expect(await replacementsOf(product.id)).toMatchObject({ replaces: [] })
  })
})
