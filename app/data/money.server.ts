import type { Cell } from '#core/compare/lineup.ts'
import { faceOff } from '#core/compare/face-off.ts'
import { standing } from '#core/claims/standing.ts'
import { drivingCost, usableInterval, type Driver, type DrivingCost, type UsableInterval } from '#core/money/driver.ts'
import { frontier } from '#core/money/frontier.ts'
import { landedPrice, priceAge, pricesInForce, staleAfter, type Landed, type Price } from '#core/money/landed.ts'
import { findRate } from '#core/money/rates.ts'
import { stepBetween, type Step } from '#core/money/steps.ts'
import { criteria } from '#core/score/criteria.ts'
import { driverRules, type DriverRule } from '#core/score/driver-rules.ts'
import type { Application } from './applications.server.ts'
import { assessApplication, type Assessed } from './assessments.server.ts'
import { listClaims, listDecisions } from './claims.server.ts'
import { librarySpreads, lineupOf, type Column } from './lineup.server.ts'
import { listPrices, listRates } from './prices.server.ts'

/** What one filter costs where it is cheapest to this buyer. */
export interface Offered {
  price: Price
  landed: Landed
  /** Landed unit price in the currency of the page, hundredths. */
  unit: number
  /** Rate it was converted at; 1 for none. */
  rate: number
  rateOn: string
  age: number
  stale: boolean
}

export interface MoneyRow {
  column: Column
  offered: Offered | undefined
  /** Prices that cannot be converted for want of a rate. */
  unconverted: string[]
  interval: UsableInterval | undefined
  cost: DrivingCost | undefined
  /** m² for one unit of money. */
  areaPerMoney: number | undefined
  passes: boolean
}

export interface TierStep {
  kind: 'tier' | 'cheapest'
  from: string
  to: string
  /** Hundredths for one filter, and a year. */
  more: number
  moreAYear: number | undefined
  step: Step
}

export interface MoneyView {
  currency: string
  rows: MoneyRow[]
  /** Currencies without a rate to that of the page. */
  missingRates: string[]
  rules: DriverRule[]
  steps: TierStep[]
  /** Columns on the efficient frontier of cost and score. */
  efficient: string[]
}

/** 10,000 km. */
export const perDistance = 10_000_000

/** A price paid for a specimen, as a price of its shop. */
function paidPrices(assessed: readonly Assessed[]): Price[] {
  return assessed.flatMap(({ specimen }) =>
    specimen.paidMinor === null || specimen.paidMinor === 0
      ? []
      : [
          {
            id: `paid-${specimen.id}`,
            product: specimen.product,
            shop: specimen.shop || 'shop not named',
            currency: specimen.currency!,
            minor: specimen.paidMinor,
            count: 1,
            subscription: 0,
            freight: { order: 0, pack: 0, least: 0, freeFrom: null },
            extras: '',
            extrasMinor: 0,
            on: specimen.createdAt.slice(0, 10),
          },
        ],
  )
}

/** Where one product is cheapest to a buyer, and the currencies that cannot be converted for want of a rate. */
export interface ProductOffer {
  offered: Offered | undefined
  unconverted: string[]
}

/** The cheapest offer of each product of an application, fresh prices before stale ones, in one currency. */
export async function offersOf(
  application: string,
  assessed: readonly Assessed[],
  wanted: number,
  currency: string | undefined,
  today: string,
): Promise<{ currency: string; offerOf: (product: string) => ProductOffer }> {
  const [read, rates] = await Promise.all([listPrices(application), listRates()])
  const prices = [...read, ...paidPrices(assessed)]
  const money = currency ?? mostUsed(prices.map((price) => price.currency)) ?? 'EUR'
  const offerOf = (product: string): ProductOffer => {
    const offers = pricesInForce(prices.filter((price) => price.product === product)).map((price) => ({
      price,
      rate: findRate(rates, price.currency, money),
    }))
    const offered = offers
      .flatMap(({ price, rate }): Offered[] => {
        if (!rate) return []
        const landed = landedPrice(price, wanted)
        const age = priceAge(price, today)
        return [
          {
            price,
            landed,
            unit: landed.unit * rate.rate,
            rate: rate.rate,
            rateOn: rate.on,
            age,
            stale: age > staleAfter,
          },
        ]
      })
      .sort((a, b) => Number(a.stale) - Number(b.stale) || a.unit - b.unit)[0]
    return { offered, unconverted: offers.flatMap(({ price, rate }) => (rate ? [] : [price.currency])) }
  }
  return { currency: money, offerOf }
}

