import { daysBetween } from '#core/calendar.ts'
import { staleAfter } from '#core/money/landed.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { judge } from '#core/verdict/judgement.ts'
import { changesSince } from '#core/verdict/published-changes.ts'
import { evaluateRevisions } from '#core/verdict/ranking.ts'
import * as texts from '#app/texts/today.ts'
import { findApplication, type Application } from './applications.server.ts'
import { today } from './clock.ts'
import { columnName, columnNames } from './column-name.ts'
import { judgedLineup } from './judged-lineup.server.ts'
import type { EvaluatedColumn } from './lineup-evaluation.server.ts'
import { lineupQuery } from './lineup-query.server.ts'
import { listPrices } from './prices.server.ts'
import { listVerdicts } from './verdicts.server.ts'

/** One product on the axis of scores. */
export interface GlancePoint {
  id: string
  name: string
  mean: number
  low: number
  high: number
  /** A fault that ends the discussion; empty for none. */
  fault: string
  /** Named in who is first. */
  isNamed: boolean
}

/** Something that waits for a decision or a second look, with its one action. */
export interface Matter {
  kind: 'fault' | 'contradiction' | 'slip' | 'verdict' | 'price'
  words: string
  act: string
  path: string
}

/** A line-up at a glance: who stands where, who is first, and what is to settle. */
export interface Glance {
  points: GlancePoint[]
  said: string
  matters: Matter[]
}

/** A line-up at a glance, for anybody by the first school. */
export const glanceAt = (applicationId: string): Promise<Glance> => glance(applicationId, today())

/** Those of line-ups that are known at once, by their ids. */
export async function knownGlances(ids: readonly string[]): Promise<Record<string, Glance>> {
  const day = today()
  const known = await Promise.all(ids.map(async (id) => [id, await glance.known(id, day)] as const))
  return Object.fromEntries(known.flatMap(([id, one]) => (one ? [[id, one]] : [])))
}

const glance = lineupQuery('glance', async (id: string, day: string): Promise<Glance> => {
  const application = await findApplication(id)
  if (!application) return { points: [], said: '', matters: [] }
  const judged = await judgedLineup(application)
  const { columns, judgement, said } = judged
  const columnOf = new Map(columns.map((column) => [column.id, column]))
  const named = new Set(judgement.call?.named.map((one) => one.id))
  return {
    said,
    points: judgement.ranked.flatMap(({ id: of, chances, score }) => {
      const column = columnOf.get(of)
      if (!column) return []
      const { mean, low, high } = chances
      const fault = score.fatalFaults[0]?.description ?? ''
      return [{ id: of, name: columnName(column), mean, low, high, fault, isNamed: named.has(of) }]
    }),
    matters: [
      ...columns.flatMap((column) => mattersOf(column, application)),
      ...(await verdictMatters(application, judged)),
      ...(await priceMatters(application, day)),
    ],
  }
})

/** What of one product is to settle: a fault seen once, claims that contradict each other, readings that do not fit. */
function mattersOf(column: EvaluatedColumn, { id: application }: Application): Matter[] {
  const name = columnName(column)
  const { faultCount, score, disputes, findings, productId: product, specimenId: specimen } = column
  return [
    ...(score.fatalFault && faultCount.found === 1 && faultCount.lookedAt === 1
      ? [
          {
            kind: 'fault' as const,
            words: texts.inTheOneThatWasLooked(name, score.fatalFault),
            act: texts.openASecondOne,
            path: `/products/${product}/specimens/new`,
          },
        ]
      : []),
    ...disputes.map((words) => ({
      kind: 'contradiction' as const,
      words: `${name}: ${words}`,
      act: texts.decide,
      path: `/lineups/${application}/claims`,
    })),
    ...(findings > 0
      ? [
          {
            kind: 'slip' as const,
            words: texts.inItsReadings(name, findings === 1 ? texts.oneFinding : texts.findings(findings)),
            act: texts.lookAgain,
            path: `/specimens/${specimen}/findings`,
          },
        ]
      : []),
  ]
}

/** Whether the verdict that was published last still holds, by its own school and driver. */
async function verdictMatters(
  application: Application,
  { columns, rows, method, schools, drivers }: Awaited<ReturnType<typeof judgedLineup>>,
): Promise<Matter[]> {
  const [latest] = (await listVerdicts(application.id)).published
  if (!latest?.snapshot || !latest.publishedAt) return []
  const school = schools.find(({ id }) => id === latest.schoolId) ?? schools[0]
  const driver = drivers.find(({ id }) => id === latest.driverId)
  const criteria = effectiveCriteria(method, school, driver?.rules)
  const now = judge(evaluateRevisions(application.form, columns, rows, criteria))
  const [change, ...others] = changesSince(latest.snapshot, now, method.version, columnNames(columns))
  if (change === undefined) return []
  const more = others.length > 0 ? texts.andMore(others.length) : ''
  return [
    {
      kind: 'verdict',
      words: texts.theVerdictOfHasMoved(latest.publishedAt.slice(0, 10), change, more),
      act: texts.see,
      path: `/lineups/${application.id}/verdict`,
    },
  ]
}

/** Prices that have gone old, of products that have no newer one. */
async function priceMatters(application: Application, day: string): Promise<Matter[]> {
  const latest = new Map<string, string>()
  for (const { productId, observedOn } of await listPrices(application.id))
    if (observedOn > (latest.get(productId) ?? '')) latest.set(productId, observedOn)
  const old = [...latest.values()].filter((observedOn) => daysBetween(observedOn, day) > staleAfter).length
  if (old === 0) return []
  const those = old === 1 ? texts.thePriceOfOneProductIs : texts.thePricesOfProductsAre(old)
  return [
    {
      kind: 'price',
      words: texts.olderThanDays(those, staleAfter),
      act: texts.check,
      path: `/lineups/${application.id}/money`,
    },
  ]
}
