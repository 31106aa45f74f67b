import { characteristicOf } from '#core/catalogue/index.ts'
import type { MaterialPromise, ReviewMaterial } from '#core/review/review-material.ts'
import { openOwed, type Owed } from '#core/teardown/owed.ts'
import { database } from './database.server.ts'
import { listNotes } from './notes.server.ts'
import { listPhotos } from './photos.server.ts'
import { listReadings } from './readings.server.ts'

type OwedOf = Owed & { specimenId: string; productId: string; settledBy: string | null }

/** What was promised at the bench of a review's products and is still open, or was settled by this review. */
export async function listPromised(
  reviewId: string,
  { products, rows }: Pick<ReviewMaterial, 'products' | 'rows'>,
): Promise<MaterialPromise[]> {
  const db = await database()
  const owed: OwedOf[] = await db('owed')
    .join('specimen', 'specimen.id', 'owed.specimenId')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .whereIn(
      'revision.productId',
      products.map(({ productId }) => productId),
    )
    .where((open) => open.whereNull('owed.settledAt').orWhere('owed.settledBy', reviewId))
    .orderBy('owed.owedAt')
    .select('owed.id', 'specimenId', 'revision.productId', 'characteristic', 'owedAt', 'settledAt', 'settledBy')
  const specimens = [...new Set(owed.map(({ specimenId }) => specimenId))]
  const kept = await Promise.all(
    specimens.map((id) =>
      openOrOwn(
        owed.filter((one) => one.specimenId === id),
        id,
        reviewId,
      ),
    ),
  )
  return kept.flat().flatMap(({ id, productId, characteristic }) => {
    const at = products.findIndex((one) => one.productId === productId)
    const cell = rows.find(({ key }) => key === characteristic)?.cells[at]
    const text = cell?.evidence === undefined ? '' : cell.text
    return { id, product: products[at]?.name ?? '', label: characteristicOf(characteristic).label, text }
  })
}

async function openOrOwn(owed: OwedOf[], specimenId: string, reviewId: string): Promise<OwedOf[]> {
  const [readings, notes, photos] = await Promise.all([
    listReadings(specimenId),
    listNotes(specimenId),
    listPhotos(specimenId),
  ])
  const open = new Set(
    openOwed(owed, { readings: readings.filter(({ voided }) => !voided), notes, photos }).map(({ id }) => id),
  )
  return owed.filter(({ id, settledBy }) => open.has(id) || settledBy === reviewId)
}
