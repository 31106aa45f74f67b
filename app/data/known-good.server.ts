import { counterfeitSigns, type CounterfeitSign } from '#core/kin/counterfeit-signs.ts'
import { standsForNew } from '#core/teardown/specimen-condition.ts'
import type { AssessedSpecimen } from './assessments.server.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { librarySpreads } from './summaries.server.ts'

/** A specimen beside those of its revision that are known to be good. */
export interface SpecimenSigns {
  id: string
  label: string
  revision: string
  isGood: boolean
  /** So many good ones there are to set it beside. */
  beside: number
  signs: CounterfeitSign[]
}

/** The new specimens of a product, each set beside those of its revision that are known to be good. */
export async function specimenSigns(assessed: readonly AssessedSpecimen[]): Promise<SpecimenSigns[]> {
  const db = await database()
  const fresh = assessed.filter(({ specimen }) => standsForNew(specimen.condition))
  const [rows, spreads] = await Promise.all([
    db('knownGood')
      .whereIn(
        'specimenId',
        fresh.map(({ specimen }) => specimen.id),
      )
      .select('specimenId') as Promise<{ specimenId: string }[]>,
    librarySpreads({ demo: fresh[0]?.specimen.demo ?? 0 }),
  ])
  const known = rows.map(({ specimenId }) => specimenId)
  return fresh.map(({ specimen, assessment }) => {
    const good = fresh.filter(
      (one) =>
        known.includes(one.specimen.id) &&
        one.specimen.id !== specimen.id &&
        one.specimen.revisionId === specimen.revisionId,
    )
    const isGood = known.includes(specimen.id)
    const sized = good.map((one) => ({ id: one.specimen.id, assessment: one.assessment }))
    return {
      id: specimen.id,
      label: specimen.label,
      revision: specimen.revisionLabel,
      isGood,
      beside: good.length,
      signs: isGood ? [] : counterfeitSigns(specimen.form, { id: specimen.id, assessment }, sized, spreads),
    }
  })
}

/** Says that a specimen is surely what its box says, or takes that back. */
export async function sayGood(specimenId: string, isGood: boolean): Promise<void> {
  const db = await writableDatabase()
  if (isGood) await db('knownGood').insert({ specimenId, createdAt: now() }).onConflict('specimenId').ignore()
  else await db('knownGood').where({ specimenId }).delete()
}
