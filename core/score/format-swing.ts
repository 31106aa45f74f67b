import { characteristicOf, findCharacteristic, optionsOf } from '#core/catalogue/index.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Criterion } from './criterion.ts'
import { formatAttributeValue } from './format-rule.ts'

/**
 * The worst and the best that a criterion knows, as a swing is put in words.
 *
 * @example formatSwing(shippedCriterion('can-wall'), 'metric') // => '0.36 to 0.60 mm'
 */
export function formatSwing({ valueFunction, attribute }: Criterion, system: UnitHabit): string {
  switch (valueFunction.kind) {
    case 'scale': {
      const sorted = [...valueFunction.points].sort((a, b) => a[1] - b[1])
      const [worst, best] = [sorted[0], sorted.at(-1)].map((end) =>
        formatAttributeValue(attribute, end?.[0] ?? 0, system),
      ) as [string, string]
      const unit = /[^\d]*$/.exec(best)?.[0] ?? ''
      return `${worst.endsWith(unit) ? worst.slice(0, worst.length - unit.length) : worst} to ${best}`
    }
    case 'answers': {
      const options = optionsOf(characteristicOf(attribute))
      const sorted = Object.entries(valueFunction.points).sort((a, b) => a[1] - b[1])
      const [worst = '', best = ''] = [sorted[0], sorted.at(-1)].map(
        (end) => options.find(({ value }) => value === end?.[0])?.label ?? '',
      )
      return `${worst} to ${best}`
    }
    case 'steps': {
      const graded = findCharacteristic(attribute)
      const anchors = graded?.kind === 'grade' ? graded.anchors : []
      return `${anchors[0] ?? 'worst'} to ${anchors.at(-1) ?? 'best'}`
    }
    case 'fault':
      return 'takes points away'
  }
}
