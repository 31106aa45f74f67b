import type { Knex } from 'knex'
import type { FilterForm, SizeClass } from '#core/catalogue/index.ts'
import type { OtherSpecimen } from '#core/compare/beside.ts'
import type { Interval } from '#core/quantity/interval.ts'
import type { SpecimenState } from '#core/teardown/specimen-condition.ts'
import type { RecordingPlan } from '#core/teardown/recording-plan.ts'
import { foldName } from '#core/fold-name.ts'
import { freeLabels } from '#core/teardown/specimen-labels.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import type { EngineTrouble } from '#core/figures/trouble.ts'
import type { MakerEvidence, Tier } from './products.server.ts'
import type { RawInput } from './raw-input.ts'
import { whatIsShown } from './demo.server.ts'
import { forEngine } from './fitments.server.ts'
import { addOnce, changeSeen, type Added, type Changed } from './records.server.ts'

export interface Specimen extends SpecimenState {
  id: string
  label: string
  acquisition: 'bought' | 'given'
  /** 1 for one that goes back to whoever gave it. */
  onLoan: number
  givenBy: string
  paidMinor: number | null
  currency: string | null
  shop: string
  createdAt: string
  version: number
  /** Counted on by the database when anything changes that its assessment rests on. */
  assessmentVersion: number
  /** What to record where it departs from the catalogue. */
  recordingPlan: RecordingPlan
  rawInput: RawInput
  /** UTC, ISO 8601: when filming began. */
  filmingAt: string | null
  revisionId: string
  revisionLabel: string
  /** Who made the revision, and how that is known. */
  maker: string
  makerEvidence: MakerEvidence
  productId: string
  brand: string
  partNumber: string
  form: FilterForm
  tier: Tier
  nickname: string
  applicationId: string
  applicationName: string
  /** 1 for one of the demo. */
  demo: number
  /** Chosen for its engine; empty where its first sizes tell it. */
  sizeClass: SizeClass | ''
  /** What its engine is known for. */
  trouble: EngineTrouble | ''
  /** What the application asks, SI. */
  bypassOpening: number | null
  oilTemperatureMin: number | null
  oilTemperatureMax: number | null
}

export type SpecimenFields = Pick<
  Specimen,
  'id' | 'revisionId' | 'label' | 'acquisition' | 'givenBy' | 'paidMinor' | 'currency' | 'shop' | 'rawInput'
> &
  Partial<SpecimenState & Pick<Specimen, 'onLoan'>>

type SpecimenRow = Omit<Specimen, 'recordingPlan' | 'rawInput' | 'service'> & {
  recordingPlan: string
  rawInput: string
  service: string | null
}

const toSpecimen = ({ recordingPlan, rawInput, service, ...rest }: SpecimenRow): Specimen => ({
  ...rest,
  service: service === null ? null : (JSON.parse(service) as Interval),
  recordingPlan: JSON.parse(recordingPlan) as RecordingPlan,
  rawInput: JSON.parse(rawInput) as RawInput,
})

type Where = Record<string, string> | ((query: Knex.QueryBuilder) => void)

/** By the engine that the product was entered for, or as a specimen of another engine that it fits. */
const withHome = (query: Knex.QueryBuilder) => void query.join('application', 'application.id', 'product.applicationId')
const withEngine = (query: Knex.QueryBuilder) =>
  void query
    .join('fitment', 'fitment.productId', 'product.id')
    .join('application', 'application.id', 'fitment.applicationId')

