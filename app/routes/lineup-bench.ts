import { href, redirect } from 'react-router'
import { findApplication } from '#app/data/applications.server.ts'
import { latestSpecimenOf } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/bench.ts'
import type { Route } from './+types/lineup-bench'
import { found } from './http.server.ts'

/** The bench of an engine: its specimen that was worked on last, else where a product is added. */
export async function loader({ params }: Route.LoaderArgs) {
  const { id: application } = found(await findApplication(params.application), texts.thisLineUp)
  const specimen = await latestSpecimenOf(application)
  throw redirect(specimen ? href('/bench/:specimen', { specimen }) : href('/lineups/:application', { application }))
}
