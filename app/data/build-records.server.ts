import { LRUCache } from 'lru-cache'
import type { FilterForm, IrreversibleStepKey } from '#core/catalogue/index.ts'
import { groupBy } from '#core/group-by.ts'
import { buildRecord, type BuildRecord } from '#core/kin/build-record.ts'
import { frequenciesOf, type Frequencies } from '#core/kin/frequencies.ts'
import { passedSteps } from '#core/teardown/passed-steps.ts'
import { resolve, type ResolvedValues } from '#core/teardown/resolve.ts'
import { standsForNew } from '#core/teardown/specimen-condition.ts'
import { databaseOpenings } from './database.server.ts'
import { enginesByProduct } from './fitments.server.ts'
import { ownGradeDeviation } from './grade-studies.server.ts'
import { instrumentsById } from './instruments.server.ts'
import { listStepsBySpecimen } from './irreversible-steps.server.ts'
import { listReadingsBySpecimen } from './readings.server.ts'
import { listShownSpecimens, type Specimen } from './specimens.server.ts'
import { librarySpreads } from './summaries.server.ts'

/** What a revision is called where relatives are told. */
export interface KinMember {
  /** Of the revision. */
  id: string
  productId: string
  /** The specimen that is best known: it is drawn. */
  specimenId: string
  name: string
  revision: string
  engine: { id: string; name: string }
  form: FilterForm
  demo: number
  /** So many things are known of it that it could share. */
  known: number
  /** Points of no return behind each of its specimens. */
  passed: Record<string, IrreversibleStepKey[]>
}

/** Revisions that can be relatives of each other: those of one form, of the demo or not. */
export interface KinLibrary {
  records: BuildRecord[]
  frequencies: Frequencies
  members: ReadonlyMap<string, KinMember>
}

/** What readings come to, by specimen and version of what they rest on. */
const resolved = new LRUCache<string, ResolvedValues>({ max: 3000 })

const keyOf = ({ id, assessmentVersion }: Specimen): string => `${databaseOpenings()} ${id} ${assessmentVersion}`

async function resolveAll(specimens: readonly Specimen[]): Promise<Map<string, ResolvedValues>> {
  const missing = specimens.filter((one) => !resolved.has(keyOf(one)))
  if (missing.length > 0) {
    const [readings, instruments, deviation] = await Promise.all([
      listReadingsBySpecimen(missing.map(({ id }) => id)),
      instrumentsById(),
      ownGradeDeviation(),
    ])
    for (const one of missing) resolved.set(keyOf(one), resolve(readings.get(one.id) ?? [], instruments, deviation))
  }
  return new Map(specimens.map((one) => [one.id, resolved.get(keyOf(one)) ?? new Map()]))
}

/** The libraries in which relatives are looked for, as far as they are shown: by form, and the demo apart. */
export async function kinLibraries(): Promise<KinLibrary[]> {
  const specimens = (await listShownSpecimens()).filter(({ condition }) => standsForNew(condition))
  const values = await resolveAll(specimens)
  const [engines, noted] = await Promise.all([enginesByProduct(), listStepsBySpecimen(specimens.map(({ id }) => id))])
  const libraries = groupBy(specimens, ({ form, demo }) => `${form} ${demo}`)
  return Promise.all([...libraries.values()].map((own) => libraryOf(own, values, engines, noted)))
}

async function libraryOf(
  specimens: readonly Specimen[],
  values: ReadonlyMap<string, ResolvedValues>,
  enginesOf: ReadonlyMap<string, string[]>,
  noted: ReadonlyMap<string, IrreversibleStepKey[]>,
): Promise<KinLibrary> {
  const spreads = await librarySpreads({ demo: specimens[0]?.demo ?? 0 })
  const members = new Map<string, KinMember>()
  const records = [...groupBy(specimens, ({ revisionId }) => revisionId)].flatMap(([id, own]): BuildRecord[] => {
    const [first] = own
    if (!first) return []
    const sized = own.map((one) => ({ id: one.id, assessment: { values: values.get(one.id) ?? new Map() } }))
    const { form, productId: product, applicationId } = first
    const engines = enginesOf.get(product) ?? [applicationId]
    const record = buildRecord({ id, form, product, engines, specimens: sized }, spreads)
    const [best] = [...sized].sort((a, b) => b.assessment.values.size - a.assessment.values.size)
    members.set(id, {
      id,
      productId: first.productId,
      specimenId: best?.id ?? first.id,
      name: `${first.brand} ${first.partNumber}`,
      revision: first.revisionLabel,
      engine: { id: first.applicationId, name: first.applicationName },
      form: first.form,
      demo: first.demo,
      known: record.values.filter(Boolean).length,
      passed: Object.fromEntries(
        sized.map(({ id: of, assessment }) => [of, passedSteps(form, noted.get(of) ?? [], assessment.values.keys())]),
      ),
    })
    return [record]
  })
  return { records, frequencies: frequenciesOf(records), members }
}
