import { data } from 'react-router'
import { keepPreferences, preferencesSchema } from './preferences.server.ts'
import type { Route } from './+types/preferences'
import { accepted, fieldsOf } from './http.server.ts'

/** Keeps units and colours in the browser. */
export async function action({ request }: Route.ActionArgs) {
  const preferences = preferencesSchema.parse(await fieldsOf(request))
  return data(accepted(), { headers: { 'Set-Cookie': await keepPreferences(preferences) } })
}
