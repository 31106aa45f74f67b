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
  const rows: { id: string; brand: string; partNumber: string; label: string; engine: string; at: string }[] = await db(
    'shownReading',
  )
    .join('specimen', 'specimen.id', 'shownReading.specimenId')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .join('product', 'product.id', 'revision.productId')
    .join('brand', 'brand.id', 'product.brandId')
    .join('application', 'application.id', 'product.applicationId')
    .where(whatIsShown('application'))
    .orderBy('seq', 'desc')
    .limit(recentReadings)
    .select('specimen.id', 'brand.name as brand', 'product.partNumber', 'specimen.label')
    .select('application.name as engine', 'shownReading.recordedAt as at')
  const latest = new Map<string, RecentSpecimen>()
  for (const { id, brand, partNumber, label, engine, at } of rows)
    if (!latest.has(id)) latest.set(id, { id, name: `${brand} ${partNumber} ${label}`, engine, at })
  return [...latest.values()].slice(0, most)
}
