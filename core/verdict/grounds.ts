import type { UnitSystem } from '#core/compare/display.ts'
import { faceOff, type Duel } from '#core/compare/face-off.ts'
import type { Row } from '#core/compare/lineup.ts'
import { sayCell } from '#core/compare/say-cell.ts'
import type { Criterion, CriterionGroup } from '#core/score/criterion.ts'
import { isFact, type FactBounds } from '#core/score/facts.ts'
import { sayAt } from '#core/score/say-rule.ts'
import type { ScoreLine } from '#core/score/score.ts'
import type { Judgeable, Judged } from './judged.ts'

/** Why one stands before another: one criterion, what it rests on, and what it is worth. */
export interface Ground {
  criterion: Criterion
  group: CriterionGroup
  /** Points of a hundred by which the first gains; below zero where it loses. */
  gain: number
  first: string
  second: string
  /** Specimen whose readings it rests on; undefined for claims and prices. */
  specimen: string | undefined
}

const sayFact = (from: string, bounds: FactBounds | undefined, system: UnitSystem): string =>
  bounds === undefined
    ? 'not known'
    : bounds.low === bounds.high
      ? sayAt(from, bounds.low, system)
      : `${sayAt(from, bounds.low, system)} to ${sayAt(from, bounds.high, system)}`

/**
 * Real differences between two judged columns, largest gain first. Measured differences within their
 * uncertainty are left out, and so is what is not known of either.
 *
 * @param columns in the order of the rows' cells
 * @example groundsOf(leader, next, rows, columns, 'metric')[0]?.gain // => 2.1
 */
export function groundsOf(
  first: Judged,
  second: Judged,
  rows: readonly Row[],
  columns: readonly Judgeable[],
  system: UnitSystem,
): Ground[] {
  const byFrom = new Map(first.score.lines.map(({ criterion }) => [criterion.from, criterion]))
  const duels = new Map(faceOff(rows, first.at, second.at, (key) => byFrom.get(key)).map((duel) => [duel.key, duel]))
  const others = new Map(second.score.lines.map((line) => [line.criterion.key, line]))
  const weight = first.score.lines.reduce((sum, { criterion, reason }) => sum + (reason ? 0 : criterion.weight), 0)

  const grounds = first.score.lines.flatMap((line): Ground[] => {
    const { criterion } = line
    const other = others.get(criterion.key)
    const gain = difference(line, other)
    if (gain === undefined || gain === 0) return []
    const worth = (10 * criterion.weight * gain) / weight
    if (isFact(criterion.from)) {
      const [x, y] = [columns[first.at]!, columns[second.at]!].map(({ facts }) =>
        sayFact(criterion.from, facts[criterion.from], system),
      )
      return [{ criterion, group: criterion.part, gain: worth, first: x!, second: y!, specimen: undefined }]
    }
    const duel = duels.get(criterion.from)
    if (!duel || (duel.verdict !== 'a' && duel.verdict !== 'b')) return []
    return [
      {
        criterion,
        group: criterion.part,
        gain: worth,
        first: sayCell(duel.key, duel.a, system),
        second: sayCell(duel.key, duel.b, system),
        specimen: specimenOf(duel),
      },
    ]
  })
  return grounds.sort((a, b) => b.gain - a.gain)
}

const specimenOf = ({ a }: Duel): string | undefined => ('specimen' in a ? a.specimen : undefined)

/** Points by which one line leads another, by what is sure of both. */
function difference(line: ScoreLine, other: ScoreLine | undefined): number | undefined {
  if (!other || line.points === undefined || other.points === undefined) return undefined
  return line.points - other.points
}
