import { isMainThread } from 'node:worker_threads'
import { LRUCache } from 'lru-cache'
import { assess, type Assessment } from '#core/figures/assess.ts'
import { requirementsOf } from '#core/figures/application-requirements.ts'
import { databaseOpenings } from './database.server.ts'
import { ownGradeDeviation } from './grade-studies.server.ts'
import { instrumentsById } from './instruments.server.ts'
import { listReadingsBySpecimen } from './readings.server.ts'
import { listSpecimens, type Specimen } from './specimens.server.ts'

export interface AssessedSpecimen {
  specimen: Specimen
  assessment: Assessment
}

/**
 * Assessments by specimen and version: the database counts a version on whenever anything changes that one rests on.
 * The thread that evaluates line-ups needs those of many specimens, the others of a few.
 */
const cache = new LRUCache<string, Assessment>({ max: isMainThread ? 300 : 2400 })

/** What an engine asks is part of an assessment: one that fits two is assessed for each. */
const keyOf = ({ id, applicationId, assessmentVersion }: Specimen): string =>
  `${databaseOpenings()} ${id} ${applicationId} ${assessmentVersion}`

/** Every given specimen with all that follows from its readings; worked out again only when that has changed. */
export async function assessSpecimens(specimens: readonly Specimen[]): Promise<AssessedSpecimen[]> {
  const known = new Map<string, Assessment>()
  for (const specimen of specimens) {
    const assessment = cache.get(keyOf(specimen))
    if (assessment) known.set(specimen.id, assessment)
  }
  const unknown = specimens.filter(({ id }) => !known.has(id))
  if (unknown.length > 0) {
    const [readings, instruments, gradeDeviation] = await Promise.all([
      listReadingsBySpecimen(unknown.map(({ id }) => id)),
      instrumentsById(),
      ownGradeDeviation(),
    ])
    for (const specimen of unknown) {
      const { id, form, recordingPlan: plan } = specimen
      const context = { requirements: requirementsOf(specimen), plan, instruments, gradeDeviation }
      const assessment = assess(form, readings.get(id) ?? [], context)
      known.set(id, assessment)
      cache.set(keyOf(specimen), assessment)
    }
  }
  return specimens.flatMap((specimen) => {
    const assessment = known.get(specimen.id)
    return assessment ? [{ specimen, assessment }] : []
  })
}

export const assessApplication = async (applicationId: string): Promise<AssessedSpecimen[]> =>
  assessSpecimens(await listSpecimens(applicationId))

export async function assessSpecimen(specimen: Specimen): Promise<Assessment> {
  const [assessed] = await assessSpecimens([specimen])
  if (!assessed) throw new Error(`The specimen "${specimen.id}" was not assessed`)
  return assessed.assessment
}
