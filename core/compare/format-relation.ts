import { characteristicOf } from '#core/catalogue/index.ts'
import { displayUnit } from '#core/figures/format-value.ts'
import { findFigure } from '#core/figures/index.ts'
import { differenceFromSI } from '#core/quantity/convert.ts'
import { formatNumber } from '#core/quantity/format.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Relation } from './relation.ts'
import type { RelationField } from './said-relation.ts'

const figure = (number: number): string => formatNumber(number, 4)

/**
 * A relation in words that are read as the same.
 *
 * @param relation of the one to the other
 * @param unit in which a difference is said; empty for a count
 * @example formatRelation({ scale: 'difference', low: -0.009, high: -0.008 }, 'g') // => '8 to 9 g less'
 * @example formatRelation({ scale: 'ratio', low: 1.8, high: 2 }, '') // => '1.8 to 2 times as much'
 */
export function formatRelation(relation: Relation, unit: string): string {
  return relation.scale === 'ratio' ? formatRatio(relation) : formatDifference(relation, unit)
}

function formatRatio({ low, high }: Relation): string {
  if (high === null) return low !== null && low > 1 ? 'much more' : 'more'
  if (low === null || low === 0) return high < 1 ? 'much less' : 'less'
  if (low < 1 && high > 1 && Math.abs(low + high - 2) < 1e-9)
    return `about the same (within ${figure(100 * (high - 1))} %)`
  if (low === 1 && high === 1.1) return 'a little more'
  if (high === 1 && Math.abs(low - 1 / 1.1) < 1e-9) return 'a little less'
  return `${figure(low)} to ${figure(high)} times as much`
}

function formatDifference({ low, high }: Relation, unit: string): string {
  const amount = (si: number): string => figure(unit === '' ? si : differenceFromSI(si, unit))
  const behind = unit === '' ? '' : ` ${unit.replace('Δ', '')}`
  if (low === null || high === null) {
    const bound = low ?? high ?? 0
    if (bound === 0) return high === null ? 'more' : 'less'
    return `at least ${amount(Math.abs(bound))}${behind} ${high === null ? 'more' : 'less'}`
  }
  if (low < 0 && high > 0) return `within ${amount(Math.max(-low, high))}${behind} of each other`
  const [near, far] = low >= 0 ? [low, high] : [-high, -low]
  const word = low >= 0 ? 'more' : 'less'
  return near === far ? `${amount(near)}${behind} ${word}` : `${amount(near)} to ${amount(far)}${behind} ${word}`
}

/**
 * What can be said of a characteristic or figure of two specimens; undefined for what has no more and less.
 *
 * @param key of the row that is compared
 * @example relationFieldOf('pleats.count')?.dimension // => undefined
 * @example relationFieldOf('box.datecode') // => undefined
 */
export function relationFieldOf(key: string): (RelationField & { label: string }) | undefined {
  const found = findFigure(key)
  if (found) return { label: found.label, dimension: found.dimension, units: [found.unit, found.imperial] }
  const of = characteristicOf(key)
  if (of.kind === 'quantity') return { label: of.label, dimension: of.dimension, units: [of.units[0], of.imperial] }
  const isSayable = of.kind === 'count' || of.kind === 'grade' || of.kind === 'choice'
  return isSayable ? { label: of.label, dimension: undefined, units: [] } : undefined
}

/**
 * The unit in which a difference of a row is said.
 *
 * @example relationUnit('whole.weight', 'metric') // => 'g'
 */
export const relationUnit = (key: string, system: UnitHabit): string =>
  displayUnit(findFigure(key) ?? characteristicOf(key), system)
