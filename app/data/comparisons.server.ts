import { relationFieldOf } from '#core/compare/format-relation.ts'
import { onlyTheSameOf, readComparison, rowOf } from '#core/compare/read-comparison.ts'
import type { ComparisonRecord } from '#core/compare/related-cells.ts'
import { readRelation, type SaidRelation } from '#core/compare/said-relation.ts'
import { findFigure } from '#core/figures/index.ts'
import { ok, problem, type Result } from '#core/result.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { forEngine } from './fitments.server.ts'
import { readingOf } from './quick-readings.server.ts'
import { toReadingRow, type NewReading } from './readings.server.ts'
import { addOnce, type Added } from './records.server.ts'
import type { Specimen } from './specimens.server.ts'

/** What was said of two specimens, with its words. */
export interface StoredComparison extends ComparisonRecord {
  said: string
}

interface ComparisonRow extends Omit<StoredComparison, 'of' | 'specimen' | 'other' | 'relation'> {
  characteristic: string
  specimenId: string
  otherId: string
  relation: string
}

const columns = ['comparison.id', 'characteristic', 'specimenId', 'otherId', 'relation', 'comparison.evidence', 'said']

const fromRow = ({ characteristic: of, specimenId: specimen, otherId: other, relation, ...rest }: ComparisonRow) => ({
  ...rest,
  ...{ of, specimen, other },
  relation: JSON.parse(relation) as ComparisonRecord['relation'],
})

/** All comparisons of specimens of an application, oldest first. */
export async function listComparisons(applicationId: string): Promise<StoredComparison[]> {
  const db = await database()
  const rows: ComparisonRow[] = await db('comparison')
    .join('specimen', 'specimen.id', 'comparison.specimenId')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .join('product', 'product.id', 'revision.productId')
    .modify(forEngine, applicationId)
    .orderByRaw('comparison.created_at, comparison.rowid')
    .select(columns)
  return rows.map(fromRow)
}

/** What was said of a specimen beside others, oldest first. */
export async function listComparisonsOf(specimenId: string): Promise<StoredComparison[]> {
  const db = await database()
  const rows: ComparisonRow[] = await db('comparison')
    .where({ specimenId })
    .orderByRaw('comparison.created_at, comparison.rowid')
    .select(columns)
  return rows.map(fromRow)
}

/** A comparison as it was typed: of which of the things that it may be, and between which two. */
export interface TypedComparison {
  id: string
  of: string
  line: string
}

/** Keeps what was said of a specimen beside another; a reading of each, where that is what was said. */
export async function addComparison(
  specimen: Specimen,
  other: Specimen,
  { id, of, line }: TypedComparison,
): Promise<Result<Added>> {
  const candidate = readComparison(line, specimen.form).find((one) => one.of === of)
  if (!candidate) return problem('no-comparison', texts.sayWhatIsComparedAndHow)
  return keepComparison([specimen, other], { id, of, line }, candidate.read)
}

/** Keeps what was said at the bench of the characteristic that was up. */
export async function addComparisonOf(
  specimen: Specimen,
  other: Specimen,
  { id, of, line }: TypedComparison,
): Promise<Result<Added>> {
  const key = rowOf(of)
  const field = relationFieldOf(key)
  if (!field) return problem('no-comparison', texts.thisHasNoMoreAndLess)
  return keepComparison([specimen, other], { id, of: key, line }, onlyTheSameOf(key, readRelation(line, field)))
}

async function keepComparison(
  [specimen, other]: [Specimen, Specimen],
  { id, of, line }: TypedComparison,
  read: Result<SaidRelation>,
): Promise<Result<Added>> {
  if (!read.ok) return read
  const content = { specimen: specimen.id, other: other.id, of, line }
  if ('readings' in read.value) {
    const rows = readingsOf(of, [specimen, other], read.value.readings)
    if (!rows.ok) return rows
    return ok(await addOnce({ id, content }, (trx) => trx('reading').insert(rows.value.map(toReadingRow))))
  }
  const { relation, evidence } = read.value
  const row = {
    ...{ id, specimenId: specimen.id, otherId: other.id, characteristic: of, evidence },
    ...{ relation: JSON.stringify(relation), said: line.trim(), createdAt: now() },
  }
  return ok(await addOnce({ id, content }, (trx) => trx('comparison').insert(row)))
}

/** A reading of each of two, as they were said. */
function readingsOf(of: string, [one, other]: [Specimen, Specimen], [first, second]: [string, string]) {
  if (findFigure(of)) return problem('figure', texts.twoAmountsOfAFigureAre)
  const readings: NewReading[] = []
  for (const [{ form, id }, typed] of [
    [one, first],
    [other, second],
  ] as const) {
    const reading = readingOf({ characteristic: of, typed }, form, id)
    if (!reading.ok) return reading
    readings.push(reading.value)
  }
  return ok(readings)
}

/** Takes a comparison back. */
export async function removeComparison(id: string): Promise<void> {
  const db = await writableDatabase()
  await db('comparison').where({ id }).delete()
}
