import { characteristicOf, optionsOf } from '#core/catalogue/index.ts'
import { formatValueNumber } from '#core/figures/format-value.ts'
import { systemOf, unitOfKind, type UnitHabit } from '#core/quantity/unit-habit.ts'
import { formatShare } from '#core/claims/compare.ts'
import { findFigure } from '#core/figures/index.ts'
import { formatNumber, formatQuantity } from '#core/quantity/format.ts'
import type { Criterion } from './criterion.ts'
import { externalAttributes } from './external-attributes.ts'

/**
 * A number that a criterion judges, in words.
 *
 * @example formatAttributeValue('claim.fine', 0.75, 'metric') // => '75 %'
 */
export function formatAttributeValue(from: string, at: number, system: UnitHabit): string {
  const fact = externalAttributes.find(({ key }) => key === from)
  if (!fact) return formatValueNumber(findFigure(from) ?? characteristicOf(from), at, system)
  switch (fact.shows) {
    case 'share':
      return formatShare(at)
    case 'distance':
      return formatQuantity(at, unitOfKind(system, 'distance'))
    case 'mass':
      return formatQuantity(at, unitOfKind(system, 'weight'))
    case 'area':
      return formatQuantity(at, systemOf(system) === 'metric' ? 'cm²' : 'in²')
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
 * @example formatValueFunction(shippedCriterion('glue'), 'metric') // => 'worst anchor 0, best 10, even steps between'
 */
export function formatValueFunction({ valueFunction, attribute }: Criterion, system: UnitHabit): string {
  switch (valueFunction.kind) {
    case 'scale':
      return valueFunction.points
        .map(([at, points]) => `${formatAttributeValue(attribute, at, system)}: ${points}`)
        .join(', ')
    case 'answers': {
      const options = optionsOf(characteristicOf(attribute))
      return Object.entries(valueFunction.points)
        .map(([value, points]) => `${options.find((option) => option.value === value)?.label ?? value}: ${points}`)
        .join(', ')
    }
    case 'steps':
      return 'worst anchor 0, best 10, even steps between'
    case 'fault':
      return 'takes away: a little 4, yes 10'
  }
}
