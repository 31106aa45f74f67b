import { ofRevision, standingClaims } from '#core/claims/standing.ts'
import type { Cell } from '#core/compare/cell.ts'
import { faceOff } from '#core/compare/face-off.ts'
import { toMajor } from '#core/money/currency.ts'
import { drivingCost, usableInterval, type Driver, type DrivingCost, type UsableInterval } from '#core/money/driver.ts'
import { driverRules, type DriverRule } from '#core/score/driver-rules.ts'
import { effectiveCriteria, type Method } from '#core/score/effective-criteria.ts'
import { cellPointsBy } from '#core/score/row-judgement.ts'
import { countedCriteria } from '#core/score/score.ts'
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
  cost: DrivingCost | undefined
  /** m² for one unit of money. */
  areaPerMoney: number | undefined
  passes: boolean
}

export interface UpgradeOption {
  kind: 'tier' | 'cheapest'
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
  upgrades: UpgradeOption[]
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
  const intervalOf = ({ productId, revisionId }: ColumnHead): UsableInterval | undefined => {
    const own = ofRevision(
      claims.filter((claim) => claim.productId === productId),
      revisionId,
    )
    const decided = decisions.filter((decision) => decision.productId === productId)
    return driver && usableInterval(driver, standingClaims(own, decided).claims, application.serviceIntervals)
  }
  const costed = columns.map((column, at): MoneyRow => {
    const product = offerOf(column.productId, column.revisionId)
    return {
      column,
      ...costOf(product, intervalOf(column), driver),
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
    upgrades: upgradesOf(costed, between),
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

/** Steps between the tiers of one brand, and from the cheapest that passes to each that costs more. */
function upgradesOf(rows: MoneyRow[], between: (to: number, from: number) => Upgrade): UpgradeOption[] {
  const option = (kind: UpgradeOption['kind'], from: Offered, to: Offered): UpgradeOption => ({
    kind,
    from: from.column.id,
    to: to.column.id,
    more: to.offer.unit - from.offer.unit,
    moreAYear: from.cost && to.cost && to.cost.aYear - from.cost.aYear,
    upgrade: between(rows.indexOf(to), rows.indexOf(from)),
  })
  const offered = rows.filter((row): row is Offered => row.offer !== undefined && row.column.aside === undefined)
  const byTier = offered.flatMap((to) => {
    const below = nextTierBelow(to, offered)
    return below ? [option('tier', below, to)] : []
  })
  const [cheapest, ...dearer] = offered.filter(({ passes }) => passes).sort((a, b) => a.offer.unit - b.offer.unit)
  const fromCheapest = dearer.flatMap((to) =>
    cheapest && to.offer.unit > cheapest.offer.unit ? [option('cheapest', cheapest, to)] : [],
  )
  return [...byTier, ...fromCheapest]
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
