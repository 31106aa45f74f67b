import { scalePoints } from './criterion.ts'
import { sumUp, type Score, type ScoreLine } from './score.ts'

/** A change that would put the second first. */
export type Flip =
  | { kind: 'weight'; criterion: string; label: string; from: number; to: number }
  | { kind: 'value'; criterion: string; label: string; whose: 'first' | 'second'; from: number; to: number }

const halvings = 40

/** Score of lines with one weight changed. */
const withWeight = ({ lines, vetoes }: Score, criterion: string, weight: number): number =>
  sumUp(
    lines.map((line) =>
      line.criterion.key === criterion ? { ...line, criterion: { ...line.criterion, weight } } : line,
    ),
    vetoes,
  ).value ?? 0

/** Score of lines with the points of one changed; evidence that settles them is as sure as before. */
const withPoints = ({ lines, vetoes }: Score, criterion: string, points: number): number =>
  sumUp(
    lines.map((line) =>
      line.criterion.key === criterion
        ? { ...line, low: points * sureness(line), high: points * sureness(line) + 10 * (1 - sureness(line)) }
        : line,
    ),
    vetoes,
  ).value ?? 0

const sureness = ({ low, high }: ScoreLine): number => 1 - (high - low) / 10

/** Where a function of one number changes sign between two ends of which it has a different one. */
function root(of: (at: number) => number, low: number, high: number): number {
  const rising = of(high) > of(low)
  let [a, b] = [low, high]
  for (let step = 0; step < halvings; step++) {
    const middle = (a + b) / 2
    if (of(middle) > 0 === rising) b = middle
    else a = middle
  }
  return (a + b) / 2
}

/**
 * The smallest change of one weight that puts the second before the first: the one with the smallest factor,
 * up or down.
 *
 * @returns undefined when no weight from nothing to twenty times its own does it
 * @example flipByWeight(first, second)?.criterion // => 'area'
 */
export function flipByWeight(first: Score, second: Score): Flip | undefined {
  const flips = first.lines.flatMap(({ criterion }) => {
    const lead = (weight: number) =>
      withWeight(first, criterion.key, weight) - withWeight(second, criterion.key, weight)
    const ends = [0, criterion.weight * 20].filter((end) => lead(end) < 0)
    return ends.map((end) => {
      const to = root(
        lead,
        ...(end < criterion.weight ? ([end, criterion.weight] as const) : ([criterion.weight, end] as const)),
      )
      return { kind: 'weight' as const, criterion: criterion.key, label: criterion.label, from: criterion.weight, to }
    })
  })
  const factor = ({ from, to }: { from: number; to: number }) => Math.abs(Math.log(Math.max(to, from / 1000) / from))
  return flips.sort((a, b) => factor(a) - factor(b))[0]
}

/**
 * The smallest change of one measured value that puts the second before the first, as a share of the value.
 *
 * @param valueOf the number that a criterion was judged on, first's and second's
 * @returns undefined when no value within the rule's own range does it
 * @example flipByValue(first, second, valueOf)?.to // => 0.00044
 */
export function flipByValue(
  first: Score,
  second: Score,
  valueOf: (whose: 'first' | 'second', criterion: string) => number | undefined,
): (Flip & { kind: 'value' }) | undefined {
  const flips = (['first', 'second'] as const).flatMap((whose) => {
    const [own, other] = whose === 'first' ? [first, second] : [second, first]
    return own.lines.flatMap(({ criterion, points }): (Flip & { kind: 'value' })[] => {
      const { rule } = criterion
      const from = valueOf(whose, criterion.key)
      if (rule.kind !== 'scale' || from === undefined || points === undefined || other.value === undefined) return []
      const lead = (at: number) =>
        (withPoints(own, criterion.key, scalePoints(rule, at)) - other.value!) * (whose === 'first' ? 1 : -1)
      return rule.points.flatMap(([at]) => {
        if (lead(at) >= 0) return []
        const to = root(lead, ...(at < from ? ([at, from] as const) : ([from, at] as const)))
        return [{ kind: 'value' as const, criterion: criterion.key, label: criterion.label, whose, from, to }]
      })
    })
  })
  const share = ({ from, to }: { from: number; to: number }) => Math.abs(to - from) / Math.abs(from)
  return flips.filter(({ from }) => from !== 0).sort((a, b) => share(a) - share(b))[0]
}

/**
 * The reading most worth taking next: that which leaves most points open, of the products whose scores may still
 * change places with the leader.
 *
 * @example worthTaking([{ id: 'a', score }])?.criterion.key // => 'area'
 */
export function worthTaking(
  scores: readonly { id: string; score: Score }[],
): { id: string; line: ScoreLine; points: number } | undefined {
  const best = Math.max(...scores.map(({ score }) => score.low))
  const open = scores
    .filter(({ score }) => score.high >= best && score.vetoes.length === 0)
    .flatMap(({ id, score }) => {
      const weight = score.lines.reduce((sum, { criterion, reason }) => sum + (reason ? 0 : criterion.weight), 0)
      return score.lines
        .filter(({ reason, high, low }) => !reason && high > low)
        .map((line) => ({ id, line, points: (10 * line.criterion.weight * (line.high - line.low)) / 10 / weight }))
    })
  return open.sort((a, b) => b.points - a.points)[0]
}
