import type { SizeClass } from '#core/catalogue/index.ts'
import type { Method } from '#core/score/effective-criteria.ts'
import { sizeClassOf, sizeClassOfLineup } from '#core/teardown/size-class-of.ts'
import type { Application } from './applications.server.ts'
import type { AssessedSpecimen } from './assessments.server.ts'

/** The size class of a specimen, as chosen for its engine or as its own sizes say. */
export const sizeClassOfSpecimen = ({
  specimen: { form, sizeClass },
  assessment: { values },
}: AssessedSpecimen): SizeClass | undefined => sizeClassOf(form, sizeClass, values)

/** The size class of the filters of an engine. */
export const sizeClassOfEngine = (
  { form, sizeClass }: Application,
  assessed: readonly AssessedSpecimen[],
): SizeClass | undefined =>
  sizeClassOfLineup(
    form,
    sizeClass,
    assessed.map(({ assessment }) => assessment.values),
  )

/** The method as it judges a specimen. */
export const methodFor = (method: Method, assessed: AssessedSpecimen): Method => ({
  ...method,
  sizeClass: sizeClassOfSpecimen(assessed),
})
