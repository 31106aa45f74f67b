import { findCharacteristic } from '#core/catalogue/index.ts'
import { listValues } from '#app/data/readings.server.ts'
import type { Route } from './+types/field'
import { found } from './http.server.ts'

/** Values of one characteristic over the whole library, but for one specimen. */
export async function loader({ params }: Route.LoaderArgs) {
  const { key } = found(findCharacteristic(params.characteristic), 'This characteristic')
  return { values: await listValues(key, params.specimen) }
}
