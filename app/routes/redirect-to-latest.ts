import { href, redirect } from 'react-router'
import { listApplications } from '#app/data/applications.server.ts'
import { findSpecimen, latestSpecimen } from '#app/data/specimens.server.ts'
import type { Route } from './+types/redirect-to-latest'

/** A view with no line-up named: that of the specimen last worked on. */
export async function loader({ request }: Route.LoaderArgs) {
  const latest = await latestSpecimen()
  const specimen = latest === undefined ? undefined : await findSpecimen(latest)
  const application = specimen?.applicationId ?? (await listApplications())[0]?.id
  const view = new URL(request.url).pathname
  throw redirect(application ? `${href('/lineups/:application', { application })}${view}` : href('/'))
}
