import { now } from '#app/data/clock.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { benchRequestSchema } from '#app/features/bench/bench-request.ts'
import * as texts from '#app/texts/bench.ts'
import type { Route } from './+types/bench-acts'
import { actAtBench } from './bench-actions.server.ts'
import { accepted, fieldsOf, parseFields, refused } from './http.server.ts'

/** Takes an act of the bench, or says in words why not: an act is sent until it has had one of the two answers. */
export async function action({ request, params }: Route.ActionArgs) {
  const parsed = parseFields(benchRequestSchema, await fieldsOf(request))
  const specimen = await findSpecimen(params.specimen)
  if (!specimen) return refused(texts.thisSpecimenIsNotHereIt)
  if (!parsed.ok) return parsed.refusal
  const problem = await actAtBench(specimen, parsed.value)
  return problem ? refused(problem.message, {}, problem) : accepted({ takenAt: now() })
}
