import type { FilterForm, IrreversibleStepKey } from '#core/catalogue/index.ts'
import { boundsAt, usablePoints } from '#core/claims/bounds.ts'
import { gradeClaim, type Claim } from '#core/claims/claim.ts'
import { ofRevision, standingClaims } from '#core/claims/standing.ts'
import type { Row } from '#core/compare/lineup.ts'
import type { Assessment } from '#core/figures/assess.ts'
import { keptLast } from '#core/kept-last.ts'
import { toMajor } from '#core/money/currency.ts'
import { usableInterval, type Driver } from '#core/money/driver.ts'
import { driverRules, type DriverRule } from '#core/score/driver-rules.ts'
import { effectiveCriteria, type Method } from '#core/score/effective-criteria.ts'
import type { AttributeBounds, ExternalAttributeKey } from '#core/score/external-attributes.ts'
import type { School } from '#core/score/schools.ts'
import { passedSteps } from '#core/teardown/passed-steps.ts'
import type { Application } from './applications.server.ts'
import { assessApplication, type AssessedSpecimen } from './assessments.server.ts'
import { listClaims, listDecisions } from './claims.server.ts'
import { loadAdvice, type ColumnAdvice } from './column-advice.server.ts'
import { listComparisons } from './comparisons.server.ts'
import { listDrivers } from './drivers.server.ts'
import { listStepsBySpecimen } from './irreversible-steps.server.ts'
import { buildLineupColumns, type ColumnHead } from './lineup.server.ts'
import { areaPerMoney } from './money.server.ts'
import { offersOf } from './offers.server.ts'
import { findReviewer, type Reviewer } from './reviewer.server.ts'
import { methodInForce, listSchools } from './schools.server.ts'
import { sizeClassOfEngine } from './size-class.ts'
import { librarySpreads } from './summaries.server.ts'

type Attributes = Partial<Record<ExternalAttributeKey, AttributeBounds>>

/** A column of the line-up with all that is judged of it. */
export type EvaluatedColumn = ColumnHead &
  ColumnAdvice & {
    attributes: Record<string, AttributeBounds>
    /** Claims that contradict each other, and nobody has decided which counts. */
    disputes: string[]
  }

/** A line-up with all that a verdict rests on, as plain data: the page judges it by any school itself. */
export interface LineupEvaluation {
  columns: EvaluatedColumn[]
  rows: Row[]
  method: Method
  schools: School[]
  drivers: (Driver & { rules: DriverRule[] })[]
  currency: string
  reviewer: Reviewer
}

const exactly = (value: number): AttributeBounds => ({ low: value, high: value })

const grades = { complete: 2, partial: 1, slogan: 0 }

/** What the claims that stand allow to say, within bounds. */
function claimAttributes(claims: readonly Claim[]): Attributes {
  const points = usablePoints(claims)
  const bounds = (size: number): AttributeBounds => {
    const { lower, upper } = boundsAt(points, size)
    return { low: lower, high: upper }
  }
  const efficiencies = claims.filter(({ kind }) => kind === 'efficiency')
  const capacity = claims.find(({ kind, parts }) => kind === 'capacity' && parts.amount !== undefined)?.parts.amount
  const distances = claims.flatMap(({ kind, parts }) => (kind === 'interval' ? (parts.distance ?? []) : []))
  return {
    ...(points.length > 0 && { 'claim.efficiency': bounds(20e-6), 'claim.fine': bounds(10e-6) }),
    'claim.complete': exactly(Math.max(0, ...efficiencies.map((claim) => grades[gradeClaim(claim).grade]))),
    ...(distances.length > 0 && { 'claim.interval': exactly(Math.min(...distances)) }),
    ...(capacity !== undefined && { 'claim.capacity': exactly(capacity) }),
  }
}

/** Points of no return that lie before what was read of a specimen. */
const stepsRead = keptLast((assessment: Assessment, form: FilterForm) =>
  passedSteps(form, [], assessment.values.keys()),
)

