import { data } from 'react-router'
import { preferencesSchema } from '#app/ui/preferences.ts'
import { formDataOf } from './http.server.ts'
import type { Route } from './+types/preferences'

export async function action({ request }: Route.ActionArgs) {
  const preferences = preferencesSchema.parse(Object.fromEntries(await formDataOf(request)))
  const headers = new Headers()
  for (const [name, value] of Object.entries(preferences)) {
    headers.append('Set-Cookie', `${name}=${value}; Path=/; Max-Age=31536000; SameSite=Lax`)
  }
  return data(null, { headers })
}
