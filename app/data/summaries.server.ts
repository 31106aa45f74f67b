import type { Knex } from 'knex'
import type { Spreads } from '#core/compare/lineup.ts'
import { poolShares, spreadShare, type SpreadShare } from '#core/compare/unit-spread.ts'
import { formOfSizeClass, usualSizeClass, type SizeClass } from '#core/catalogue/index.ts'
import { groupBy } from '#core/group-by.ts'
import { findFatalFaults } from '#core/score/fatal-faults.ts'
import { standsForNew } from '#core/teardown/specimen-condition.ts'
import { assessSpecimens, type AssessedSpecimen } from './assessments.server.ts'
import { codeVersion } from './code-version.ts'
import { database, writableDatabase } from './database.server.ts'
import { sizeClassOfSpecimen } from './size-class.ts'
import { listSpecimensOfRevisions } from './specimens.server.ts'

/** How far a specimen is, without its readings. */
export interface SpecimenSummary {
  id: string
  label: string
  productId: string
  revision: string
  completeness: number
  fatalFault: string | null
}

/** How far the specimens of the given applications are. */
export async function summariesOf(applicationIds: readonly string[]): Promise<SpecimenSummary[]> {
  const db = await database()
  const ofApplications = (query: Knex.QueryBuilder) =>
    query
      .join('specimen', 'specimen.id', 'specimenSummary.specimenId')
      .join('revision', 'revision.id', 'specimen.revisionId')
      .join('product', 'product.id', 'revision.productId')
      .whereIn(
        'product.id',
        (of) => void of.from('fitment').whereIn('applicationId', applicationIds).select('productId'),
      )
  await refresh((query) => void ofApplications(query))
  return ofApplications(db('specimenSummary')).orderBy(['revision.createdAt', 'specimen.label']).select({
    id: 'specimen.id',
    label: 'specimen.label',
    productId: 'product.id',
    revision: 'revision.label',
    completeness: 'specimenSummary.completeness',
    fatalFault: 'specimenSummary.fatalFault',
  })
}

/**
 * Unit-to-unit spreads over the whole library, from the products of a size class that have several specimens. The demo
 * has a library of its own, and own filters another.
 */
export async function librarySpreads({ demo }: { demo: number }, sizeClass?: SizeClass): Promise<Spreads> {
  await refresh((query) => {
    void query
      .join('specimen', 'specimen.id', 'specimenSummary.specimenId')
      .whereExists(
        (other) =>
          void other
            .select('id')
            .from('specimen as other')
            .whereRaw('other.revision_id = specimen.revision_id and other.id <> specimen.id'),
      )
  })
  const db = await database()
  const shares: (SpreadShare & { key: string })[] = await db('spread')
    .where({ demo })
    .select('key', 'squares', 'degrees')
  const mark = markOf(sizeClass)
  return new Map(
    shares.flatMap(({ key, ...share }) => {
      const [attribute = '', of = ''] = key.split('@')
      const pooled = of === mark ? poolShares([share]) : undefined
      return pooled ? [[attribute, pooled] as const] : []
    }),
  )
}

/** By what spreads of a size class are told from those of the usual one: behind the key of the attribute. */
const markOf = (sizeClass: SizeClass | undefined): string =>
  !sizeClass || sizeClass === usualSizeClass(formOfSizeClass(sizeClass)) ? '' : sizeClass

/** Works out again what another version of the app has left; nothing is left to do when it has been done. */
export async function refreshAllSummaries(): Promise<number> {
  const db = await writableDatabase()
  await db('specimenSummary')
    .whereNot({ code: codeVersion })
    .whereNotNull('summaryVersion')
    .update({ summaryVersion: null })
  return refresh(() => undefined)
}

const specimensAtOnce = 25

let refreshing: Promise<unknown> = Promise.resolve()

/** Brings the chosen of those summaries up to date that are not; one after the other. Returns how many were not. */
function refresh(choose: (query: Knex.QueryBuilder) => void): Promise<number> {
  const next = refreshing.then(async () => {
    for (let count = 0; ;) {
      const stale = await listStale(choose)
      if (stale.length === 0) return count
      await summarise(stale)
      count += stale.length
    }
  })
  refreshing = next.catch(() => undefined)
  return next
}

async function listStale(choose: (query: Knex.QueryBuilder) => void): Promise<string[]> {
  const db = await database()
  const query = db('specimenSummary')
    .whereRaw('specimen_summary.summary_version is not specimen_summary.version')
    .limit(specimensAtOnce)
    .select('specimenSummary.specimenId as id')
  choose(query)
  return ((await query) as { id: string }[]).map(({ id }) => id)
}

/** Works out the summaries of specimens, and what their revisions add to the spreads. */
async function summarise(ids: readonly string[]): Promise<void> {
  const assessed = await assessSpecimens(await listSpecimensOfRevisions(ids))
  const summarised = new Set(ids)
  const db = await writableDatabase()
  await db.transaction(async (trx) => {
    for (const [revisionId, own] of groupBy(assessed, ({ specimen }) => specimen.revisionId))
      await keepShares(trx, revisionId, own)
    for (const { specimen, assessment } of assessed) {
      if (!summarised.has(specimen.id)) continue
      await trx('specimenSummary')
        .where({ specimenId: specimen.id })
        .update({
          summaryVersion: specimen.assessmentVersion,
          code: codeVersion,
          completeness: assessment.completeness,
          sizeClass: sizeClassOfSpecimen({ specimen, assessment }) ?? '',
          fatalFault: findFatalFaults(specimen.form, assessment.values)[0]?.description ?? null,
        })
    }
  })
}

/** Keeps what the units of a revision add to the spreads, as far as it has changed. */
async function keepShares(
  trx: Knex.Transaction,
  revisionId: string,
  units: readonly AssessedSpecimen[],
): Promise<void> {
  const rows: (SpreadShare & { key: string })[] = await trx('revisionSpread')
    .where({ revisionId })
    .select('key', 'squares', 'degrees')
  const demo = units[0]?.specimen.demo ?? 0
  const before = new Map(rows.map((row) => [row.key, row]))
  const after = sharesOf(units)
  for (const key of before.keys()) if (!after.has(key)) await trx('revisionSpread').where({ revisionId, key }).delete()
  for (const [key, share] of after) {
    const known = before.get(key)
    if (!known) await trx('revisionSpread').insert({ revisionId, key, demo, ...share })
    else if (known.squares !== share.squares || known.degrees !== share.degrees)
      await trx('revisionSpread').where({ revisionId, key }).update(share)
  }
}

/** What the units of one revision add to each spread. */
function sharesOf(all: readonly AssessedSpecimen[]): Map<string, SpreadShare> {
  const units = all.filter(({ specimen }) => standsForNew(specimen.condition))
  if (units.length < 2) return new Map()
  const numbers = groupBy(units.flatMap(numbersOf), ({ key }) => key)
  const mark = markOf(units[0] && sizeClassOfSpecimen(units[0]))
  return new Map(
    [...numbers].flatMap(([key, those]) => {
      const share = spreadShare(those.map(({ value }) => value))
      return share ? [[mark ? `${key}@${mark}` : key, share] as const] : []
    }),
  )
}

const numbersOf = ({ assessment: { values, figures } }: AssessedSpecimen): { key: string; value: number }[] => [
  ...[...values.values()].flatMap(({ key, number }) => (number ? [{ key, value: number.value }] : [])),
  ...[...figures.values()].flatMap((figure) =>
    figure.state === 'known' ? [{ key: figure.key, value: figure.number.value }] : [],
  ),
]
