import { boundsAt, usablePoints } from '#core/claims/bounds.ts'
import { gradeClaim, type Claim } from '#core/claims/claim.ts'
import type { Row } from '#core/compare/lineup.ts'
import type { Driver } from '#core/money/driver.ts'
import { usableInterval } from '#core/money/driver.ts'
import { driverRules, type DriverRule } from '#core/score/driver-rules.ts'
import type { FactBounds, FactKey } from '#core/score/facts.ts'
import type { School } from '#core/score/schools.ts'
import type { Method } from '#core/score/scheme.ts'
import { standing } from '#core/claims/standing.ts'
import type { Application } from './applications.server.ts'
import { assessApplication } from './assessments.server.ts'
import { listClaims, listDecisions } from './claims.server.ts'
import { listDrivers } from './drivers.server.ts'
import { librarySpreads, lineupOf, type Column } from './lineup.server.ts'
import { areaPerMoney, offersOf } from './money.server.ts'
import { currentMethod, listSchools } from './schools.server.ts'

/** A line-up with all that a verdict rests on, as plain data: the page judges it by any school itself. */
export interface JudgedLineup {
  columns: (Column & { facts: Record<string, FactBounds> })[]
  rows: Row[]
  method: Method
  schools: School[]
  drivers: (Driver & { rules: DriverRule[] })[]
  currency: string
}

const grades = { complete: 2, partial: 1, slogan: 0 }

/** What the claims that stand allow to say, within bounds. */
function claimFacts(claims: readonly Claim[]): Partial<Record<FactKey, FactBounds>> {
  const exactly = (value: number): FactBounds => ({ low: value, high: value })
  const points = usablePoints(claims)
  const bounds = (size: number): FactBounds => {
    const { lower, upper } = boundsAt(points, size)
    return { low: lower, high: upper }
  }
  const efficiencies = claims.filter(({ kind }) => kind === 'efficiency')
  const capacity = claims.find(({ kind, parts }) => kind === 'capacity' && parts.amount !== undefined)?.parts.amount
  const distances = claims.flatMap(({ kind, parts }) =>
    kind === 'interval' && parts.distance !== undefined ? [parts.distance] : [],
  )
  return {
    ...(points.length > 0 && { 'claim.efficiency': bounds(20e-6), 'claim.fine': bounds(10e-6) }),
    'claim.complete': exactly(Math.max(0, ...efficiencies.map((claim) => grades[gradeClaim(claim).grade]))),
    ...(distances.length > 0 && { 'claim.interval': exactly(Math.min(...distances)) }),
    ...(capacity !== undefined && { 'claim.capacity': exactly(capacity) }),
  }
}

/** Everything that the line-up, the face-off and the verdict of an application are judged on. */
export async function judgedLineup(application: Application, today: string): Promise<JudgedLineup> {
  const [assessed, spreads, claims, decisions, method, schools, drivers] = await Promise.all([
    assessApplication(application.id),
    librarySpreads(),
    listClaims(application.id),
    listDecisions(application.id),
    currentMethod(),
    listSchools(),
    listDrivers(),
  ])
  const { columns, rows } = lineupOf(assessed, spreads, application)
  const { currency, offerOf } = await offersOf(application.id, assessed, 1, undefined, today)
  const areas = rows.find(({ key }) => key === 'media.area')
  const standings = new Map(
    [...new Set(columns.map(({ product }) => product))].map((id) => [
      id,
      standing(
        claims.filter(({ product }) => product === id),
        decisions.filter(({ product }) => product === id),
      ).claims,
    ]),
  )
  return {
    columns: columns.map((column, at) => {
      const { offered } = offerOf(column.product)
      const area = areaPerMoney(areas?.cells[at], offered)
      const facts: Partial<Record<FactKey, FactBounds>> = {
        ...claimFacts(standings.get(column.product) ?? []),
        ...(offered && { 'value.landed': { low: offered.unit / 100, high: offered.unit / 100 } }),
        ...(area !== undefined && { 'value.area': { low: area, high: area } }),
        'value.own': { low: Number(column.tier === 'engine'), high: Number(column.tier === 'engine') },
      }
      return { ...column, facts: facts as Record<string, FactBounds> }
    }),
    rows,
    method,
    schools,
    drivers: drivers.map((driver) => {
      const usable = [...standings.values()].flatMap(
        (own) => usableInterval(driver, own, application.manual)?.distance ?? [],
      )
      return { ...driver, rules: driverRules(driver, usable) }
    }),
    currency,
  }
}
