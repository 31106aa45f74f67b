import { redirect } from 'react-router'
import { listApplications } from '#app/data/applications.server.ts'
import { findSpecimen, latestSpecimen } from '#app/data/specimens.server.ts'
import type { Route } from './+types/to-view'

/** A view with no line-up named: that of the specimen last worked on. */
export async function loader({ request }: Route.LoaderArgs) {
  const latest = await latestSpecimen()
  const application = (latest && (await findSpecimen(latest))?.application) ?? (await listApplications())[0]?.id
  throw redirect(application ? `/lineups/${application}${new URL(request.url).pathname}` : '/')
}
