import type { Spreads } from '#core/compare/lineup.ts'
import { pooledSpread } from '#core/compare/unit-spread.ts'
import { groupBy } from '#core/group-by.ts'
import { assessSpecimens, type AssessedSpecimen } from './assessments.server.ts'
import { listRepeatedSpecimens } from './specimens.server.ts'

/** So many specimens are enough to know a spread. */
const specimensForSpread = 200

/** The spreads worked out last, and the assessments they were worked out from. */
let pooled: { from: AssessedSpecimen['assessment'][]; spreads: Spreads } = { from: [], spreads: new Map() }

/** Unit-to-unit spreads over the whole library, from the products that have several specimens. */
export async function librarySpreads(): Promise<Spreads> {
  const assessed = await assessSpecimens(await listRepeatedSpecimens(specimensForSpread))
  const from = assessed.map(({ assessment }) => assessment)
  const isSame = pooled.from.length === from.length && from.every((one, index) => one === pooled.from[index])
  if (!isSame) pooled = { from, spreads: poolSpreads(assessed) }
  return pooled.spreads
}

function poolSpreads(assessed: readonly AssessedSpecimen[]): Spreads {
  const byKey = groupBy(assessed.flatMap(numbersOf), ({ key }) => key)
  return new Map(
    [...byKey].flatMap(([key, numbers]) => {
      const byRevision = groupBy(numbers, ({ revisionId }) => revisionId)
      const spread = pooledSpread([...byRevision.values()].map((those) => those.map(({ value }) => value)))
      return spread ? [[key, spread] as const] : []
    }),
  )
}

function numbersOf({ specimen: { revisionId }, assessment: { values, figures } }: AssessedSpecimen) {
  return [
    ...[...values.values()].flatMap(({ key, number }) => (number ? [{ key, revisionId, value: number.value }] : [])),
    ...[...figures.values()].flatMap((figure) =>
      figure.state === 'known' ? [{ key: figure.key, revisionId, value: figure.number.value }] : [],
    ),
  ]
}
