import { LRUCache } from 'lru-cache'
import { assess, type Assessment } from '#core/figures/assess.ts'
import { requirementsOf } from '#core/figures/application-requirements.ts'
import { instrumentsById } from './instruments.server.ts'
import { listReadingsBySpecimen, readingVersions } from './readings.server.ts'
import { listSpecimens, type Specimen } from './specimens.server.ts'

export interface AssessedSpecimen {
  specimen: Specimen
  assessment: Assessment
}

/** Assessments by specimen, each with the version of what it was made from. */
const cache = new LRUCache<string, { version: string; assessment: Assessment }>({ max: 600 })

/** Every given specimen with all that follows from its readings; worked out again only when they change. */
export async function assessSpecimens(specimens: readonly Specimen[]): Promise<AssessedSpecimen[]> {
  const versions = await readingVersions(specimens.map(({ id }) => id))
  const instruments = await instrumentsById()
  const instrumentsVersion = JSON.stringify([...instruments.values()])
  const versionOf = ({ id, form, recordingPlan, ...specimen }: Specimen) =>
    `${form} ${JSON.stringify([requirementsOf(specimen), recordingPlan])} ${versions.get(id) ?? ''} ` +
    `${instrumentsVersion}`

  const known = new Map(
    specimens.flatMap((specimen) => {
      const cached = cache.get(specimen.id)
      return cached?.version === versionOf(specimen) ? [[specimen.id, cached.assessment] as const] : []
    }),
  )
  const stale = specimens.filter(({ id }) => !known.has(id))
  const readings = await listReadingsBySpecimen(stale.map(({ id }) => id))
  return specimens.map((specimen) => {
    const { id, form, recordingPlan: plan } = specimen
    const context = { requirements: requirementsOf(specimen), plan, instruments }
    const assessment = known.get(id) ?? assess(form, readings.get(id) ?? [], context)
    cache.set(id, { version: versionOf(specimen), assessment })
    return { specimen, assessment }
  })
}

export const assessApplication = async (applicationId: string): Promise<AssessedSpecimen[]> =>
  assessSpecimens(await listSpecimens(applicationId))

export async function assessSpecimen(specimen: Specimen): Promise<Assessment> {
  const [assessed] = await assessSpecimens([specimen])
  if (!assessed) throw new Error(`The specimen "${specimen.id}" was not assessed`)
  return assessed.assessment
}
