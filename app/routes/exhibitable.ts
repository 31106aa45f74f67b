import { listExhibitable } from '#app/data/exhibits.server.ts'
import type { Route } from './+types/exhibitable'

/** Specimens of an engine that can be laid beside the face-offs of another. */
export const loader = async ({ params }: Route.LoaderArgs) => ({
  specimens: await listExhibitable(params.application),
})
