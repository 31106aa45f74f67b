import { irreversibleStep, type FilterForm } from '#core/catalogue/index.ts'
import { firstChecks } from '#core/figures/trouble.ts'
import { gateBefore, nextOpen } from '#core/teardown/progress.ts'
import * as texts from '#app/texts/today.ts'
import { assessSpecimen, type AssessedSpecimen } from './assessments.server.ts'
import { listIrreversibleSteps } from './irreversible-steps.server.ts'
import { findSpecimen, latestSpecimen } from './specimens.server.ts'

/** What lies on the bench: the specimen that was worked on last, and what is next. */
export interface OnTheBench {
  id: string
  name: string
  engine: string
  form: FilterForm
  completeness: number
  /** The next reading; undefined when all is taken. */
  next: { key: string; label: string } | undefined
  /** How many would be lost at the next point of no return, and which that is; undefined for none. */
  lost: { count: number; step: string } | undefined
}

/** The specimen that was worked on last, with its assessment; undefined while there is none. */
export async function onTheBench(): Promise<{ bench: OnTheBench; assessed: AssessedSpecimen } | undefined> {
  const latest = await latestSpecimen()
  const specimen = latest === undefined ? undefined : await findSpecimen(latest)
  if (!specimen) return undefined
  const assessment = await assessSpecimen(specimen)
  const { form, recordingPlan: plan } = specimen
  const next = nextOpen(form, assessment.values, undefined, plan, firstChecks(specimen.trouble, form))
  const passed = new Set((await listIrreversibleSteps(specimen.id)).map(({ step }) => step))
  const gate = gateBefore('media', form, assessment.values, passed, plan)
  return {
    assessed: { specimen, assessment },
    bench: {
      id: specimen.id,
      name: texts.specimen(specimen.brand, specimen.partNumber, specimen.label),
      engine: specimen.applicationName,
      form,
      completeness: assessment.completeness,
      next: next && { key: next.key, label: next.label },
      lost: gate && { count: gate.lost.length, step: irreversibleStep(gate.point).label },
    },
  }
}
