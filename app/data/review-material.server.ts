import { partLabel, type FilterForm } from '#core/catalogue/index.ts'
import { ofRevision } from '#core/claims/standing.ts'
import { formatCell } from '#core/compare/format-cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { oilWay } from '#core/figures/oil-way.ts'
import { partCaptions } from '#core/figures/part-captions.ts'
import { engineTroubles } from '#core/figures/trouble.ts'
import { kinFeatures } from '#core/kin/kin-features.ts'
import { formatAvailability } from '#core/money/availability.ts'
import { shopToTell, type Price } from '#core/money/landed.ts'
import { groupBy } from '#core/group-by.ts'
import { priceRange } from '#core/money/price-range.ts'
import { formatMoney, toMinor } from '#core/money/currency.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Block } from '#core/review/block.ts'
import type { MaterialFaceOff, MaterialPrice, ReviewMaterial, ReviewedProduct } from '#core/review/review-material.ts'
import { talkingPoints, type LibraryValue } from '#core/review/talking-points.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'
import { wordLabel } from '#core/verdict/absolute-word.ts'
import { formatCall, type Call } from '#core/verdict/call.ts'
import { scoreContributions } from '#core/verdict/contributions.ts'
import { formatInterest } from '#core/verdict/interest.ts'
import { formatJudgedOn, judgedOn, notLookedAt } from '#core/verdict/judged-on.ts'
import { judge, judgePair, type JudgedRevision } from '#core/verdict/judgement.ts'
import { evaluateRevisions, type EvaluatedRevision } from '#core/verdict/ranking.ts'
import { summariseFaceOff } from '#core/verdict/summary.ts'
import { findApplication, type Application } from './applications.server.ts'
import { kinLibraries } from './build-records.server.ts'
import { claimOverview, type ProductClaims } from './claim-overview.server.ts'
import { columnName, columnNames } from './column-name.ts'
import { evaluateLineup, type EvaluatedColumn, type LineupEvaluation } from './lineup-evaluation.server.ts'
import { lineupQuery } from './lineup-query.server.ts'
import { offersOf, type ProductOffer } from './offers.server.ts'
import { assessApplication } from './assessments.server.ts'
import { listPrices } from './prices.server.ts'
import { listProducts, type Product } from './products.server.ts'
import { contradictionsOf, efficiencyOf, materialClaims, verdictText } from './review-claims.ts'
import type { ReviewSubject } from './reviews.server.ts'
import { listVerdicts } from './verdicts.server.ts'

/** What a review draws from; undefined where there is no such engine. */
export const reviewMaterial = (
  applicationId: string,
  { subject, a, b }: ReviewSubject,
  blocks: readonly Block[],
  units: UnitHabit,
  day: string,
): Promise<ReviewMaterial | undefined> => {
  const pairs = blocks.filter(({ kind }) => kind === 'face-off').map((block) => [block.a, block.b] as const)
  return materialOfDay(applicationId, { subject, a, b }, pairs, units, day)
}

/** All that the parts of a material are worked out from. */
interface Judged {
  form: FilterForm
  evaluation: LineupEvaluation
  all: EvaluatedRevision[]
  ranked: JudgedRevision[]
  call: Call | undefined
  /** Columns that the review is about, best first. */
  shown: EvaluatedColumn[]
  nameOf: (id: string) => string
  units: UnitHabit
}

const materialOfDay = lineupQuery(
  'review',
  async (
    applicationId: string,
    subject: ReviewSubject,
    pairs: readonly (readonly [string, string])[],
    units: UnitHabit,
    day: string,
  ): Promise<ReviewMaterial | undefined> => {
    const application = await findApplication(applicationId)
    if (!application) return undefined
    const [evaluation, { draft, published }] = await Promise.all([
      evaluateLineup(application, day),
      listVerdicts(applicationId),
    ])
    const verdict = draft ?? published[0]
    const school = evaluation.schools.find(({ id }) => id === verdict?.schoolId) ?? evaluation.schools[0]
    const judged = judgeFor(application, subject, evaluation, school, units)
    const { call, nameOf } = judged
    return {
      engine: application.name,
      trouble: engineTroubles.find(({ key }) => key === application.trouble)?.label ?? '',
      day,
      method: evaluation.method.version,
      school: school?.name ?? '',
      call,
      callText: call ? formatCall(call, nameOf) : '',
      verdictWords: verdictText(verdict),
      interest: interestOf(evaluation),
      products: await productsOf(application, judged, day),
      rows: rowsOf(judged),
      faceOffs: pairs.flatMap((pair) => faceOffOf(pair, judged) ?? []),
      promised: [],
    }
  },
)

