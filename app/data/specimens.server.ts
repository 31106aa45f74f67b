import type { Knex } from 'knex'
import type { Form } from '#core/catalogue/index.ts'
import type { Plan } from '#core/teardown/plan.ts'
import { database, isDuplicate, now } from './database.server.ts'
import type { Tier } from './products.server.ts'

export interface Specimen {
  id: string
  label: string
  got: 'bought' | 'given'
  givenBy: string
  paidMinor: number | null
  currency: string | null
  shop: string
  createdAt: string
  /** What to record where it departs from the catalogue. */
  plan: Plan
  /** UTC, ISO 8601: when filming began. */
  filmingAt: string | null
  revision: string
  revisionLabel: string
  product: string
  brand: string
  partNumber: string
  form: Form
  tier: Tier
  application: string
  applicationName: string
  /** What the application asks, SI. */
  bypassOpening: number | null
  oilCold: number | null
  oilHot: number | null
}

export interface SpecimenFields {
  id: string
  revision: string
  label: string
  got: 'bought' | 'given'
  givenBy: string
  paidMinor: number | null
  currency: string | null
  shop: string
}

async function select(where: Record<string, string> | ((query: Knex.QueryBuilder) => void)): Promise<Specimen[]> {
  const db = await database()
  const rows: (Omit<Specimen, 'plan'> & { plan: string })[] = await db('specimen')
    .join('revision', 'revision.id', 'specimen.revision_id')
    .join('product', 'product.id', 'revision.product_id')
    .join('brand', 'brand.id', 'product.brand_id')
    .join('application', 'application.id', 'product.application_id')
    .where(where)
    .orderBy(['brand.name', 'product.part_number', 'revision.created_at', 'specimen.label'])
    .select({
      id: 'specimen.id',
      label: 'specimen.label',
      got: 'specimen.got',
      givenBy: 'specimen.given_by',
      paidMinor: 'specimen.paid_minor',
      currency: 'specimen.currency',
      shop: 'specimen.shop',
      createdAt: 'specimen.created_at',
      plan: 'specimen.plan',
      filmingAt: 'specimen.filming_at',
      revision: 'revision.id',
      revisionLabel: 'revision.label',
      product: 'product.id',
      brand: 'brand.name',
      partNumber: 'product.part_number',
      form: 'product.form',
      tier: 'product.tier',
      application: 'application.id',
      applicationName: 'application.name',
      bypassOpening: 'application.bypass_opening',
      oilCold: 'application.oil_cold',
      oilHot: 'application.oil_hot',
    })
  return rows.map(({ plan, ...rest }) => ({ ...rest, plan: JSON.parse(plan) as Plan }))
}

export const listSpecimens = (application: string): Promise<Specimen[]> => select({ 'application.id': application })

export const listSpecimensOf = (product: string): Promise<Specimen[]> => select({ 'product.id': product })

/** Specimens of revisions that have more than one, newest first, so many at most. */
export const listRepeatedSpecimens = (most: number): Promise<Specimen[]> =>
  select((query) => {
    void query.whereIn('specimen.id', (all) => {
      const repeated = (one: Knex.QueryBuilder) =>
        void one.select('revision_id').from('specimen').groupBy('revision_id').havingRaw('count(*) > 1')
      void all.select('id').from('specimen').whereIn('revision_id', repeated).orderBy('created_at', 'desc').limit(most)
    })
  })

/** Other specimens of the same application and form that have readings, latest first, so many at most. */
export async function listRecordedLike(
  { id, application, form }: Specimen,
  most = 30,
): Promise<{ id: string; name: string }[]> {
  const like = await select((query) => {
    void query.where({ 'application.id': application, 'product.form': form }).whereNot({ 'specimen.id': id })
    void query.whereExists(
      (recorded) => void recorded.select('seq').from('reading').whereRaw('reading.specimen_id = specimen.id'),
    )
  })
  return like
    .sort((a, b) => b.createdAt.localeCompare(a.createdAt))
    .slice(0, most)
    .map((one) => ({ id: one.id, name: `${one.brand} ${one.partNumber} ${one.label}` }))
}

export const listAllSpecimens = (): Promise<Specimen[]> => select({})

export const findSpecimen = async (id: string): Promise<Specimen | undefined> =>
  (await select({ 'specimen.id': id }))[0]

/** Adds or changes a specimen; the same id twice changes nothing twice. */
export async function saveSpecimen(fields: SpecimenFields): Promise<'saved' | 'label-taken'> {
  const db = await database()
  const { id, revision, label, got, givenBy, paidMinor, currency, shop } = fields
  const row = { revision_id: revision, label, got, given_by: givenBy, paid_minor: paidMinor, currency, shop }
  try {
    await db('specimen')
      .insert({ id, ...row, created_at: now() })
      .onConflict('id')
      .merge(Object.keys(row))
    return 'saved'
  } catch (error) {
    if (isDuplicate(error)) return 'label-taken'
    throw error
  }
}

/** Sets what to record of a specimen. */
export async function savePlan(id: string, plan: Plan): Promise<void> {
  const db = await database()
  await db('specimen')
    .where({ id })
    .update({ plan: JSON.stringify(plan) })
}

/** Sets when filming of a specimen began; null when it was not filmed. */
export async function saveFilming(id: string, at: string | null): Promise<void> {
  const db = await database()
  await db('specimen').where({ id }).update({ filming_at: at })
}

/** Removes a specimen that has no readings. */
export async function removeSpecimen(id: string): Promise<'removed' | 'in-use'> {
  const db = await database()
  return db.transaction(async (trx) => {
    if (await trx('reading').where({ specimen_id: id }).first()) return 'in-use'
    await trx('specimen').where({ id }).delete()
    return 'removed'
  })
}

/** The specimen that was last worked on: latest reading, else latest made. */
export async function latestSpecimen(): Promise<string | undefined> {
  const db = await database()
  const read: { id: string } | undefined = await db('reading').orderBy('seq', 'desc').first('specimen_id as id')
  const made: { id: string } | undefined = read ?? (await db('specimen').orderBy('created_at', 'desc').first('id'))
  return made?.id
}

/** Free label for the next specimen of a revision: A, B, C, then 27, 28. */
export async function nextLabel(revision: string): Promise<string> {
  const db = await database()
  const taken = new Set((await db('specimen').where({ revision_id: revision }).pluck('label')) as string[])
  for (let index = 0; ; index++) {
    const label = index < 26 ? String.fromCharCode(65 + index) : String(index + 1)
    if (!taken.has(label)) return label
  }
}