/** Points of no return behind every specimen of a revision: what was lost with them can be had of none. */
function stepsPassedByAll(
  own: readonly AssessedSpecimen[],
  noted: ReadonlyMap<string, IrreversibleStepKey[]>,
): IrreversibleStepKey[] {
  const [first = [], ...others] = own.map(({ specimen, assessment }) =>
    passedSteps(specimen.form, [...(noted.get(specimen.id) ?? []), ...stepsRead(assessment, specimen.form)], []),
  )
  return first.filter((step) => others.every((passed) => passed.includes(step)))
}

/** Claims that contradict each other and were not decided, a sentence each. */
const disputesOf = (standing: ReturnType<typeof standingClaims> | undefined): string[] =>
  (standing?.contradictions ?? []).filter(({ decided }) => !decided).map(({ description }) => description)

/** The claims that count, by column. */
const standingByColumn = (
  columns: readonly ColumnHead[],
  claims: Awaited<ReturnType<typeof listClaims>>,
  decisions: Awaited<ReturnType<typeof listDecisions>>,
): Map<string, ReturnType<typeof standingClaims>> =>
  new Map(
    columns.map(({ id, productId, revisionId }) => {
      const own = ofRevision(
        claims.filter((claim) => claim.productId === productId),
        revisionId,
      )
      const decided = decisions.filter((decision) => decision.productId === productId)
      return [id, standingClaims(own, decided)]
    }),
  )

/** Everything that the line-up, the face-off and the verdict of an application are judged on. */
export async function evaluateLineup(application: Application, today: string): Promise<LineupEvaluation> {
  const assessed = await assessApplication(application.id)
  const sizeClass = sizeClassOfEngine(application, assessed)
  const [spreads, comparisons, claims, decisions, reviewer, inForce, schools, drivers] = await Promise.all([
    librarySpreads(application, sizeClass),
    listComparisons(application.id),
    listClaims(application.id),
    listDecisions(application.id),
    findReviewer(),
    methodInForce(application.demo),
    listSchools(),
    listDrivers(),
  ])
  const method = { ...inForce, sizeClass }
  const adviceOf = await loadAdvice(application, drivers)
  const steps = await listStepsBySpecimen(assessed.map(({ specimen }) => specimen.id))
  const { columns, rows } = buildLineupColumns(assessed, effectiveCriteria(method), spreads, comparisons, application)
  const { currency, offerOf } = await offersOf(application.id, assessed, 1, undefined, today)
  const standing = standingByColumn(columns, claims, decisions)
  const attributesOf = ({ id, productId, revisionId, tier }: ColumnHead, at: number): Attributes => {
    const { offer } = offerOf(productId, revisionId)
    const area = areaPerMoney(rows.find(({ key }) => key === 'media.area')?.cells[at], offer, currency)
    return {
      ...claimAttributes(standing.get(id)?.claims ?? []),
      ...(offer && { 'value.landed': exactly(toMajor(offer.unit, currency)) }),
      ...(area !== undefined && { 'value.area': exactly(area) }),
      'value.own': exactly(Number(tier === 'engine')),
    }
  }
  return {
    columns: columns.map((column, at) => {
      const own = assessed.filter(({ specimen }) => column.specimenIds.includes(specimen.id))
      return {
        ...column,
        passedSteps: stepsPassedByAll(own, steps),
        attributes: attributesOf(column, at) as Record<string, AttributeBounds>,
        disputes: disputesOf(standing.get(column.id)),
        ...adviceOf(column, standing.get(column.id)?.claims ?? [], own),
      }
    }),
    rows,
    method,
    schools,
    drivers: drivers.map((driver) => {
      const usable = [...standing.values()].flatMap(
        ({ claims: own }) => usableInterval(driver, own, application.serviceIntervals)?.distance ?? [],
      )
      return { ...driver, rules: driverRules(driver, usable) }
    }),
    currency,
    reviewer,
  }
}
