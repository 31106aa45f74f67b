import { createCookie } from 'react-router'
import { z } from 'zod'
import { currencies } from '#core/money/currency.ts'
import { unitChoices } from '#core/quantity/unit-habit.ts'
import { defaultPreferences, type Preferences } from '#app/ui/preferences.ts'

const cookie = createCookie('preferences', { path: '/', maxAge: 365 * 24 * 60 * 60, sameSite: 'lax' })

const system = z.enum(['metric', 'imperial'])

const unitsByKind = z.object({
  small: z.enum(unitChoices.small),
  long: z.enum(unitChoices.long),
  weight: z.enum(unitChoices.weight),
  pressure: z.enum(unitChoices.pressure),
  distance: z.enum(unitChoices.distance),
  rest: system,
})

/** Units by kind come out of a form as text. */
function fromText(value: unknown): unknown {
  if (typeof value !== 'string' || !value.startsWith('{')) return value
  try {
    return JSON.parse(value)
  } catch {
    return undefined
  }
}

/** Preferences as they are sent; what is missing or broken is the default. */
export const preferencesSchema: z.ZodType<Preferences> = z.object({
  units: z.preprocess(fromText, z.union([system, unitsByKind])).catch(defaultPreferences.units),
  money: z.union([z.literal(''), z.enum(currencies)]).catch(defaultPreferences.money),
  theme: z.enum(['auto', 'light', 'dark']).catch(defaultPreferences.theme),
  letters: z.enum(['on', 'off']).catch(defaultPreferences.letters),
})

/** The preferences that a request carries. */
export async function readPreferences(request: Request): Promise<Preferences> {
  const kept: unknown = await cookie.parse(request.headers.get('Cookie'))
  return preferencesSchema.parse(typeof kept === 'object' && kept !== null ? kept : {})
}

/** The header that makes the browser keep preferences. */
export const keepPreferences = (preferences: Preferences): Promise<string> => cookie.serialize(preferences)
