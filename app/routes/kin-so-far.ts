import { kinSoFar } from '#app/data/kin.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import type { Route } from './+types/kin-so-far'
import { found } from './http.server.ts'

/** The closest relative of a specimen so far. */
export async function loader({ params }: Route.LoaderArgs) {
  return kinSoFar(found(await findSpecimen(params.specimen), 'This specimen').id)
}
