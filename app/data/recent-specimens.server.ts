import { database } from './database.server.ts'
import { whatIsShown } from './demo.server.ts'

/** So many of the latest readings are looked through for what was worked on. */
const recentReadings = 600

/** A specimen that was worked on lately. */
export interface RecentSpecimen {
  id: string
  name: string
  engine: string
  /** Of its latest reading; UTC, ISO 8601. */
  at: string
}

/** The specimens that were worked on last, the latest first. */
export async function recentSpecimens(most: number): Promise<RecentSpecimen[]> {
  const db = await database()
  const readings: { specimenId: string; at: string }[] = await db('shownReading')
    .orderBy('seq', 'desc')
    .limit(recentReadings)
    .select('specimenId', 'recordedAt as at')
  const latest = new Map<string, string>()
  for (const { specimenId, at } of readings) if (!latest.has(specimenId)) latest.set(specimenId, at)
  const rows: { id: string; brand: string; partNumber: string; label: string; engine: string }[] = await db('specimen')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .join('product', 'product.id', 'revision.productId')
    .join('brand', 'brand.id', 'product.brandId')
    .join('application', 'application.id', 'product.applicationId')
    .where(whatIsShown('application'))
    .whereIn('specimen.id', [...latest.keys()])
    .select('specimen.id', 'brand.name as brand', 'product.partNumber', 'specimen.label')
    .select('application.name as engine')
  const shown = new Map(rows.map((row) => [row.id, row]))
  return [...latest].flatMap(([id, at]) => recentOf(shown.get(id), at)).slice(0, most)
}

const recentOf = (
  row: { id: string; brand: string; partNumber: string; label: string; engine: string } | undefined,
  at: string,
): RecentSpecimen[] =>
  row ? [{ id: row.id, name: `${row.brand} ${row.partNumber} ${row.label}`, engine: row.engine, at }] : []
