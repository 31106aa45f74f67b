import { useRouteLoaderData } from 'react-router'
import { defaultPreferences, type Preferences } from './preferences.ts'

/** The user's preferences, from the root loader. */
export const usePreferences = (): Preferences =>
  useRouteLoaderData<{ preferences: Preferences }>('root')?.preferences ?? defaultPreferences
