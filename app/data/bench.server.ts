import { placeLabel } from '#core/claims/claim.ts'
import type { PartPromise } from '#core/claims/promise.ts'
import { ofRevision } from '#core/claims/standing.ts'
import type { FormattableValue } from '#core/figures/format-value.ts'
import { assessSpecimens, type AssessedSpecimen } from './assessments.server.ts'
import { listClaimsOf } from './claims.server.ts'
import { listComparisonsOf } from './comparisons.server.ts'
import { today } from './clock.ts'
import { formattableValues } from './formattable-values.ts'
import { listOwed, listPredictions, ownHitRate } from './foresight.server.ts'
import { ownGradeDeviation } from './grade-studies.server.ts'
import { instrumentsOf } from './instruments.server.ts'
import { listIrreversibleSteps } from './irreversible-steps.server.ts'
import { listNotes } from './notes.server.ts'
import { listPhotos } from './photos.server.ts'
import { cachedQuery } from './query-cache.server.ts'
import { findReviewer } from './reviewer.server.ts'
import { listLastUses, listReadings } from './readings.server.ts'
import { listBeside, listRecordedLike, listSpecimensOf, type Specimen } from './specimens.server.ts'

/** Another specimen of the same product, with what is known of it. */
export interface Sibling {
  id: string
  label: string
  revisionLabel: string
  values: Record<string, FormattableValue>
}

export type BenchData = Awaited<ReturnType<typeof loadBench>>

/** All that the bench shows of a specimen; kept for the day, since a check falls due by the day. */
export const benchData = (specimen: Specimen): Promise<BenchData> =>
  cachedQuery(`bench ${specimen.id} ${today()}`, () => loadBench(specimen))

async function loadBench(specimen: Specimen) {
  const [
    readings,
    irreversibleSteps,
    notes,
    photos,
    lastUses,
    instruments,
    gradeDeviation,
    siblings,
    others,
    promises,
    owed,
    predictions,
    hitRate,
    { topEnd },
    beside,
    comparisons,
  ] = await Promise.all([
    listReadings(specimen.id),
    listIrreversibleSteps(specimen.id),
    listNotes(specimen.id),
    listPhotos(specimen.id),
    listLastUses(),
    instrumentsOf(specimen),
    ownGradeDeviation(),
    listSiblings(specimen),
    listRecordedLike(specimen),
    listPromises(specimen),
    listOwed(specimen.id),
    listPredictions(specimen.id),
    ownHitRate(specimen.demo),
    findReviewer(),
    listBeside(specimen),
    listComparisonsOf(specimen.id),
  ])
  return {
    specimen,
    readings,
    irreversibleSteps,
    notes,
    photos,
    lastUses,
    instruments,
    gradeDeviation,
    siblings,
    others,
    promises,
    owed,
    predictions,
    hitRate,
    topEnd,
    beside,
    comparisons,
  }
}

/** What the box promises about a part: a check to make at the bench. */
export interface BoxPromise extends PartPromise {
  words: string
  place: string
}

/** What is promised about the parts of a specimen's revision, word for word. */
async function listPromises({ productId, revisionId }: Specimen): Promise<BoxPromise[]> {
  const claims = ofRevision(await listClaimsOf(productId), revisionId)
  return claims.flatMap(({ words, place, parts: { promise } }) =>
    promise ? [{ ...promise, words, place: placeLabel(place) }] : [],
  )
}

/** The other specimens of the product, with what is known of them. */
async function listSiblings({ id, productId }: Specimen): Promise<Sibling[]> {
  const others = (await listSpecimensOf(productId)).filter((one) => one.id !== id)
  return (await assessSpecimens(others)).map(toSibling)
}

const toSibling = ({ specimen, assessment }: AssessedSpecimen): Sibling => ({
  id: specimen.id,
  label: specimen.label,
  revisionLabel: specimen.revisionLabel,
  values: formattableValues(assessment.values),
})
