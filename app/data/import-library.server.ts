import type { Knex } from 'knex'
import type { PackagedLibrary } from '#core/datapackage/library-tables.ts'
import { pathKey, type SpecimenPath } from '#core/exchange/readings-csv.ts'
import { foldName } from '#core/fold-name.ts'
import { now } from './clock.ts'
import { newId } from './id.ts'

type Cell = string | number | null
type Row = Record<string, Cell>

/** Finds a row by its name within its place, or makes it. */
type FindOrAdd = (table: string, place: Row, name: Record<string, string>, rest?: Row, id?: string) => Promise<string>

/** Finds things by their names and remembers them; what is missing is made. */
export function rowFinder(trx: Knex.Transaction): FindOrAdd {
  const known = new Map<string, string>()
  return async (table, place, name, rest = {}, id = newId()) => {
    const [text = ''] = Object.values(name)
    const match = { ...place, nameKey: foldName(text) }
    const key = JSON.stringify([table, match])
    const before = known.get(key)
    if (before !== undefined) return before
    const found: { id: string } | undefined = await trx(table).where(match).first('id')
    if (!found) await trx(table).insert({ id, ...match, ...name, ...rest, createdAt: now() })
    known.set(key, found?.id ?? id)
    return found?.id ?? id
  }
}

/** Finds the specimen of a path, or makes it under the given id with all that is missing on the way to it. */
export async function findSpecimenOfPath(
  find: FindOrAdd,
  { application, brand, partNumber, revision, specimen, form }: SpecimenPath,
  specimenId: string,
  rest: Row = {},
): Promise<string> {
  const applicationId = await find('application', {}, { name: application }, { form })
  const brandId = await find('brand', {}, { name: brand })
  const productId = await find('product', { applicationId, brandId }, { partNumber }, { form, tier: 'middle' })
  const revisionId = await find('revision', { productId }, { label: revision })
  return find('specimen', { revisionId }, { label: specimen }, { acquisition: 'bought', ...rest }, specimenId)
}

/**
 * Adds what a package brings beside its readings. What is there already stays as it is; a claim or price that is there
 * is not added again.
 *
 * @param ids of the specimens that its readings were written for, by the key of their path
 */
export async function addLibrary(
  trx: Knex.Transaction,
  find: FindOrAdd,
  library: PackagedLibrary,
  ids: ReadonlyMap<string, { id: string }>,
): Promise<void> {
  for (const one of library.applications)
    await find(
      'application',
      {},
      { name: one.application },
      {
        ...{ machine: one.machine, form: one.form, thread: one.thread || null, bypass: one.bypass },
        ...{ bypassOpening: one['bypass opening'], oilTemperatureMin: one['coldest oil'] },
        ...{ oilTemperatureMax: one['hottest oil'], maxHeight: one['greatest height'] },
        ...{ maxDiameter: one['greatest diameter'], gasketLand: one['gasket land'], mounting: one.mounting },
        ...{ sizeClass: one['size class'], trouble: one.trouble, note: '' },
        serviceIntervals: JSON.stringify(one['service intervals']),
        rawInput: JSON.stringify(one['as typed']),
      },
    )
  const productOf = productFinder(trx, find, library)
  for (const one of library.products) await productOf(one)
  const revisionOf = async (one: Named & { revision: string }, rest: Row = {}) =>
    find('revision', { productId: await productOf(one) }, { label: one.revision }, rest)
  for (const { maker, 'maker is known by': makerEvidence, ...one } of library.revisions)
    await revisionOf(one, { maker, makerEvidence })
  for (const one of library.specimens) {
    const rest = {
      ...{ acquisition: one.acquisition, givenBy: one['given by'], onLoan: one['on loan'] ? 1 : 0 },
      ...{ condition: one.condition, service: one.service && JSON.stringify(one.service) },
      ...{ paidMinor: one.paid, currency: one.currency || null, recordingPlan: JSON.stringify(one['recording plan']) },
      rawInput: JSON.stringify(one['as typed']),
    }
    const written = ids.get(pathKey({ ...one, partNumber: one['part number'] }))?.id
    await find('specimen', { revisionId: await revisionOf(one) }, { label: one.specimen }, rest, written)
  }
  await addClaims(trx, library.claims, productOf, revisionOf)
  await addPrices(trx, library.prices, productOf, revisionOf)
  const specimenOf = async (one: Named & { revision: string; specimen: string }) =>
    find('specimen', { revisionId: await revisionOf(one) }, { label: one.specimen }, { acquisition: 'bought' })
  await addComparisons(trx, library.comparisons, specimenOf)
}