async function select(where: Where, withApplication = withHome): Promise<Specimen[]> {
  const db = await database()
  const rows: SpecimenRow[] = await db('specimen')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .join('product', 'product.id', 'revision.productId')
    .join('brand', 'brand.id', 'product.brandId')
    .modify(withApplication)
    .join('specimenSummary', 'specimenSummary.specimenId', 'specimen.id')
    .where(where)
    .orderBy(['brand.name', 'product.partNumber', 'revision.createdAt', 'specimen.label'])
    .select({
      id: 'specimen.id',
      label: 'specimen.label',
      acquisition: 'specimen.acquisition',
      onLoan: 'specimen.onLoan',
      givenBy: 'specimen.givenBy',
      paidMinor: 'specimen.paidMinor',
      currency: 'specimen.currency',
      shop: 'specimen.shop',
      condition: 'specimen.condition',
      service: 'specimen.service',
      createdAt: 'specimen.createdAt',
      version: 'specimen.version',
      assessmentVersion: 'specimenSummary.version',
      recordingPlan: 'specimen.recordingPlan',
      rawInput: 'specimen.rawInput',
      filmingAt: 'specimen.filmingAt',
      revisionId: 'revision.id',
      revisionLabel: 'revision.label',
      maker: 'revision.maker',
      makerEvidence: 'revision.makerEvidence',
      productId: 'product.id',
      brand: 'brand.name',
      partNumber: 'product.partNumber',
      form: 'product.form',
      tier: 'product.tier',
      nickname: 'product.nickname',
      applicationId: 'application.id',
      applicationName: 'application.name',
      demo: 'application.demo',
      sizeClass: 'application.sizeClass',
      trouble: 'application.trouble',
      bypassOpening: 'application.bypassOpening',
      oilTemperatureMin: 'application.oilTemperatureMin',
      oilTemperatureMax: 'application.oilTemperatureMax',
    })
  return rows.map(toSpecimen)
}

/** The specimens of all products that fit an engine, as specimens of that engine. */
export const listSpecimens = (application: string): Promise<Specimen[]> =>
  select({ 'fitment.applicationId': application }, withEngine)

export const listSpecimensOf = (product: string): Promise<Specimen[]> => select({ 'product.id': product })

/** The specimens of a brand, of all engines that are shown. */
export const listSpecimensOfBrand = (brand: string): Promise<Specimen[]> =>
  select((query) => void query.where({ 'brand.id': brand }).andWhere(whatIsShown('application')))

/** The given specimens, as far as they are shown. */
export const listSpecimensById = async (ids: readonly string[]): Promise<Specimen[]> =>
  ids.length === 0 ? [] : select((query) => void query.whereIn('specimen.id', ids).andWhere(whatIsShown('application')))

/** The given specimens, and all others of their revisions. */
export const listSpecimensOfRevisions = (ids: readonly string[]): Promise<Specimen[]> =>
  select((query) => {
    void query.whereIn('specimen.revisionId', (of) => void of.select('revisionId').from('specimen').whereIn('id', ids))
  })

/** Other specimens of the same application and form that have readings, latest first, so many at most. */
export async function listRecordedLike(
  { id, applicationId, form }: Specimen,
  most = 30,
): Promise<{ id: string; name: string }[]> {
  const db = await database()
  const rows: { id: string; brand: string; partNumber: string; label: string }[] = await db('product')
    .join('brand', 'brand.id', 'product.brandId')
    .join('revision', 'revision.productId', 'product.id')
    .join('specimen', 'specimen.revisionId', 'revision.id')
    .modify(forEngine, applicationId)
    .where({ 'product.form': form })
    .whereNot({ 'specimen.id': id })
    .whereExists(
      (recorded) =>
        void recorded.select('seq').from('shownReading').whereRaw('shown_reading.specimen_id = specimen.id'),
    )
    .orderBy('specimen.createdAt', 'desc')
    .limit(most)
    .select('specimen.id', 'brand.name as brand', 'product.partNumber', 'specimen.label')
  return rows.map((one) => ({ id: one.id, name: `${one.brand} ${one.partNumber} ${one.label}` }))
}

/** All other specimens of the same application and form by what they are called, oldest first. */
export async function listBeside({ id, applicationId, form }: Specimen): Promise<OtherSpecimen[]> {
  const db = await database()
  return db('product')
    .join('brand', 'brand.id', 'product.brandId')
    .join('revision', 'revision.productId', 'product.id')
    .join('specimen', 'specimen.revisionId', 'revision.id')
    .modify(forEngine, applicationId)
    .where({ 'product.form': form })
    .whereNot({ 'specimen.id': id })
    .orderBy('specimen.createdAt')
    .select('specimen.id', 'brand.name as brand', 'product.partNumber', 'product.nickname', 'specimen.label')
}

