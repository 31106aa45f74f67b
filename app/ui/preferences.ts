import type { UnitSystem } from '#core/quantity/units.ts'

/** What a user sets once: units to show, colours. */
export interface Preferences {
  units: UnitSystem
  theme: 'auto' | 'light' | 'dark'
}

export const defaultPreferences: Preferences = { units: 'metric', theme: 'auto' }
