import { bisect } from 'simple-statistics'
import { combineScoreLines, countedWeight, type Score, type ScoreLine } from './score.ts'
import { scalePoints } from './value-function.ts'

/** A change that would put the second first. */
export type BreakEven =
  | { kind: 'weight'; criterion: string; label: string; from: number; to: number }
  | { kind: 'value'; criterion: string; label: string; whose: 'first' | 'second'; from: number; to: number }

/**
 * The value of a score as one of its lines changes. All other lines stand together as one, of their weight and their
 * mean points, so that a change costs little however many there are.
 */
function valueAsLineChanges({ lines, fatalFaults }: Score, criterion: string) {
  const line = lines.find((one) => one.criterion.key === criterion)
  if (!line) return () => 0
  const others = lines.filter((one) => one !== line && !one.notApplicableReason)
  const weight = countedWeight(others)
  const meanOf = (points: (one: ScoreLine) => number): number =>
    weight === 0 ? 0 : others.reduce((sum, one) => sum + one.criterion.weight * points(one), 0) / weight
  const { notApplicableReason: _, ...counted } = line
  const rest: ScoreLine = {
    ...counted,
    criterion: { ...line.criterion, weight },
    low: meanOf(({ low }) => low),
    high: meanOf(({ high }) => high),
  }
  return (change: (line: ScoreLine) => ScoreLine): number =>
    combineScoreLines([rest, change(line)], fatalFaults).value ?? 0
}

/** A line with another weight. */
const withWeight =
  (weight: number) =>
  (line: ScoreLine): ScoreLine => ({ ...line, criterion: { ...line.criterion, weight } })

/** A line with other points; evidence that settles them is as sure as before. */
const withPoints =
  (points: number) =>
  (line: ScoreLine): ScoreLine => ({
    ...line,
    low: points * sureness(line),
    high: points * sureness(line) + 10 * (1 - sureness(line)),
  })

const sureness = ({ low, high }: ScoreLine): number => 1 - (high - low) / 10

/** Where a function changes sign between two ends, at which it has different ones. */
function root(of: (at: number) => number, one: number, other: number): number {
  const [low, high] = [Math.min(one, other), Math.max(one, other)]
  return bisect(of, low, high, 100, (high - low) * 1e-12)
}

/**
 * The smallest change of one weight that puts the second before the first: the one with the smallest factor,
 * up or down.
 *
 * @returns undefined when no weight from nothing to twenty times its own does it
 * @example breakEvenWeight(leader.score, next.score) // => undefined
 */
export function breakEvenWeight(first: Score, second: Score): BreakEven | undefined {
  const breakEvens = first.lines.flatMap(({ criterion }) => {
    const own = valueAsLineChanges(first, criterion.key)
    const other = valueAsLineChanges(second, criterion.key)
    const lead = (weight: number) => own(withWeight(weight)) - other(withWeight(weight))
    const ends = [0, criterion.weight * 20].filter((end) => lead(end) < 0)
    return ends.map((end) => {
      const to = root(lead, end, criterion.weight)
      return { kind: 'weight' as const, criterion: criterion.key, label: criterion.label, from: criterion.weight, to }
    })
  })
  const factor = ({ from, to }: { from: number; to: number }) => Math.abs(Math.log(Math.max(to, from / 1000) / from))
  return breakEvens.sort((a, b) => factor(a) - factor(b))[0]
}

/**
 * The smallest change of one measured value that puts the second before the first, as a share of the value.
 *
 * @param valueOf the number that a criterion was judged on, first's and second's
 * @returns undefined when no value within the rule's own range does it
 * @example breakEvenValue(leader.score, next.score, () => 0.0005)?.whose // => 'second'
 */
export function breakEvenValue(
  first: Score,
  second: Score,
  valueOf: (whose: 'first' | 'second', criterion: string) => number | undefined,
): (BreakEven & { kind: 'value' }) | undefined {
  const breakEvens = (['first', 'second'] as const).flatMap((whose) => {
    const [own, other] = whose === 'first' ? [first, second] : [second, first]
    return own.lines.flatMap(({ criterion, points }): (BreakEven & { kind: 'value' })[] => {
      const { valueFunction } = criterion
      const from = valueOf(whose, criterion.key)
      const rival = other.value
      if (valueFunction.kind !== 'scale' || from === undefined || points === undefined || rival === undefined) return []
      const value = valueAsLineChanges(own, criterion.key)
      const lead = (at: number) =>
        (value(withPoints(scalePoints(valueFunction, at))) - rival) * (whose === 'first' ? 1 : -1)
      return valueFunction.points.flatMap(([at]) => {
        if (lead(at) >= 0) return []
        const to = root(lead, at, from)
        return [{ kind: 'value' as const, criterion: criterion.key, label: criterion.label, whose, from, to }]
      })
    })
  })
  const share = ({ from, to }: { from: number; to: number }) => Math.abs(to - from) / Math.abs(from)
  return breakEvens.filter(({ from }) => from !== 0).sort((a, b) => share(a) - share(b))[0]
}

/**
 * The reading most worth taking next: that which leaves most points open, of the products whose scores may still
 * change places with the leader.
 *
 * @example mostOpenLine([{ id: 'a', score: leader.score }]) // => undefined
 */
export function mostOpenLine(
  scores: readonly { id: string; score: Score }[],
): { id: string; line: ScoreLine; points: number } | undefined {
  const best = Math.max(...scores.map(({ score }) => score.low))
  const open = scores
    .filter(({ score }) => score.high >= best && score.fatalFaults.length === 0)
    .flatMap(({ id, score }) => {
      const weight = countedWeight(score.lines)
      return score.lines
        .filter(({ notApplicableReason, high, low }) => !notApplicableReason && high > low)
        .map((line) => ({ id, line, points: (10 * line.criterion.weight * (line.high - line.low)) / 10 / weight }))
    })
  return open.sort((a, b) => b.points - a.points)[0]
}
