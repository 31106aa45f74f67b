import { createCookie } from 'react-router'
import { preferencesSchema, type Preferences } from '#app/ui/preferences.ts'

const cookie = createCookie('preferences', { path: '/', maxAge: 365 * 24 * 60 * 60, sameSite: 'lax' })

/** The preferences that a request carries; what is missing or broken is the default. */
export async function readPreferences(request: Request): Promise<Preferences> {
  const kept: unknown = await cookie.parse(request.headers.get('Cookie'))
  return preferencesSchema.parse(typeof kept === 'object' && kept !== null ? kept : {})
}

/** The header that makes the browser keep preferences. */
export const keepPreferences = (preferences: Preferences): Promise<string> => cookie.serialize(preferences)
