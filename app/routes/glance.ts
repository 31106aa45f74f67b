import { findApplication } from '#app/data/applications.server.ts'
import { glanceAt } from '#app/data/glance.server.ts'
import * as texts from '#app/texts/today.ts'
import type { Route } from './+types/glance'
import { found } from './http.server.ts'

/** A line-up at a glance. */
export const loader = async ({ params }: Route.LoaderArgs) =>
  glanceAt(found(await findApplication(params.application), texts.thisLineUp).id)
