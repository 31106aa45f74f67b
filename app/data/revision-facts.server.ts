import { buildRecord, type BuildRecord } from '#core/kin/build-record.ts'
import { readingsOfDateCode, shelfMonths, type MadeIn } from '#core/kin/date-code.ts'
import { standsForNew } from '#core/teardown/specimen-condition.ts'
import type { AssessedSpecimen } from './assessments.server.ts'
import { dateCodeTemplatesOf } from './date-codes.server.ts'
import type { Product } from './products.server.ts'
import { librarySpreads } from './summaries.server.ts'

/** A date code that was seen on a specimen, with all that it may mean. */
export interface SeenCode {
  specimen: string
  code: string
  readings: MadeIn[]
  /** Months on a shelf until it was opened, where the code has one meaning. */
  shelf: number | undefined
}

/** What a revision is told by: its date codes and country. */
export interface RevisionFacts {
  id: string
  codes: SeenCode[]
  origins: string[]
  /** The day of each specimen's first reading. */
  seen: { specimen: string; day: string }[]
  /** How it is built, so that it can be set beside the one before. */
  record: BuildRecord
}

/** The revisions of a product as far as specimens tell of them, oldest first. */
export async function revisionFacts(
  { id: product, revisions, form }: Product,
  assessed: readonly AssessedSpecimen[],
): Promise<RevisionFacts[]> {
  const [templates, spreads] = await Promise.all([
    dateCodeTemplatesOf(product),
    librarySpreads({ demo: assessed[0]?.specimen.demo ?? 0 }),
  ])
  return revisions.map(({ id }) => {
    const own = assessed.filter(({ specimen }) => specimen.revisionId === id)
    const sold = own.filter(({ specimen }) => standsForNew(specimen.condition))
    const specimens = sold.map(({ specimen, assessment }) => ({ id: specimen.id, assessment }))
    return {
      id,
      codes: own.flatMap((one) => seenCode(one, templates)),
      seen: own.flatMap(firstSeen),
      origins: [...new Set(own.flatMap(({ assessment }) => assessment.values.get('box.origin')?.text?.trim() ?? []))],
      record: buildRecord({ id, form, product, engines: [], specimens }, spreads),
    }
  })
}

function firstSeen({ specimen, assessment }: AssessedSpecimen): RevisionFacts['seen'] {
  const days = [...assessment.values.values()].flatMap(({ readings }) => readings.map(({ recordedAt }) => recordedAt))
  const [first] = days.sort()
  return first ? [{ specimen: specimen.label, day: first.slice(0, 10) }] : []
}

/** It was looked at when it was recorded, and so it was made by then. */
function seenCode({ specimen, assessment }: AssessedSpecimen, templates: readonly string[]): SeenCode[] {
  const value = assessment.values.get('box.datecode')
  const code = value?.text?.trim()
  const seenOn = value?.readings.at(-1)?.recordedAt.slice(0, 10)
  if (!code || !seenOn) return []
  const readings = readingsOfDateCode(code, templates, seenOn)
  const [only, ...more] = readings
  const shelf = only && more.length === 0 ? shelfMonths(only, seenOn) : undefined
  return [{ specimen: specimen.label, code, readings, shelf }]
}
