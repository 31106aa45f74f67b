import { findCharacteristic } from '#core/catalogue/index.ts'
import { assessApplication } from '#app/data/assessments.server.ts'
import { listLibraryValues } from '#app/data/readings.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { peersOf } from '#app/features/bench/peers.ts'
import type { Route } from './+types/distribution'
import { found } from './http.server.ts'

/** What lies beside a reading: its peers in the line-up, and the values of the whole library. */
export async function loader({ params }: Route.LoaderArgs) {
  const { key } = found(findCharacteristic(params.characteristic), 'This characteristic')
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const [assessed, library] = await Promise.all([
    assessApplication(specimen.applicationId),
    listLibraryValues(key, specimen.id),
  ])
  return { peers: peersOf(assessed, key, specimen), library }
}
