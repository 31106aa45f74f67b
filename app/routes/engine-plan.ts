import { findApplication } from '#app/data/applications.server.ts'
import { enginePlan } from '#app/data/engine-plan.server.ts'
import * as texts from '#app/texts/plan.ts'
import type { Route } from './+types/engine-plan'
import { found } from './http.server.ts'

/** What is worth doing next for one engine. */
export const loader = async ({ params }: Route.LoaderArgs) =>
  enginePlan(found(await findApplication(params.application), texts.thisEngine).id)
