import { siteSchema } from '#app/features/forms/review-fields.ts'
import type { Route } from './+types/site-progress'
import { accepted, fieldsOf, parseFields } from './http.server.ts'
import { buildSite, siteBuild, stopSite } from './site-build.server.ts'

/** How far the site is. */
export const loader = () => Response.json(siteBuild())

/** Begins to build it, or stops that; the answer comes at once. */
export async function action({ request }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  if (typed.intent === 'stop') {
    stopSite()
    return accepted()
  }
  const parsed = parseFields(siteSchema, typed)
  if (!parsed.ok) return parsed.refusal
  buildSite(parsed.value).catch((error: unknown) => console.error(error))
  return accepted()
}
