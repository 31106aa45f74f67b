import { characteristicOf, partsOfExhibit, type ExhibitPart } from '#core/catalogue/index.ts'
import type { FormattableValue } from '#core/figures/format-value.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'
import { assessSpecimens, type AssessedSpecimen } from './assessments.server.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { whatIsShown } from './demo.server.ts'
import { formattableValues } from './formattable-values.ts'
import { addOnce, type Added } from './records.server.ts'
import { listSpecimensById } from './specimens.server.ts'

export interface ExhibitRow {
  id: string
  applicationId: string
  specimenId: string
  part: ExhibitPart
  note: string
}

/** A part of another engine's filter that lies beside a face-off. */
export interface Exhibit extends Omit<ExhibitRow, 'applicationId'> {
  /** Brand, part number, label. */
  name: string
  /** The engine it is of. */
  engine: string
  /** What is known of the part, in the order of work. */
  values: { key: string; value: FormattableValue }[]
}

/** What lies beside the face-offs of an engine, oldest first, each with the specimen it is of. */
export async function listExhibits(applicationId: string): Promise<{ exhibit: Exhibit; assessed: AssessedSpecimen }[]> {
  const db = await database()
  const rows: ExhibitRow[] = await db('exhibit')
    .where({ applicationId })
    .orderBy('createdAt')
    .select('id', 'specimenId', 'part', 'note')
  const specimens = await listSpecimensById(rows.map(({ specimenId }) => specimenId))
  const assessed = new Map((await assessSpecimens(specimens)).map((one) => [one.specimen.id, one]))
  return rows.flatMap(({ id, specimenId, part, note }) => {
    const own = assessed.get(specimenId)
    if (!own) return []
    const { specimen, assessment } = own
    const exhibit = {
      id,
      specimenId,
      part,
      note,
      name: `${specimen.brand} ${specimen.partNumber} ${specimen.label}`,
      engine: specimen.applicationName,
      values: valuesOfPart(part, assessment.values),
    }
    return [{ exhibit, assessed: own }]
  })
}

function valuesOfPart(part: ExhibitPart, values: ResolvedValues): Exhibit['values'] {
  const parts = partsOfExhibit(part)
  return Object.entries(formattableValues(values)).flatMap(([key, value]) =>
    parts.includes(characteristicOf(key).part) ? [{ key, value }] : [],
  )
}

/** Lays a part beside the face-offs of an engine. */
export const addExhibit = (exhibit: ExhibitRow): Promise<Added> =>
  addOnce({ id: exhibit.id, content: exhibit }, (trx) => trx('exhibit').insert({ ...exhibit, createdAt: now() }))

export async function removeExhibit(applicationId: string, id: string): Promise<void> {
  const db = await writableDatabase()
  await db('exhibit').where({ id, applicationId }).delete()
}

/** Specimens of an engine that have readings, by name: what can be laid beside the face-offs of another. */
export async function listExhibitable(applicationId: string): Promise<{ id: string; name: string }[]> {
  const db = await database()
  const rows: { id: string; brand: string; partNumber: string; label: string }[] = await db('product')
    .join('application', 'application.id', 'product.applicationId')
    .join('brand', 'brand.id', 'product.brandId')
    .join('revision', 'revision.productId', 'product.id')
    .join('specimen', 'specimen.revisionId', 'revision.id')
    .where({ 'product.applicationId': applicationId })
    .andWhere(whatIsShown('application'))
    .whereExists(
      (recorded) =>
        void recorded.select('seq').from('shownReading').whereRaw('shown_reading.specimen_id = specimen.id'),
    )
    .orderBy(['brand.name', 'product.partNumber', 'specimen.label'])
    .select('specimen.id', 'brand.name as brand', 'product.partNumber', 'specimen.label')
  return rows.map(({ id, brand, partNumber, label }) => ({ id, name: `${brand} ${partNumber} ${label}` }))
}
