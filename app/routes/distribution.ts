import { findCharacteristic } from '#core/catalogue/index.ts'
import { listPeers } from '#app/data/peers.server.ts'
import { listLibraryOccurrences } from '#app/data/readings.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/bench.ts'
import type { Route } from './+types/distribution'
import { found } from './http.server.ts'

/** What lies beside a reading: its peers in the line-up, and what the whole library holds. */
export async function loader({ params }: Route.LoaderArgs) {
  const { key } = found(findCharacteristic(params.characteristic), texts.thisCharacteristic)
  const specimen = found(await findSpecimen(params.specimen), texts.thisSpecimen)
  const [peers, library] = await Promise.all([listPeers(specimen, key), listLibraryOccurrences(key, specimen)])
  return { peers, library }
}
