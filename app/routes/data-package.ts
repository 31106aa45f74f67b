import { findApplication } from '#app/data/applications.server.ts'
import { dataPackageZip } from '#app/data/data-package.server.ts'
import { licenceSchema } from '#app/features/forms/licence-fields.ts'
import * as texts from '#app/texts/imports.ts'
import type { Route } from './+types/data-package'
import { found, parseFields, zipDownload } from './http.server.ts'

/** All that is known of the filters of an engine, as a Data Package. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), texts.thisLineUp)
  const parsed = parseFields(licenceSchema, Object.fromEntries(new URL(request.url).searchParams))
  if (!parsed.ok) throw parsed.refusal
  return zipDownload(await dataPackageZip(application, parsed.value.licence), texts.dataPackageZip(application.name))
}
