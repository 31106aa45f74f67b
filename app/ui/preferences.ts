import type { currencies } from '#core/money/currency.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'

/** What a user sets once: units to show, the currency to think in, colours. */
export interface Preferences {
  units: UnitHabit
  /** Empty for that of most prices. */
  money: (typeof currencies)[number] | ''
  theme: 'auto' | 'light' | 'dark'
  /** Whether single letters are shortcuts. */
  letters: 'on' | 'off'
}

export const defaultPreferences: Preferences = { units: 'metric', money: '', theme: 'auto', letters: 'on' }
