import { Outlet } from 'react-router'
import { findApplication } from '#app/data/applications.server.ts'
import * as texts from '#app/texts/line-up.ts'
import { RouteError } from '#app/ui/RouteError.tsx'
import type { Route } from './+types/engine-layout'
import { found } from './http.server.ts'

/** An engine, for pages that show nothing of its line-up: what is judged of it does not come with them. */
export async function loader({ params }: Route.LoaderArgs) {
  const { id, name } = found(await findApplication(params.application), texts.thisLineUp)
  return { application: { id, name } }
}

export default function EngineLayout() {
  return <Outlet />
}

export const ErrorBoundary = ({ error }: Route.ErrorBoundaryProps) => <RouteError error={error} />
