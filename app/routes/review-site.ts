import { data } from 'react-router'
import { zipped } from '#app/data/zipped.server.ts'
import { siteSchema } from '#app/features/forms/review-fields.ts'
import * as texts from '#app/texts/review.ts'
import type { Route } from './+types/review-site'
import { parseFields, zipDownload } from './http.server.ts'
import { builtFiles, buildSite } from './site-build.server.ts'

/** All that is published, as a folder of files for any web server. */
export async function loader({ request }: Route.LoaderArgs) {
  const parsed = parseFields(siteSchema, Object.fromEntries(new URL(request.url).searchParams))
  if (!parsed.ok) throw parsed.refusal
  if (!(await buildSite(parsed.value))) throw data(texts.theSiteWasStoppedWhileIt, { status: 409 })
  return zipDownload(await zipped(await builtFiles()), 'site.zip')
}
