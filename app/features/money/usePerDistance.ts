import { unitOfKind } from '#core/quantity/unit-habit.ts'
import * as texts from '#app/texts/money.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'

/** The distance that costs are stated for, in the user's units; `scale` makes a cost for 10,000 km one for it. */
export function usePerDistance() {
  const { units } = usePreferences()
  return unitOfKind(units, 'distance') === 'km'
    ? ({ unit: 'km', label: texts.n10000Km, scale: 1 } as const)
    : ({ unit: 'mi', label: texts.n10000Mi, scale: 1.609344 } as const)
}
