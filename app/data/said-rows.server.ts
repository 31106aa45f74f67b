import { exhibitPartLabel, findCharacteristic } from '#core/catalogue/index.ts'
import { byKey } from '#core/by-key.ts'
import { claimLabel } from '#core/claims/claim.ts'
import { inquiryStates } from '#core/claims/inquiry.ts'
import type { SaidRow } from '#core/exchange/said-csv.ts'
import { groupBy } from '#core/group-by.ts'
import { criterionGroupLabel } from '#core/score/criterion.ts'
import { settlePrediction, type Prediction } from '#core/teardown/prediction.ts'
import type { Owed } from '#core/teardown/owed.ts'
import { formatPartCall } from '#core/verdict/part-calls.ts'
import * as texts from '#app/texts/line-up.ts'
import { assessApplication, type AssessedSpecimen } from './assessments.server.ts'
import { database } from './database.server.ts'
import { listExhibits } from './exhibits.server.ts'
import { listInquiries } from './inquiries.server.ts'
import { listPartCalls } from './part-calls.server.ts'
import { listProducts } from './products.server.ts'

const labelOf = (key: string): string => findCharacteristic(key)?.label ?? key

/** What was said beside the readings of an application: predictions, what is owed, inquiries, calls and exhibits. */
export async function listSaid(applicationId: string): Promise<SaidRow[]> {
  const [assessed, products, inquiries, calls, exhibits] = await Promise.all([
    assessApplication(applicationId),
    listProducts(applicationId),
    listInquiries(applicationId),
    listPartCalls(applicationId),
    listExhibits(applicationId),
  ])
  const nameOf = new Map(products.map(({ id, brand, partNumber }) => [id, `${brand} ${partNumber}`]))
  const nameOfRevision = new Map(
    products.flatMap(({ id, revisions }) =>
      revisions.map((one) => [one.id, [nameOf.get(id), one.label].filter(Boolean).join(' ')] as const),
    ),
  )
  return [
    ...(await ofSpecimens(assessed)),
    ...inquiries.map(({ productId, about, state, place, madeOn }): SaidRow => ({
      kind: 'asked',
      product: nameOf.get(productId) ?? '',
      of: '',
      about: claimLabel(about),
      said: place,
      outcome: byKey(inquiryStates, state).label,
      when: madeOn,
    })),
    ...calls.map(({ a, b, part, call }): SaidRow => {
      const names = { a: nameOfRevision.get(a) ?? '', b: nameOfRevision.get(b) ?? '' }
      const about = criterionGroupLabel(part)
      return {
        kind: 'called',
        product: names.a,
        of: names.b,
        about,
        said: formatPartCall(call, names),
        outcome: '',
        when: '',
      }
    }),
    ...exhibits.map(({ exhibit: { name, engine, part, note } }): SaidRow => ({
      kind: 'laid beside',
      product: name,
      of: engine,
      about: exhibitPartLabel(part),
      said: note,
      outcome: texts.notScored,
      when: '',
    })),
  ]
}

/** What was predicted of specimens and what is owed of them. */
async function ofSpecimens(assessed: readonly AssessedSpecimen[]): Promise<SaidRow[]> {
  const ids = assessed.map(({ specimen }) => specimen.id)
  if (ids.length === 0) return []
  const db = await database()
  const predictions: (Prediction & { specimenId: string })[] = await db('prediction')
    .whereIn('specimenId', ids)
    .orderBy('predictedAt')
  const owed: (Owed & { specimenId: string })[] = await db('owed').whereIn('specimenId', ids).orderBy('owedAt')
  const predicted = groupBy(predictions, ({ specimenId }) => specimenId)
  const promised = groupBy(owed, ({ specimenId }) => specimenId)
  return assessed.flatMap(({ specimen, assessment }): SaidRow[] => {
    const row = { product: `${specimen.brand} ${specimen.partNumber}`, of: specimen.label }
    return [
      ...(predicted.get(specimen.id) ?? []).map((one): SaidRow => ({
        kind: 'predicted',
        ...row,
        about: labelOf(one.characteristic),
        said: one.rawInput,
        outcome: settlePrediction(one, assessment.values.get(one.characteristic)) ?? '',
        when: one.predictedAt,
      })),
      ...(promised.get(specimen.id) ?? []).map(({ characteristic, owedAt, settledAt }): SaidRow => ({
        kind: 'owed',
        ...row,
        about: labelOf(characteristic),
        said: texts.toBeShownLater,
        outcome: settledAt ? 'shown' : '',
        when: owedAt,
      })),
    ]
  })
}
