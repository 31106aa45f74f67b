import type { Row } from '#core/compare/lineup.ts'
import type { Driver } from '#core/money/driver.ts'
import { proposeWord, wordEvidence, type ProposedWord } from '#core/verdict/absolute-word.ts'
import type { JudgedRevision } from '#core/verdict/judgement.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import type { EvaluatedColumn } from './lineup-evaluation.server.ts'

/** Rubber that the oil reaches, by what it is said to stand. */
const rubber = ['gasket.hottest', 'adbv.hottest']

/** The least that a rubber of a column is said to stand, K. */
function hottestOf(rows: readonly Row[], at: number): number | undefined {
  const ends = rows
    .filter(({ key }) => rubber.includes(key))
    .flatMap(({ cells }) => (cells[at]?.state === 'number' ? [cells[at].value] : []))
  return ends.length > 0 ? Math.min(...ends) : undefined
}

/** The word that the rules propose for a column, for a driver where one is given. */
export function proposedWordOf(
  one: EvaluatedRevision,
  chances: JudgedRevision['chances'] | undefined,
  column: EvaluatedColumn,
  rows: readonly Row[],
  driver: Driver | undefined,
): ProposedWord | undefined {
  const evidence = wordEvidence(one, chances, { faultCount: column.faultCount, hottest: hottestOf(rows, one.at) })
  const demand = driver && column.demands[driver.id]
  return proposeWord(evidence, demand && { ...demand, name: driver.name, oilTemperature: driver.oilTemperatureMax })
}