type Named = Pick<PackagedLibrary['products'][number], 'application' | 'brand' | 'part number'>

/** Finds the product of a row, or makes it as the package says; a short name that another has stays away. */
function productFinder(trx: Knex.Transaction, find: FindOrAdd, { applications, products }: PackagedLibrary) {
  return async ({ application, brand, 'part number': partNumber }: Named): Promise<string> => {
    const told = products.find(
      (one) => one.application === application && one.brand === brand && one['part number'] === partNumber,
    )
    const form = told?.form ?? applications.find((one) => one.application === application)?.form ?? 'spin-on'
    const applicationId = await find('application', {}, { name: application }, { form })
    const brandId = await find('brand', {}, { name: brand })
    const nickname = told?.['short name'] ?? ''
    const nicknameKey = foldName(nickname)
    const isTaken = nickname !== '' && (await trx('product').where({ applicationId, nicknameKey }).first('id'))
    return find(
      'product',
      { applicationId, brandId },
      { partNumber },
      {
        ...{ form, tier: told?.tier ?? 'middle' },
        ...(!isTaken && { nickname, nicknameKey }),
      },
    )
  }
}

type Finder<One> = (one: One) => Promise<string>

/** The product of a claim or price, and its revision where one is meant. */
const ownerOf = async <One extends Named & { revision: string }>(
  one: One,
  productOf: Finder<One>,
  revisionOf: Finder<One>,
) => ({ productId: await productOf(one), revisionId: one.revision === '' ? null : await revisionOf(one) })

async function addClaims(
  trx: Knex.Transaction,
  claims: PackagedLibrary['claims'],
  productOf: Finder<PackagedLibrary['claims'][number]>,
  revisionOf: Finder<PackagedLibrary['claims'][number]>,
): Promise<void> {
  for (const one of claims) {
    const owner = await ownerOf(one, productOf, revisionOf)
    const told = { kind: one.kind, words: one.words, place: one.place, readOn: one['read on'] }
    if (
      await trx('claim')
        .where({ ...owner, ...told })
        .first('id')
    )
      continue
    await trx('claim').insert({
      ...{ id: newId(), ...owner, ...told, createdAt: now() },
      ...{ parts: JSON.stringify(one.parts), rawInput: JSON.stringify(one['as typed']) },
    })
  }
}

async function addPrices(
  trx: Knex.Transaction,
  prices: PackagedLibrary['prices'],
  productOf: Finder<PackagedLibrary['prices'][number]>,
  revisionOf: Finder<PackagedLibrary['prices'][number]>,
): Promise<void> {
  for (const one of prices) {
    if (one.price === null) continue
    const owner = await ownerOf(one, productOf, revisionOf)
    const seen = {
      ...{ shop: one.shop, observedOn: one['seen on'], currency: one.currency, amountMinor: one.price },
      packSize: one['filters in a pack'] ?? 1,
    }
    if (
      await trx('price')
        .where({ ...owner, ...seen })
        .first('id')
    )
      continue
    await trx('price').insert({
      ...{ id: newId(), ...owner, ...seen, createdAt: now(), rawInput: '{}' },
      ...{ packContent: one['pack content'], subscription: Math.min(1, Math.max(0, one.subscription ?? 0)) },
      ...{ freight: JSON.stringify(one.freight), extras: one.extras, extrasMinor: one['worth of extras'] ?? 0 },
    })
  }
}

async function addComparisons(
  trx: Knex.Transaction,
  comparisons: PackagedLibrary['comparisons'],
  specimenOf: Finder<Named & { revision: string; specimen: string }>,
): Promise<void> {
  for (const { of: characteristic, evidence, said, relation, ...one } of comparisons) {
    const beside = {
      ...{ application: one.application, brand: one['other brand'], 'part number': one['other part number'] },
      ...{ revision: one['other revision'], specimen: one['other specimen'] },
    }
    const told = { specimenId: await specimenOf(one), otherId: await specimenOf(beside), characteristic, said }
    if (await trx('comparison').where(told).first('id')) continue
    await trx('comparison').insert({
      ...{ id: newId(), ...told, evidence, createdAt: now(), relation: JSON.stringify(relation) },
    })
  }
}
