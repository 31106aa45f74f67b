import { formatList } from '#core/quantity/format-list.ts'
import { firstStep, type FirstStep } from '#core/compare/first-step.ts'
import { toMajor, toMinor } from '#core/money/currency.ts'
import { candidates, type Candidate } from '#core/plan/candidate.ts'
import { evaluateRevisions, unfitReason, type EvaluatedRevision } from '#core/verdict/ranking.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import * as texts from '#app/texts/plan.ts'
import { findApplication, type Application } from './applications.server.ts'
import { today } from './clock.ts'
import { columnName } from './column-name.ts'
import { evaluateLineup, type EvaluatedColumn, type LineupEvaluation } from './lineup-evaluation.server.ts'
import { lineupQuery } from './lineup-query.server.ts'
import { offersOf } from './offers.server.ts'
import { listProducts, type Product } from './products.server.ts'

/** Filters that work asks to be bought. */
export interface ToBuy {
  productId: string
  name: string
  count: number
}

/** Work that may be done for an engine, in words. */
export interface PlannedWork extends Pick<Candidate, 'kind' | 'minutes' | 'gain'> {
  words: string
  /** Where it is done; empty where filters have to be bought first. */
  path: string
  toBuy: ToBuy[]
  /** What those cost where they are cheapest, in the smallest unit of the currency; null where no price is known. */
  cost: number | null
  currency: string
}

/** What may be done next for an engine. */
export interface EnginePlan {
  work: PlannedWork[]
  /** What comes before that, where there are no two filters to be told apart yet. */
  firstStep: FirstStep | undefined
}

/** What may be done next for an engine, judged for anybody by the first school. */
export const enginePlan = (applicationId: string): Promise<EnginePlan> => planOf(applicationId, today())

/** Plans that are known at once, by the id of their engine. */
export async function knownPlans(ids: readonly string[]): Promise<Record<string, EnginePlan>> {
  const day = today()
  const known = await Promise.all(ids.map(async (id) => [id, await planOf.known(id, day)] as const))
  return Object.fromEntries(known.flatMap(([id, one]) => (one ? [[id, one]] : [])))
}

const planOf = lineupQuery('plan', async (id: string, day: string): Promise<EnginePlan> => {
  const application = await findApplication(id)
  if (!application) return { work: [], firstStep: undefined }
  const evaluation = await evaluateLineup(application, day)
  const { columns, rows, method, schools, currency } = evaluation
  const bare = await productsWithoutSpecimen(application, evaluation, day)
  const contexts = [...columns, ...bare.map(({ context }) => context)]
  const all = evaluateRevisions(application.form, contexts, rows, effectiveCriteria(method, schools[0]))
  const isOpened = ({ recorded }: EvaluatedRevision) => recorded > 0
  const unopened = all.filter((one) => !isOpened(one) && unfitReason(one) === undefined)
  const subjects = new Map<string, Subject>([
    ...columns.map((column) => [column.id, subjectOfColumn(column)] as const),
    ...bare.map(({ context, product, price }) => [context.id, { ...subjectOfProduct(product), price }] as const),
  ])
  const products = [...subjects.values()].map(({ productId, name }) => ({ id: productId, name }))
  return {
    firstStep: firstStep(products, columns),
    work: candidates(all.filter(isOpened), rows, unopened).map((one) =>
      inWords(
        one,
        one.of.flatMap((of) => subjects.get(of) ?? []),
        currency,
      ),
    ),
  }
})

/** What a candidate is about. */
interface Subject {
  productId: string
  name: string
  /** The specimen that is there; empty for none. */
  specimenId: string
  /** What one more costs, in whole units of the currency. */
  price: number | undefined
}

const subjectOfColumn = (column: EvaluatedColumn): Subject => ({
  productId: column.productId,
  name: columnName(column),
  specimenId: column.specimenId,
  price: column.attributes['value.landed']?.low,
})

const subjectOfProduct = ({ id, brand, partNumber }: Product): Subject => ({
  productId: id,
  name: `${brand} ${partNumber}`,
  specimenId: '',
  price: undefined,
})

/** Products that nobody has opened, as what is asked for them tells of them. */
async function productsWithoutSpecimen(application: Application, { columns, currency }: LineupEvaluation, day: string) {
  const opened = new Set(columns.map(({ productId }) => productId))
  const products = (await listProducts(application.id)).filter(({ id }) => !opened.has(id))
  const { offerOf } = await offersOf(application.id, [], 1, currency, day)
  return products.map((product) => {
    const unit = offerOf(product.id, product.revisions.at(-1)?.id ?? '').offer?.unit
    const price = unit === undefined ? undefined : toMajor(unit, currency)
    return {
      product,
      price,
      context: {
        id: product.id,
        fatalFaults: [],
        misfits: [],
        attributes: {
          ...(price !== undefined && { 'value.landed': { low: price, high: price } }),
          'value.own': { low: Number(product.tier === 'engine'), high: Number(product.tier === 'engine') },
        },
      },
    }
  })
}

function inWords(candidate: Candidate, subjects: readonly Subject[], currency: string): PlannedWork {
  const { kind, label, readings, more, minutes, gain } = candidate
  const names = formatList(
    subjects.map(({ name }) => name),
    'conjunction',
  )
  const [first] = subjects
  const isAtHand = kind === 'reading' || (kind === 'opening' && first?.specimenId)
  const toBuy = isAtHand ? [] : subjects.map(({ productId, name }) => ({ productId, name, count: more }))
  const prices = isAtHand ? [] : subjects.map(({ price }) => price)
  return {
    kind,
    minutes,
    gain,
    currency,
    toBuy,
    words: {
      reading: texts.ofLabel(label, names),
      specimens: texts.moreOf(more, subjects.length > 1, names),
      opening: isAtHand ? texts.openWhichLiesThere(names) : texts.openWhichNobodyHasOpened(names),
    }[kind],
    path: pathOf(kind, first, readings),
    cost: prices.some((price) => price === undefined)
      ? null
      : Math.round(
          toMinor(
            prices.reduce<number>((sum, price) => sum + more * (price ?? 0), 0),
            currency,
          ),
        ),
  }
}

/** Where it is done: at the bench; what is looked up, at the product. */
function pathOf(kind: Candidate['kind'], subject: Subject | undefined, [reading]: readonly string[]): string {
  if (!subject) return ''
  if (kind === 'reading' && reading === undefined) return `/products/${subject.productId}`
  if (kind === 'specimens' || subject.specimenId === '') return ''
  return `/bench/${subject.specimenId}${reading === undefined ? '' : `?at=${reading}`}`
}
