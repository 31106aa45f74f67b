import { sameBuildsOf } from '#app/data/kin.server.ts'
import type { Route } from './+types/same-builds'

/** Pairs of an engine's filters that are one build under two names. */
export const loader = ({ params }: Route.LoaderArgs) => sameBuildsOf(params.application)
