import { formatList } from '#core/quantity/format-list.ts'
import { formatNumber } from '#core/quantity/format.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { DrawSettings } from '#core/score/acceptability.ts'
import { formatAttributeValue } from '#core/score/format-rule.ts'
import type { ScoreLine } from '#core/score/score.ts'
import { formatChance, type Call } from './call.ts'
import { applyChange, type Change } from './change.ts'
import { judge } from './judgement.ts'
import type { EvaluatedRevision } from './ranking.ts'

/** A change after which the call is another one, and what it is then. */
export interface Flip {
  change: Change
  call: Call
  /** What is changed, as the criterion calls it. */
  label: string
  /** Attribute that the criterion judges. */
  attribute: string
}

/** So many criteria are tried, those on which the first two differ most. */
const triedCriteria = 5
/** So many flips of a kind are told. */
const toldFlips = 2
const factors = [1.5, 2, 3, 5, 10]
const quickly: DrawSettings = { least: 4096, most: 4096, standardError: 0, ranks: false }

/**
 * The smallest changes of a weight, of a number that was measured, and of a price after which another call is made:
 * each is judged anew by the rule of the verdict, as it is printed, and told only when it holds then.
 *
 * @param evaluated all columns
 * @param settings of the judgement that a flip must stand
 * @yields after each change that was tried
 * @returns flips, smallest change first within a kind: weights, then numbers
 * @example flipsOf([leader]) // => []
 */
export function* flipSteps(evaluated: readonly EvaluatedRevision[], settings?: DrawSettings): Generator<void, Flip[]> {
  const { ranked, call } = judge(evaluated, settings)
  const [first, second] = ranked
  if (!call || !first || !second) return []
  const nameIt = (criterion: string) => namesOf(first, criterion)
  const quick = judge(evaluated, quickly).call
  const isTold = (changed: Call | undefined, before: Call | undefined) =>
    changed !== undefined && before !== undefined && saidOf(changed) !== saidOf(before)
  function* smallest(changes: Change[]): Generator<void, Flip[]> {
    for (const change of changes) {
      yield
      const changed = applyChange(evaluated, change)
      if (!isTold(judge(changed, quickly).call, quick)) continue
      const settled = judge(changed, settings).call
      if (settled && isTold(settled, call)) return [{ change, call: settled, ...nameIt(change.criterion) }]
    }
    return []
  }
  const flips: Flip[] = []
  const lines = linesThatDiffer(first, second)
  const kinds = [
    lines.flatMap((line) => [weightChanges(line, factors), weightChanges(line, [0.67, 0.5, 0.25, 0])]),
    lines.flatMap((line) => [first, second].map((revision) => valueChanges(revision, line))),
  ]
  for (const kind of kinds) {
    const found: Flip[] = []
    for (const changes of kind) found.push(...(yield* smallest(changes)))
    flips.push(...found.sort((a, b) => sizeOf(a.change) - sizeOf(b.change)).slice(0, toldFlips))
  }
  return flips
}

/**
 * All flips at once.
 *
 * @example flipsOf([]) // => []
 */
export function flipsOf(evaluated: readonly EvaluatedRevision[], settings?: DrawSettings): Flip[] {
  const steps = flipSteps(evaluated, settings)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** What a call comes to: the word, and whom it is about where one stands alone. */
const saidOf = ({ word, named }: Call): string => (word === 'close' ? word : `${word} ${named[0]?.id}`)

const namesOf = ({ score }: EvaluatedRevision, key: string): Pick<Flip, 'label' | 'attribute'> => {
  const criterion = score.lines.find((line) => line.criterion.key === key)?.criterion
  return { label: criterion?.label ?? key, attribute: criterion?.attribute ?? '' }
}

/** Lines on which two differ, by what the difference is worth. */
function linesThatDiffer(first: EvaluatedRevision, second: EvaluatedRevision): ScoreLine[] {
  const others = new Map(second.score.lines.map((line) => [line.criterion.key, line]))
  const worth = ({ criterion, points }: ScoreLine): number =>
    criterion.weight * Math.abs((points ?? 0) - (others.get(criterion.key)?.points ?? points ?? 0))
  return first.score.lines
    .filter((line) => worth(line) > 0)
    .sort((a, b) => worth(b) - worth(a))
    .slice(0, triedCriteria)
}

const weightChanges = ({ criterion: { key, weight } }: ScoreLine, by: readonly number[]): Change[] =>
  by.map((factor) => ({ kind: 'weight', criterion: key, from: weight, to: twoDigits(weight * factor) }))

/** Numbers from the present one toward either end of what the rule tells apart. */
function valueChanges({ id, evidence }: EvaluatedRevision, { criterion }: ScoreLine): Change[] {
  const { valueFunction, key } = criterion
  const from = evidence.get(key)?.number
  if (valueFunction.kind !== 'scale' || from === undefined || from === 0) return []
  const ends = valueFunction.points.flatMap(([at]) => [at, (at + from) / 2])
  return ends
    .map((to): Change => ({ kind: 'value', criterion: key, column: id, from, to: threeDigits(to) }))
    .filter(({ to }) => to !== threeDigits(from))
    .sort((a, b) => sizeOf(a) - sizeOf(b))
}

const twoDigits = (value: number): number => Number(value.toPrecision(2))
const threeDigits = (value: number): number => Number(value.toPrecision(3))

/** Size of a change: a weight by its factor, a number as a share of itself. */
const sizeOf = ({ kind, from, to }: Change): number =>
  kind === 'weight' ? Math.abs(Math.log(Math.max(to, from / 1000) / from)) : Math.abs((to - from) / from)

/**
 * A flip in one sentence.
 *
 * @param nameOf a column
 * @param system units to say it in
 * @example
 * formatFlip({ change: { kind: 'weight', criterion: 'glue', from: 6, to: 12 }, label: 'Glue bead', attribute:
 * 'glue.grade',
 *   call: { word: 'leads', named: [{ id: 'M-2', chance: 0.9 }], chance: 0.9, behind: [] } }, (id) => id, 'metric')
 * // => 'If glue bead weighed 12 instead of 6, M-2 would lead (90 %).'
 */
export function formatFlip(
  { change, call, label, attribute }: Flip,
  nameOf: (id: string) => string,
  system: UnitHabit,
) {
  const what = label.toLowerCase()
  if (change.kind === 'weight')
    return (
      `If ${what} weighed ${formatNumber(change.to, 2)} instead of ${formatNumber(change.from, 2)}, ` +
      `${wouldBe(call, nameOf)}.`
    )
  const [from, to] = [change.from, change.to].map((value) => formatAttributeValue(attribute, value, system))
  return `If ${what} of ${nameOf(change.column)} were ${to} instead of ${from}, ${wouldBe(call, nameOf)}.`
}

function wouldBe({ word, named }: Call, nameOf: (id: string) => string): string {
  const [first] = named
  if (!first) return 'nobody would be judged'
  if (word === 'close')
    return `it would be too close to call between ${formatList(
      named.map(({ id }) => nameOf(id)),
      'conjunction',
    )}`
  return `${nameOf(first.id)} would ${word === 'wins' ? 'win' : 'lead'} (${formatChance(first.chance)})`
}
