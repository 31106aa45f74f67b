import { groupBy } from '#core/group-by.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { database } from './database.server.ts'
import { forEngine } from './fitments.server.ts'
import { instrumentsById } from './instruments.server.ts'
import { toReading, type ReadingRow } from './readings.server.ts'
import type { Specimen } from './specimens.server.ts'

/** One other specimen's value of a characteristic. */
export interface LineupPeer {
  specimen: string
  name: string
  value: number
  /** Another specimen of the same product. */
  own: boolean
}

type PeerRow = ReadingRow & { label: string; brand: string; partNumber: string; productId: string }

/** Values of a characteristic of all other specimens of an application: the field beside a reading. */
export async function listPeers(self: Specimen, characteristic: string): Promise<LineupPeer[]> {
  const db = await database()
  const rows: PeerRow[] = await db('product')
    .join('brand', 'brand.id', 'product.brandId')
    .join('revision', 'revision.productId', 'product.id')
    .join('specimen', 'specimen.revisionId', 'revision.id')
    // A cross join is made in this order: else SQLite begins with all readings of the characteristic.
    .crossJoin('shownReading', 'shownReading.specimenId', 'specimen.id')
    .modify(forEngine, self.applicationId)
    .where({ 'shownReading.characteristic': characteristic })
    .whereNot({ 'specimen.id': self.id })
    .select('shownReading.*', 'specimen.label', 'brand.name as brand', 'product.partNumber', 'product.id as productId')
  const instruments = await instrumentsById()
  const bySpecimen = groupBy(
    rows.sort((a, b) => a.seq - b.seq),
    ({ specimenId }) => specimenId,
  )
  return [...bySpecimen].flatMap(([specimen, own]) => {
    const number = resolve(own.map(toReading), instruments).get(characteristic)?.number
    const [first] = own
    if (!number || !first) return []
    const name = `${first.brand} ${first.partNumber} ${first.label}`
    return [{ specimen, name, value: number.value, own: first.productId === self.productId }]
  })
}
