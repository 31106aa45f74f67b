import type { Row } from '#core/compare/lineup.ts'
import { scoreDoubt } from './doubt.ts'
import { judgementProblem } from './judgement.ts'
import type { NextReading } from './next-reading.ts'
import { contenders, type EvaluatedRevision } from './ranking.ts'
import { toBeKnown, type ToTake } from './to-be-known.ts'

/** An open answer of one product that is worth its minutes. */
export interface NextAnswer extends ToTake {
  criterion: string
  label: string
  attribute: string
  /** By how much the chance of naming the right one grows; 0 where it only makes the product's own score surer. */
  gain: number
  /** Share of the doubt of the product's score that goes with it. */
  doubt: number
}

/**
 * The open answers of each product that settle most: those that have most of the doubt of its score, with what each
 * alone would settle of the verdict. The simulation sets three of them beside three at random.
 *
 * @param evaluated all columns
 * @param rows of the line-up
 * @param settling what settles the verdict, of all products
 * @returns by product, best first; none where nothing is open that can still be taken
 * @example nextAnswers([leader, next], rows, []).get('norrith') // => []
 */
export function nextAnswers(
  evaluated: readonly EvaluatedRevision[],
  rows: readonly Row[],
  settling: readonly NextReading[],
): ReadonlyMap<string, NextAnswer[]> {
  const judged = contenders(evaluated)
  const problem = judgementProblem(judged)
  return new Map(
    judged.map((revision, at) => {
      const gains = new Map(
        settling.flatMap(({ column, criterion, gain }) => (column === revision.id ? [[criterion, gain]] : [])),
      )
      const open = scoreDoubt(problem, at, revision).flatMap(
        ({ criterion, label, attribute, source, share: doubt }): NextAnswer[] => {
          const toTake = source === 'open' ? toBeKnown(attribute, revision, rows) : undefined
          return toTake ? [{ criterion, label, attribute, gain: gains.get(criterion) ?? 0, doubt, ...toTake }] : []
        },
      )
      return [revision.id, open.sort((a, b) => b.doubt - a.doubt)]
    }),
  )
}
