import { siteSchema } from '#app/features/forms/review-fields.ts'
import type { Route } from './+types/site-progress'
import { accepted, fieldsOf, parseFields } from './http.server.ts'
import { buildSite, siteBuild } from './site-build.server.ts'

/** How far the site is. */
export const loader = () => Response.json(siteBuild())

/** Begins to build it; the answer comes at once. */
export async function action({ request }: Route.ActionArgs) {
  const parsed = parseFields(siteSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  buildSite(parsed.value).catch((error: unknown) => console.error(error))
  return accepted()
}