function judgeFor(
  { form }: Application,
  { subject, a, b }: ReviewSubject,
  evaluation: LineupEvaluation,
  school: LineupEvaluation['schools'][number] | undefined,
  units: UnitHabit,
): Judged {
  const { columns, rows, method } = evaluation
  const all = evaluateRevisions(form, columns, rows, effectiveCriteria(method, school))
  const judgement = judge(all)
  const isShown = ({ id }: { id: string }) => subject === 'engine' || id === a || id === b
  const ranked = judgement.ranked.filter(isShown)
  const placeOf = ({ id }: EvaluatedColumn) => {
    const place = ranked.findIndex((one) => one.id === id)
    return place < 0 ? ranked.length : place
  }
  const [first, second] = [a, b].map((id) => all.find((one) => one.id === id))
  return {
    form,
    evaluation,
    all,
    ranked,
    call: subject === 'engine' ? judgement.call : first && second && judgePair(all, first, second),
    shown: columns.filter(isShown).sort((p, q) => placeOf(p) - placeOf(q)),
    nameOf: columnNames(columns),
    units,
  }
}

const interestOf = ({ reviewer: { interest, interestNote } }: LineupEvaluation): ReviewMaterial['interest'] => ({
  text: formatInterest(interest, interestNote),
  isSaid: interest !== '',
})

/** What stands beside the columns of a line-up. */
interface Beside {
  products: Product[]
  claims: ProductClaims[]
  library: ReadonlyMap<string, readonly LibraryValue[]>
  currency: string
  prices: ReadonlyMap<string, readonly Price[]>
  /** Of the specimen that is drawn. */
  values: ResolvedValues
  offerOf: (productId: string, revisionId: string) => ProductOffer
}

async function productsOf(application: Application, judged: Judged, day: string): Promise<ReviewedProduct[]> {
  const [products, claims, library, assessed, prices] = await Promise.all([
    listProducts(application.id),
    claimOverview(application.id),
    libraryValues(application),
    assessApplication(application.id),
    listPrices(application.id),
  ])
  const pricesOf = groupBy(prices, (price) => price.productId)
  const offers = await offersOf(application.id, assessed, 1, undefined, day)
  return judged.shown.map((column) =>
    reviewedProduct(column, judged, day, {
      ...{ products, claims: claims.products, library, prices: pricesOf, ...offers },
      values: assessed.find(({ specimen }) => specimen.id === column.specimenId)?.assessment.values ?? new Map(),
    }),
  )
}

function reviewedProduct(column: EvaluatedColumn, judged: Judged, day: string, beside: Beside): ReviewedProduct {
  const { evaluation, ranked, all, units } = judged
  const { id, productId, specimenId, brand, nickname, tier, specimens, given, maker, remarks, fatalFaults } = column
  const at = evaluation.columns.indexOf(column)
  const own = all[at]
  const score = ranked.find((one) => one.id === id)
  const boxes = beside.claims.find((one) => one.id === productId)
  const open = own ? notLookedAt(own.score) : []
  const contradictions = contradictionsOf(column, boxes)
  return {
    ...{ id, productId, specimenId, brand, nickname, tier, specimens, given, maker, remarks, contradictions },
    name: columnName(column),
    partNumber: beside.products.find((one) => one.id === productId)?.partNumber ?? column.name,
    fault: fatalFaults[0] && { description: fatalFaults[0].description, ...column.faultCount },
    excluded: own?.excluded,
    score: score && { ...boundsOf(score), chance: score.chance },
    judgedOn: own ? formatJudgedOn(judgedOn(own.score)) : '',
    notLookedAt: open,
    claims: materialClaims(boxes, column.revisionId),
    efficiency: efficiencyOf(column, units),
    price: priceOf(beside, column),
    asked: priceRange(ofRevision(beside.prices.get(productId) ?? [], column.revisionId), day),
    availability: column.availability ? formatAvailability(column.availability) : '',
    word: column.word ? [wordLabel(column.word.word), column.word.condition].filter(Boolean).join(', ') : '',
    oilWay: oilWayOf(judged.form, beside.values),
    points: talkingPoints({
      ...{ at, productId, specimens, units },
      contradictions: contradictions.map(({ text }) => text),
      rows: evaluation.rows,
      library: beside.library,
      rival: rivalOf(score, judged),
      notLookedAt: open,
      weights: new Map(
        own?.score.lines.flatMap(({ criterion: { attribute, weight } }) => (weight > 0 ? [[attribute, weight]] : [])),
      ),
    }),
  }
}

