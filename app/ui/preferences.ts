import { z } from 'zod'

/** What a user sets once: units to show, colours. Kept in a cookie. */
export const preferencesSchema = z.object({
  units: z.enum(['metric', 'imperial']).catch('metric'),
  theme: z.enum(['auto', 'light', 'dark']).catch('auto'),
})

export type Preferences = z.infer<typeof preferencesSchema>
export type UnitSystem = Preferences['units']

/** Reads the preferences from a request's cookies; what is missing or broken is the default. */
export function readPreferences(request: Request): Preferences {
  const cookies = new Map(
    (request.headers.get('Cookie') ?? '').split(/;\s*/).map((pair): [string, string] => {
      const at = pair.indexOf('=')
      return [pair.slice(0, at), pair.slice(at + 1)]
    }),
  )
  return preferencesSchema.parse({ units: cookies.get('units'), theme: cookies.get('theme') })
}
