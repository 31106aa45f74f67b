import { findCharacteristic, optionsOf } from '#core/catalogue/index.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { formatNumber } from '#core/quantity/format.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import { shippedCriterion } from '#core/score/criteria.ts'
import type { ValueFunction } from '#core/score/criterion.ts'
import { formatAttributeValue } from '#core/score/format-rule.ts'
import { faultPoints } from '#core/score/value-function.ts'
import { formatChance, type Call } from './call.ts'
import type { NextReading, Outcome } from './next-reading.ts'

/**
 * What would be said if a reading came to this, in one line.
 *
 * @param reading that is open
 * @param outcome one range that it may come to
 * @param nameOf a column
 * @param system units to say it in
 * @example
 * formatOutcome({ column: 'a', criterion: 'glue', label: 'Glue bead', attribute: 'glue.grade', gain: 0.1, minutes: 1,
 *   outcomes: [] }, { least: 5, most: Infinity, share: 0.4, call: { word: 'leads', named: [{ id: 'N-40', chance: 0.9
 * }],
 *   chance: 0.9, behind: [] } }, (id) => id, 'metric')
 * // => '5 points or more (40 %): N-40 leads, 90 %.'
 */
export function formatOutcome(
  { criterion, attribute }: NextReading,
  { least, most, share, call }: Outcome,
  nameOf: (id: string) => string,
  system: UnitHabit,
): string {
  const what = formatRange(shippedCriterion(criterion).valueFunction, attribute, least, most, system)
  return `${what} (${formatChance(share)}): ${formatThen(call, nameOf)}.`
}

/** What the reading would be, as the user would read it; in points where that cannot be said. */
function formatRange(
  valueFunction: ValueFunction,
  attribute: string,
  least: number,
  most: number,
  system: UnitHabit,
): string {
  const points = { answers: valueFunction.kind === 'answers' ? valueFunction.points : undefined, fault: faultPoints }
  const table =
    valueFunction.kind === 'answers' || valueFunction.kind === 'fault' ? points[valueFunction.kind] : undefined
  const characteristic = findCharacteristic(attribute)
  if (table && characteristic) {
    const those = optionsOf(characteristic).filter(({ value }) => {
      const own = table[value]
      return own !== undefined && own >= least && own < most
    })
    return formatList(
      those.map(({ label }) => label),
      'disjunction',
    )
  }
  if (valueFunction.kind === 'scale') {
    const [from, to] = [least, most].map((edge) => valueAt(valueFunction.points, edge))
    const said = (value: number) => formatAttributeValue(attribute, value, system)
    const rises = (valueFunction.points.at(-1)?.[1] ?? 0) > valueFunction.points[0][1]
    if (from === undefined && to !== undefined) return `${rises ? 'less' : 'more'} than ${said(to)}`
    if (to === undefined && from !== undefined) return `${said(from)} or ${rises ? 'more' : 'less'}`
    if (from !== undefined && to !== undefined) return `${said(Math.min(from, to))} to ${said(Math.max(from, to))}`
  }
  const [low, high] = [least, most].map((edge) => formatNumber(edge, 2))
  if (least === -Infinity) return `fewer than ${high} points`
  return most === Infinity ? `${low} points or more` : `${low} to ${high} points`
}

/** The value at which a rule that rises or falls throughout gives so many points. */
function valueAt(breakpoints: readonly (readonly [number, number])[], points: number): number | undefined {
  const steps = breakpoints
    .slice(1)
    .map(([at, own], index) => ({ from: breakpoints[index] ?? [at, own], to: [at, own] }))
  const rises = steps.every(({ from, to }) => (to[1] ?? 0) >= from[1])
  const falls = steps.every(({ from, to }) => (to[1] ?? 0) <= from[1])
  if (!rises && !falls) return undefined
  for (const { from, to } of steps) {
    const [start, end] = [from[1], to[1] ?? 0]
    if (start === end || points < Math.min(start, end) || points > Math.max(start, end)) continue
    return from[0] + ((points - start) / (end - start)) * ((to[0] ?? 0) - from[0])
  }
  return undefined
}

function formatThen({ word, named }: Call, nameOf: (id: string) => string): string {
  const [first] = named
  const name = first ? nameOf(first.id) : ''
  if (word === 'close') return `too close to call, ${name} likeliest at ${formatChance(first?.chance ?? 0)}`
  return `${name} ${word === 'wins' ? 'wins' : 'leads'}, ${formatChance(first?.chance ?? 0)}`
}
