import type { FilterForm } from '#core/catalogue/index.ts'
import type { Thing } from '#core/find/find.ts'
import * as texts from '#app/texts/shell.ts'
import { database } from './database.server.ts'
import { whatIsShown } from './demo.server.ts'
import { listBrands } from './products.server.ts'

/** So many specimens and products can be found, the latest. */
const mostOfAKind = 4000

interface SpecimenName {
  id: string
  label: string
  brand: string
  partNumber: string
  nickname: string
  form: FilterForm
  engine: string
}

/** Engines, specimens, products and brands that can be found, in this order, the latest first. */
export async function listThings(): Promise<Thing[]> {
  const db = await database()
  const engines: { id: string; name: string; machine: string }[] = await db('application')
    .where(whatIsShown('application'))
    .orderBy('createdAt', 'desc')
    .limit(mostOfAKind)
    .select('id', 'name', 'machine')
  const ofProducts = () =>
    db('product')
      .join('application', 'application.id', 'product.applicationId')
      .join('brand', 'brand.id', 'product.brandId')
      .where(whatIsShown('application'))
      .limit(mostOfAKind)
  const named = { brand: 'brand.name', partNumber: 'product.partNumber', nickname: 'product.nickname' }
  const specimens: SpecimenName[] = await ofProducts()
    .join('revision', 'revision.productId', 'product.id')
    .join('specimen', 'specimen.revisionId', 'revision.id')
    .orderBy('specimen.createdAt', 'desc')
    .select({ ...named, id: 'specimen.id', label: 'specimen.label', form: 'product.form', engine: 'application.name' })
  const products: Omit<SpecimenName, 'label' | 'form'>[] = await ofProducts()
    .orderBy('product.createdAt', 'desc')
    .select({ ...named, id: 'product.id', engine: 'application.name' })
  const brands = await listBrands()
  return [
    ...engines.map(({ id, name, machine }) => thing('engine', name, machine, `/lineups/${id}`)),
    ...specimens.map(({ form, label, ...one }) => ({
      ...thing('specimen', `${nameOf(one)} ${label}`, one.engine, `/bench/${one.id}`),
      form,
      values: `/specimens/${one.id}/values`,
    })),
    ...products.flatMap((one) => [
      thing('product', nameOf(one), one.engine, `/products/${one.id}`),
      thing(texts.toDo, texts.newSpecimenOf(nameOf(one)), one.engine, `/products/${one.id}/specimens/new`),
    ]),
    ...brands.map(({ id, name }) => thing('brand', name, '', `/brands/${id}`)),
  ]
}

const thing = (kind: string, label: string, detail: string, path: string): Thing => ({ kind, label, detail, path })

const nameOf = ({ brand, partNumber, nickname }: Pick<SpecimenName, 'brand' | 'partNumber' | 'nickname'>): string =>
  [brand, partNumber, nickname && `“${nickname}”`].filter(Boolean).join(' ')
