import { nextAnswersOf } from '#app/data/next-answers.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/bench.ts'
import type { Route } from './+types/next-answers'
import { found } from './http.server.ts'

/** What is worth most, of what can still be read of a specimen. */
export async function loader({ params }: Route.LoaderArgs) {
  return nextAnswersOf(found(await findSpecimen(params.specimen), texts.thisSpecimen))
}
