import { createCookie } from 'react-router'
import { z } from 'zod'
import { defaultPreferences, type Preferences } from '#app/ui/preferences.ts'

const cookie = createCookie('preferences', { path: '/', maxAge: 365 * 24 * 60 * 60, sameSite: 'lax' })

/** Preferences as they are sent; what is missing or broken is the default. */
export const preferencesSchema: z.ZodType<Preferences> = z.object({
  units: z.enum(['metric', 'imperial']).catch(defaultPreferences.units),
  theme: z.enum(['auto', 'light', 'dark']).catch(defaultPreferences.theme),
})

/** The preferences that a request carries. */
export async function readPreferences(request: Request): Promise<Preferences> {
  const kept: unknown = await cookie.parse(request.headers.get('Cookie'))
  return preferencesSchema.parse(typeof kept === 'object' && kept !== null ? kept : {})
}

/** The header that makes the browser keep preferences. */
export const keepPreferences = (preferences: Preferences): Promise<string> => cookie.serialize(preferences)
