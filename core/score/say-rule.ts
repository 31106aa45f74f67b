import { characteristicOf, optionsOf } from '#core/catalogue/index.ts'
import { sayNumber, type UnitSystem } from '#core/compare/display.ts'
import { findFigure } from '#core/figures/index.ts'
import type { Criterion } from './criterion.ts'

/**
 * The rule of a criterion as a user reads it.
 *
 * @example sayRule(glue, 'metric') // => 'worst anchor 0, best 10, even steps between'
 */
export function sayRule({ rule, from }: Criterion, system: UnitSystem): string {
  const of = findFigure(from) ?? characteristicOf(from)
  switch (rule.kind) {
    case 'scale':
      return rule.points.map(([at, points]) => `${sayNumber(of, at, system)}: ${points}`).join(', ')
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