export const listAllSpecimens = (): Promise<Specimen[]> => select({})

/** All specimens, as far as they are shown. */
export const listShownSpecimens = (): Promise<Specimen[]> =>
  select((query) => void query.where(whatIsShown('application')))

export const findSpecimen = async (id: string): Promise<Specimen | undefined> =>
  (await select({ 'specimen.id': id }))[0]

/** How many specimens each of the given products has. */
export async function countSpecimensByProduct(products: readonly string[]): Promise<Map<string, number>> {
  const db = await database()
  const rows: { productId: string; specimens: number }[] = await db('specimen')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .whereIn('productId', products)
    .groupBy('productId')
    .select('productId')
    .count({ specimens: 'specimen.id' })
  return new Map(rows.map(({ productId, specimens }) => [productId, specimens]))
}

const toRow = ({ rawInput, condition = 'new', service = null, ...fields }: SpecimenFields) => ({
  ...fields,
  condition,
  service: service === null ? null : JSON.stringify(service),
  nameKey: foldName(fields.label),
  rawInput: JSON.stringify(rawInput),
})

/** Adds specimens within a transaction. */
export const insertSpecimens = (trx: Knex.Transaction, specimens: readonly SpecimenFields[]): Promise<unknown> =>
  trx('specimen').insert(specimens.map((fields) => ({ ...toRow(fields), createdAt: now() })))

/** Adds a specimen. */
export const addSpecimen = (fields: SpecimenFields): Promise<Added> =>
  addOnce({ id: fields.id, content: fields }, (trx) => insertSpecimens(trx, [fields]))

/** Changes a specimen of which a version was seen. */
export const changeSpecimen = (fields: SpecimenFields, version: number): Promise<Changed> =>
  changeSeen('specimen', { id: fields.id, version }, toRow(fields))

/** Sets what to record of a specimen. */
export async function saveRecordingPlan(id: string, plan: RecordingPlan): Promise<void> {
  const db = await writableDatabase()
  await db('specimen')
    .where({ id })
    .update({ recordingPlan: JSON.stringify(plan) })
}

/** Removes a specimen that has no readings. */
export async function removeSpecimen(id: string): Promise<'removed' | 'in-use'> {
  const db = await writableDatabase()
  return db.transaction(async (trx) => {
    if (await trx('reading').where({ specimenId: id }).first()) return 'in-use'
    await trx('specimen').where({ id }).delete()
    return 'removed'
  })
}

/** The specimen of an application that was last worked on: latest reading, else latest made. */
export async function latestSpecimenOf(applicationId: string): Promise<string | undefined> {
  const db = await database()
  const latest: { id: string } | undefined = await db('product')
    .join('revision', 'revision.productId', 'product.id')
    .join('specimen', 'specimen.revisionId', 'revision.id')
    .modify(forEngine, applicationId)
    .orderByRaw('(select max(seq) from shown_reading where specimen_id = specimen.id) desc nulls last')
    .orderBy('specimen.createdAt', 'desc')
    .first('specimen.id')
  return latest?.id
}

/** The specimen that was last worked on: latest reading, else latest made. */
export async function latestSpecimen(): Promise<string | undefined> {
  const db = await database()
  const ofShown = (query: Knex.QueryBuilder) =>
    query
      .join('revision', 'revision.id', 'specimen.revisionId')
      .join('product', 'product.id', 'revision.productId')
      .join('application', 'application.id', 'product.applicationId')
      .where(whatIsShown('application'))
  const read: { id: string } | undefined = await ofShown(
    db('shownReading').join('specimen', 'specimen.id', 'shownReading.specimenId'),
  )
    .orderBy('seq', 'desc')
    .first('specimen.id')
  const made: { id: string } | undefined =
    read ?? (await ofShown(db('specimen')).orderBy('specimen.createdAt', 'desc').first('specimen.id'))
  return made?.id
}

/** Free label for the next specimen of a revision. */
export async function nextLabel(revision: string): Promise<string> {
  const db = await database()
  const [label = ''] = freeLabels(await db('specimen').where({ revisionId: revision }).pluck('label'), 1)
  return label
}
