import type { UnitSystem } from '#core/compare/display.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { flipByValue, flipByWeight, worthTaking } from '#core/score/flip.ts'
import { isFact } from '#core/score/facts.ts'
import { sayAt } from '#core/score/say-rule.ts'
import type { Judgeable, Judged } from './judged.ts'

/** One sentence on what would change the verdict, and what it rests on. */
export interface Change {
  says: string
  criterion: string
  /** Column whose reading it is, where it is one. */
  column: string | undefined
  from: string
}

/**
 * The smallest change of one weight, of one measured value and of one price that puts the second first, and the
 * reading most worth taking next; each as a sentence.
 *
 * @param nameOf a column
 * @example whatWouldChange(ranked, columns, nameOf, 'metric')[0]?.says // => 'Media area weighing 13.1 instead of 9 …'
 */
export function whatWouldChange(
  ranked: readonly Judged[],
  columns: readonly Judgeable[],
  nameOf: (id: string) => string,
  system: UnitSystem,
): Change[] {
  const [first, second] = ranked
  if (!first || !second) return []
  const names = { first: nameOf(first.id), second: nameOf(second.id) }
  const judged = { first, second }
  const fromOf = (key: string) => first.score.lines.find(({ criterion }) => criterion.key === key)!.criterion.from
  const changes: Change[] = []

  const weight = flipByWeight(first.score, second.score)
  if (weight) {
    changes.push({
      says: `${weight.label} weighing ${formatNumber(weight.to, 2)} instead of ${formatNumber(weight.from, 2)} would put ${names.second} before ${names.first}.`,
      criterion: weight.criterion,
      column: undefined,
      from: fromOf(weight.criterion),
    })
  }

  const byValue = (wanted: (from: string) => boolean) =>
    flipByValue(first.score, second.score, (whose, key) => {
      const from = fromOf(key)
      if (!wanted(from)) return undefined
      const facts = columns[judged[whose].at]!.facts[from]
      return isFact(from)
        ? facts && facts.low === facts.high
          ? facts.low
          : undefined
        : judged[whose].evidence.get(key)?.number
    })
  for (const wanted of [(from: string) => !isFact(from), (from: string) => from === 'value.landed']) {
    const flip = byValue(wanted)
    if (!flip) continue
    const from = fromOf(flip.criterion)
    changes.push({
      says: `${flip.label} of ${names[flip.whose]} at ${sayAt(from, flip.to, system)} instead of ${sayAt(from, flip.from, system)} would put ${names.second} before ${names.first}.`,
      criterion: flip.criterion,
      column: judged[flip.whose].id,
      from,
    })
  }
  if (changes.length === 0)
    changes.push({
      says: `No single weight, reading or price within reason puts ${names.second} before ${names.first}.`,
      criterion: '',
      column: undefined,
      from: '',
    })

  const open = worthTaking(ranked.map(({ id, score }) => ({ id, score })))
  if (open) {
    changes.push({
      says: `Most worth ${open.line.evidence === 'inferred' ? 'measuring instead of inferring' : 'finding out'} next: ${open.line.criterion.label.toLowerCase()} of ${nameOf(open.id)}, which leaves ${formatNumber(open.points, 2)} points of 100 open.`,
      criterion: open.line.criterion.key,
      column: open.id,
      from: open.line.criterion.from,
    })
  }
  return changes
}
