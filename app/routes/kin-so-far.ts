import { kinSoFar } from '#app/data/kin.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/kin.ts'
import type { Route } from './+types/kin-so-far'
import { found } from './http.server.ts'

/** The closest relative of a specimen so far. */
export async function loader({ params }: Route.LoaderArgs) {
  return kinSoFar(found(await findSpecimen(params.specimen), texts.thisSpecimen).id)
}
