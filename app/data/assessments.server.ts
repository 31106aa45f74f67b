import { assess, type Assessment } from '#core/compare/assess.ts'
import { asksOf } from '#core/figures/asks.ts'
import { instrumentsById } from './instruments.server.ts'
import { listReadingsBySpecimen, readingMarks } from './readings.server.ts'
import { listSpecimens, type Specimen } from './specimens.server.ts'

export interface Assessed {
  specimen: Specimen
  assessment: Assessment
}

/** Assessments by specimen, each with the mark of the readings it was made from. */
const kept = new Map<string, { mark: string; assessment: Assessment }>()
const mostKept = 600

/** Every given specimen with all that follows from its readings; worked out again only when they change. */
export async function assessSpecimens(specimens: readonly Specimen[]): Promise<Assessed[]> {
  const marks = await readingMarks(specimens.map(({ id }) => id))
  const instruments = await instrumentsById()
  const held = JSON.stringify([...instruments.values()])
  const markOf = ({ id, form, plan, ...specimen }: Specimen) =>
    `${form} ${JSON.stringify([asksOf(specimen), plan])} ${marks.get(id) ?? ''} ${held}`
  const stale = specimens.filter((specimen) => kept.get(specimen.id)?.mark !== markOf(specimen))
  const readings = await listReadingsBySpecimen(stale.map(({ id }) => id))

  const fresh = new Map(
    stale.map((specimen) => [
      specimen.id,
      assess(specimen.form, readings.get(specimen.id)!, { asks: asksOf(specimen), plan: specimen.plan, instruments }),
    ]),
  )
  const assessed = specimens.map((specimen) => ({
    specimen,
    assessment: fresh.get(specimen.id) ?? kept.get(specimen.id)!.assessment,
  }))
  for (const { specimen, assessment } of assessed) {
    kept.delete(specimen.id)
    kept.set(specimen.id, { mark: markOf(specimen), assessment })
  }
  for (const id of kept.keys()) {
    if (kept.size <= mostKept) break
    kept.delete(id)
  }
  return assessed
}

export const assessApplication = async (application: string): Promise<Assessed[]> =>
  assessSpecimens(await listSpecimens(application))

export const assessSpecimen = async (specimen: Specimen): Promise<Assessment> =>
  (await assessSpecimens([specimen]))[0]!.assessment
