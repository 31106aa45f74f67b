import { ofRevision, standingClaims } from '#core/claims/standing.ts'
import type { Cell } from '#core/compare/cell.ts'
import { faceOff } from '#core/compare/face-off.ts'
import { toMajor } from '#core/money/currency.ts'
import {
  drivingCost,
  isShortOfHours,
  usableInterval,
  type Driver,
  type DrivingCost,
  type UsableInterval,
} from '#core/money/driver.ts'
import { driverRules, type DriverRule } from '#core/score/driver-rules.ts'
import { effectiveCriteria, type Method } from '#core/score/effective-criteria.ts'
import { cellPointsBy } from '#core/score/row-judgement.ts'
import { countedCriteria } from '#core/score/score.ts'
import { climb, type Step } from '#core/verdict/stairs.ts'
import { upgradeBetween, type Upgrade } from '#core/verdict/upgrade.ts'
import type { Application } from './applications.server.ts'
import { assessApplication } from './assessments.server.ts'
import { listClaims, listDecisions } from './claims.server.ts'
import { buildLineupColumns, type ColumnHead } from './lineup.server.ts'
import { offersOf, type Offer, type ProductOffer } from './offers.server.ts'
import { listComparisons } from './comparisons.server.ts'
import { methodInForce } from './schools.server.ts'
import { sizeClassOfEngine } from './size-class.ts'
import { librarySpreads } from './summaries.server.ts'

export interface MoneyRow {
  column: ColumnHead
  offer: Offer | undefined
  /** Prices that cannot be converted for want of a rate. */
  unconverted: string[]
  interval: UsableInterval | undefined
  /** An interval in engine hours is not counted, for want of the hours that the driver's engine runs. */
  isShortOfHours: boolean
  cost: DrivingCost | undefined
  /** m² for one unit of money. */
  areaPerMoney: number | undefined
  passes: boolean
}

/** The step to the next tier of a brand. */
export interface UpgradeOption {
  from: string
  to: string
  /** Smallest units of the currency for one filter, and a year. */
  more: number
  moreAYear: number | undefined
  upgrade: Upgrade
}

export interface MoneyOverview {
  currency: string
  method: Method
  rows: MoneyRow[]
  /** Currencies without a rate to that of the page. */
  missingRates: string[]
  rules: DriverRule[]
  tiers: UpgradeOption[]
  stairs: Stairs
}

/** From the cheapest that passes, step by step. */
export interface Stairs {
  cheapest: string | undefined
  steps: Step[]
}

/** 10,000 km. */
const perDistance = 10_000_000

/**
 * Media area for one unit of money.
 *
 * @returns m², undefined where the area or the price is not known
 */
export const areaPerMoney = (area: Cell | undefined, offer: Offer | undefined, currency: string): number | undefined =>
  area?.state === 'number' && offer ? area.value / toMajor(offer.unit, currency) : undefined

/** What the filters of a line-up cost a driver who buys so many, and what each step between them buys. */
export async function moneyOverview(
  application: Application,
  driver: Driver | undefined,
  wanted: number,
  asked: string | undefined,
  today: string,
): Promise<MoneyOverview> {
  const assessed = await assessApplication(application.id)
  const sizeClass = sizeClassOfEngine(application, assessed)
  const [spreads, comparisons, claims, decisions, method] = await Promise.all([
    librarySpreads(application, sizeClass),
    listComparisons(application.id),
    listClaims(application.id),
    listDecisions(application.id),
    methodInForce(application.demo),
  ])
  const criteria = countedCriteria(application.form, effectiveCriteria({ ...method, sizeClass }))
  const { columns, rows } = buildLineupColumns(assessed, criteria, spreads, comparisons)
  const { currency, offerOf } = await offersOf(application.id, assessed, wanted, asked, today)
  const areas = rows.find(({ key }) => key === 'media.area')
  const claimsOf = ({ productId, revisionId }: ColumnHead) => {
    const own = ofRevision(
      claims.filter((claim) => claim.productId === productId),
      revisionId,
    )
    const decided = decisions.filter((decision) => decision.productId === productId)
    return standingClaims(own, decided).claims
  }
  const costed = columns.map((column, at): MoneyRow => {
    const product = offerOf(column.productId, column.revisionId)
    const limits = [claimsOf(column), application.serviceIntervals] as const
    return {
      column,
      ...costOf(product, driver && usableInterval(driver, ...limits), driver),
      isShortOfHours: driver !== undefined && isShortOfHours(driver, ...limits),
      areaPerMoney: areaPerMoney(areas?.cells[at], product.offer, currency),
      passes: column.score.fatalFault === undefined && column.score.value !== undefined,
    }
  })
  const usable = costed.flatMap(({ interval }) => interval?.distance ?? [])
  const rules = driver ? driverRules(driver, usable) : []
  const pointsOf = cellPointsBy(criteria)
  const between = (to: number, from: number): Upgrade =>
    upgradeBetween(faceOff(rows, to, from, pointsOf), criteria, rules)
  return {
    currency,
    method,
    rows: costed,
    missingRates: [...new Set(costed.flatMap(({ unconverted }) => unconverted))],
    rules,
    tiers: tiersOf(costed, between),
    stairs: stairsOf(costed, between),
  }
}

function costOf(
  { offer, unconverted }: ProductOffer,
  interval: UsableInterval | undefined,
  driver: Driver | undefined,
): Pick<MoneyRow, 'offer' | 'unconverted' | 'interval' | 'cost'> {
  const cost = driver && offer && interval ? drivingCost(offer.unit, interval.distance, driver, perDistance) : undefined
  return { offer, unconverted, interval, cost }
}

const tierOrder = ['low', 'middle', 'top']

type Offered = MoneyRow & { offer: Offer }

type Between = (to: number, from: number) => Upgrade

const offeredOf = (rows: readonly MoneyRow[]): Offered[] =>
  rows.filter((row): row is Offered => row.offer !== undefined && row.column.aside === undefined)

/** Steps between the tiers of one brand. */
function tiersOf(rows: MoneyRow[], between: Between): UpgradeOption[] {
  const offered = offeredOf(rows)
  return offered.flatMap((to) => {
    const from = nextTierBelow(to, offered)
    if (!from) return []
    return {
      from: from.column.id,
      to: to.column.id,
      more: to.offer.unit - from.offer.unit,
      moreAYear: from.cost && to.cost && to.cost.aYear - from.cost.aYear,
      upgrade: between(rows.indexOf(to), rows.indexOf(from)),
    }
  })
}

/** The stairs over those that pass. */
function stairsOf(rows: MoneyRow[], between: Between): Stairs {
  const offered = offeredOf(rows)
    .filter(({ passes }) => passes)
    .map(({ column, offer }) => ({ id: column.id, price: offer.unit }))
  const at = (id: string): number => rows.findIndex(({ column }) => column.id === id)
  const steps = climb(offered, (to, from) => between(at(to), at(from)))
  return { cheapest: steps[0]?.from, steps }
}

/** The filter of the same brand in the next lower tier that there is. */
function nextTierBelow({ column }: Offered, offered: readonly Offered[]): Offered | undefined {
  const rank = ({ tier }: ColumnHead): number => tierOrder.indexOf(tier)
  const [below] = offered
    .filter((other) => other.column.brand === column.brand && other.column.id !== column.id)
    .filter((other) => rank(other.column) >= 0 && rank(other.column) < rank(column))
    .sort((a, b) => rank(b.column) - rank(a.column))
  return below
}
