import { characteristicOf, optionsOf } from '#core/catalogue/index.ts'
import { sayNumber, type UnitSystem } from '#core/compare/display.ts'
import { sayShare } from '#core/claims/compare.ts'
import { findFigure } from '#core/figures/index.ts'
import { formatNumber, formatQuantity } from '#core/quantity/format.ts'
import type { Criterion } from './criterion.ts'
import { facts } from './facts.ts'

/**
 * A number that a criterion judges, in words.
 *
 * @example sayAt('claim.fine', 0.75, 'metric') // => '75 %'
 */
export function sayAt(from: string, at: number, system: UnitSystem): string {
  const fact = facts.find(({ key }) => key === from)
  if (!fact) return sayNumber(findFigure(from) ?? characteristicOf(from), at, system)
  switch (fact.shows) {
    case 'share':
      return sayShare(at)
    case 'distance':
      return formatQuantity(at, system === 'metric' ? 'km' : 'mi')
    case 'mass':
      return formatQuantity(at, system === 'metric' ? 'g' : 'oz')
    case 'area':
      return formatQuantity(at, system === 'metric' ? 'cm²' : 'in²')
    case 'grade':
      return ['slogan', 'partial', 'complete'][Math.round(at)] ?? String(at)
    case 'yes':
      return at > 0.5 ? 'yes' : 'no'
    case 'money':
      return formatNumber(at, 4)
  }
}

/**
 * The rule of a criterion as a user reads it.
 *
 * @example sayRule(glue, 'metric') // => 'worst anchor 0, best 10, even steps between'
 */
export function sayRule({ rule, from }: Criterion, system: UnitSystem): string {
  switch (rule.kind) {
    case 'scale':
      return rule.points.map(([at, points]) => `${sayAt(from, at, system)}: ${points}`).join(', ')
    case 'answers': {
      const options = optionsOf(characteristicOf(from))
      return Object.entries(rule.points)
        .map(([value, points]) => `${options.find((option) => option.value === value)?.label ?? value}: ${points}`)
        .join(', ')
    }
    case 'steps':
      return 'worst anchor 0, best 10, even steps between'
    case 'fault':
      return 'none 10, a little 4, yes 0'
  }
}