function oilWayOf(form: FilterForm, values: ResolvedValues): ReviewedProduct['oilWay'] {
  const { says, beliefs, parts } = oilWay(form, values)
  const captions: Partial<Record<string, string>> = partCaptions(values)
  return {
    ...{ says, beliefs },
    parts: parts.map(({ part, job }) => ({ label: partLabel(part), job, has: captions[part] ?? '' })),
  }
}

function priceOf({ offerOf, currency }: Beside, { productId, revisionId }: EvaluatedColumn): MaterialPrice | undefined {
  const { offer } = offerOf(productId, revisionId)
  if (!offer) return undefined
  const { unit, price, freightKnown } = offer
  return { text: formatMoney(unit, currency), shop: shopToTell(price), seenOn: price.observedOn, freightKnown }
}

const boundsOf = ({ chances: { mean, low, high } }: JudgedRevision) => ({ mean, low, high })

/** Against whom a product stands: who is first, or of the first who is next. */
function rivalOf(score: JudgedRevision | undefined, { ranked, evaluation, nameOf, units }: Judged) {
  const [first, second] = ranked
  const rival = score && (score.id === first?.id ? second : first)
  if (!score || !rival) return undefined
  const contributions = scoreContributions(score, rival, evaluation.rows, units)
  return { name: nameOf(rival.id), at: rival.at, contributions }
}

/** What everything opened so far is like, by characteristic, one value a product. */
async function libraryValues({ form, demo }: Application): Promise<Map<string, LibraryValue[]>> {
  const values = new Map<string, LibraryValue[]>()
  for (const { records, members } of await kinLibraries()) {
    const [record] = records
    if (record?.form !== form || members.get(record.id)?.demo !== demo) continue
    for (const { product, values: own } of records)
      for (const [at, value] of own.entries()) {
        const key = kinFeatures[at]?.characteristic.key
        if (!value || key === undefined || values.get(key)?.some((one) => one.product === product)) continue
        values.set(key, [
          ...(values.get(key) ?? []),
          { product, value: 'number' in value ? value.number : value.answer },
        ])
      }
  }
  return values
}

const rowsOf = ({ evaluation: { columns, rows }, shown, units }: Judged): ReviewMaterial['rows'] => {
  const places = shown.map((column) => columns.indexOf(column))
  return rows.map((row) => ({
    key: row.key,
    label: row.label,
    part: row.part,
    differs: row.differs,
    cells: places.map((at) => materialCell(row, at, units)),
  }))
}

function materialCell({ key, cells }: Row, at: number, units: UnitHabit) {
  const cell = cells[at] ?? { state: 'missing' as const }
  return {
    text: formatCell(key, cell, units),
    ...('evidence' in cell && { evidence: cell.evidence }),
    ...(cell.state === 'number' && { value: cell.value }),
    ...('mark' in cell && cell.mark && { mark: cell.mark }),
  }
}

/** Two against each other; where one is not named, those that are first. */
function faceOffOf(
  [idA, idB]: readonly [string, string],
  { all, ranked, evaluation: { rows, columns, currency }, nameOf, units }: Judged,
): MaterialFaceOff | undefined {
  const a = all.find(({ id }) => id === (idA || ranked[0]?.id))
  const b = all.find(({ id }) => id === (idB || ranked.find((one) => one.id !== a?.id)?.id))
  if (!a || !b || a === b) return undefined
  const landed = [a, b].map(({ at }) => columns[at]?.attributes['value.landed']?.low)
  const sentences = summariseFaceOff(
    { a: nameOf(a.id), b: nameOf(b.id) },
    a,
    b,
    judgePair(all, a, b),
    scoreContributions(a, b, rows, units),
    dearerOf(landed, currency),
  )
  return { a: a.id, b: b.id, sentences: sentences.map(({ text }) => text) }
}

function dearerOf([a, b]: (number | undefined)[], currency: string) {
  if (a === undefined || b === undefined) return undefined
  const minor = Math.round(toMinor(Math.abs(a - b), currency))
  return minor === 0 ? undefined : { dearer: a > b ? ('a' as const) : ('b' as const), by: formatMoney(minor, currency) }
}