/**
 * Media area for one unit of money.
 *
 * @returns m², undefined where the area or the price is not known
 */
export const areaPerMoney = (area: Cell | undefined, offered: Offered | undefined): number | undefined =>
  area?.state === 'number' && offered ? area.value / (offered.unit / 100) : undefined

/** What the filters of a line-up cost a driver who buys so many, and what each step between them buys. */
export async function moneyOf(
  application: Application,
  driver: Driver | undefined,
  wanted: number,
  currency: string | undefined,
  today: string,
): Promise<MoneyView> {
  const [assessed, spreads, claims, decisions] = await Promise.all([
    assessApplication(application.id),
    librarySpreads(),
    listClaims(application.id),
    listDecisions(application.id),
  ])
  const { columns, rows } = lineupOf(assessed, spreads)
  const { currency: money, offerOf } = await offersOf(application.id, assessed, wanted, currency, today)
  const area = rows.find(({ key }) => key === 'media.area')

  const costed = columns.map((column, at): MoneyRow => {
    const { offered, unconverted } = offerOf(column.product)
    const own = claims.filter(({ product }) => product === column.product)
    const interval =
      driver &&
      usableInterval(
        driver,
        standing(
          own,
          decisions.filter(({ product }) => product === column.product),
        ).claims,
        application.manual,
      )
    const cost =
      driver && offered && interval ? drivingCost(offered.unit, interval.distance, driver, perDistance) : undefined
    return {
      column,
      offered,
      unconverted,
      interval,
      cost,
      areaPerMoney: areaPerMoney(area?.cells[at], offered),
      passes: column.score.veto === undefined && column.score.value !== undefined,
    }
  })
  const rules = driver
    ? driverRules(
        driver,
        costed.flatMap(({ interval }) => (interval ? [interval.distance] : [])),
      )
    : []
  const scored = costed.filter((row) => row.offered && row.passes)
  return {
    currency: money,
    rows: costed,
    missingRates: [...new Set(costed.flatMap(({ unconverted }) => unconverted))],
    rules,
    steps: stepsOf(costed, (a, b) => stepBetween(faceOff(rows, a, b), rules, criteriaWeight(application.form)), driver),
    efficient: frontier(
      scored.map(({ column, cost, offered }) => ({
        id: column.id,
        cost: cost?.perDistance ?? offered!.unit,
        worth: column.score.value!,
      })),
    ),
  }
}

const criteriaWeight = (form: Application['form']): number =>
  criteria.filter(({ forms }) => forms.includes(form)).reduce((sum, { weight }) => sum + weight, 0)

const mostUsed = (all: string[]): string | undefined =>
  [...new Set(all)].sort((a, b) => all.filter((one) => one === b).length - all.filter((one) => one === a).length)[0]

const tierOrder = ['low', 'middle', 'top']

/** Steps between the tiers of one brand, and from the cheapest that passes to each that costs more. */
function stepsOf(rows: MoneyRow[], between: (a: number, b: number) => Step, driver: Driver | undefined): TierStep[] {
  const step = (kind: TierStep['kind'], from: MoneyRow, to: MoneyRow): TierStep => ({
    kind,
    from: from.column.id,
    to: to.column.id,
    more: to.offered!.unit - from.offered!.unit,
    moreAYear: driver && from.cost && to.cost ? to.cost.aYear - from.cost.aYear : undefined,
    step: between(rows.indexOf(to), rows.indexOf(from)),
  })
  const bought = rows.filter(({ offered }) => offered)
  const tiers = bought.flatMap((to) => {
    const below = bought
      .filter(
        ({ column }) =>
          column.brand === to.column.brand &&
          column.id !== to.column.id &&
          tierOrder.indexOf(column.tier) >= 0 &&
          tierOrder.indexOf(column.tier) < tierOrder.indexOf(to.column.tier),
      )
      .sort((a, b) => tierOrder.indexOf(b.column.tier) - tierOrder.indexOf(a.column.tier))[0]
    return below ? [step('tier', below, to)] : []
  })
  const cheapest = bought.filter(({ passes }) => passes).sort((a, b) => a.offered!.unit - b.offered!.unit)[0]
  return cheapest
    ? [
        ...tiers,
        ...bought
          .filter((to) => to.passes && to.offered!.unit > cheapest.offered!.unit)
          .sort((a, b) => a.offered!.unit - b.offered!.unit)
          .map((to) => step('cheapest', cheapest, to)),
      ]
    : tiers
}
