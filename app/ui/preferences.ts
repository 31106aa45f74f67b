import { z } from 'zod'

/** What a user sets once: units to show, colours. */
export const preferencesSchema = z.object({
  units: z.enum(['metric', 'imperial']).catch('metric'),
  theme: z.enum(['auto', 'light', 'dark']).catch('auto'),
})

export type Preferences = z.infer<typeof preferencesSchema>

export const defaultPreferences: Preferences = preferencesSchema.parse({})
